import { useQuery, useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useRef, useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { api, got, type ProblemError, problemOf } from '../api/client';
import { keys, server } from '../api/queries';
import { PicturePicker } from '../artwork/PicturePicker';
import { SelectField, TextField } from '../measure/Field';
import { Notice, Waiting } from '../parts/Notice';

export function NewJob() {
  const catalogue = useQuery(server.catalogue());
  const navigate = useNavigate();
  const queries = useQueryClient();
  // One id for this form, however often its button is pressed.
  const id = useRef(crypto.randomUUID());
  // A picture that the shop has already, when the page was opened with one.
  const [search] = useSearchParams();
  const known = useQuery({ ...server.pictures(), enabled: search.has('picture') });
  const given = known.data?.find(({ picture }) => picture.sha256 === search.get('picture'))?.picture;
  const [picked, setArtwork] = useState<{ sha256: string; name: string; note?: string | null }>();
  const artwork = picked ?? given;
  const [problem, setProblem] = useState<ProblemError>();
  const [busy, setBusy] = useState(false);
  const [reading, setReading] = useState(false);
  const [kindId, setKindId] = useState('shirt');
  if (catalogue.data === undefined) {
    return <Waiting error={catalogue.error} />;
  }
  const { blanks, colours } = catalogue.data;
  const kind = blanks.find((b) => b.id === kindId) ?? blanks[0];
  const errors = problem?.errors ?? {};

  async function make(e: FormEvent<HTMLFormElement>) {
    e.preventDefault();
    setBusy(true);
    const { name = '', ...changes } = Object.fromEntries(
      [...new FormData(e.currentTarget)].flatMap(([field, value]) =>
        typeof value === 'string' ? [[field, value]] : [],
      ),
    ) as Record<string, string>;
    try {
      const view = await got(
        api.POST('/api/jobs', {
          body: { id: id.current, name, changes: { ...changes, ...(artwork && { artwork: artwork.sha256 }) } },
        }),
      );
      queries.setQueryData(keys.job(view.job.id), view);
      // A shirt has its usual route; for anything else the routes are shown first.
      navigate(`/jobs/${view.job.id}${view.plan.ready || kindId === 'shirt' ? '' : '/routes'}`, { replace: true });
    } catch (e) {
      setProblem(problemOf(e));
      setBusy(false);
    }
  }

  return (
    <form onSubmit={make} className="mx-auto max-w-4xl px-6 py-6" noValidate>
      <h1 className="text-3xl">New job</h1>
      <p className="mt-1 text-soft">Say what you want to make, and on what. You can change everything later.</p>
      {problem !== undefined && Object.keys(errors).length === 0 && <Notice tone="hot">{problem.message}</Notice>}
      <div className="mt-5 grid grid-cols-[2fr_1fr_1fr] gap-4 border-t border-ink pt-4">
        <TextField
          label="What is it called?"
          name="name"
          error={errors.name}
          placeholder="Picking-crew shirts"
          autoFocus
        />
        <TextField label="How many?" name="quantity" error={errors.quantity} defaultValue="1" inputMode="numeric" />
        <TextField label="By when? (can stay empty)" name="due" error={errors.due} type="date" />
      </div>
      <div className="mt-6 grid grid-cols-[1.3fr_1.3fr_1fr_1.3fr_1.3fr] gap-4 border-t border-rule pt-4">
        <SelectField
          label="On what?"
          name="kind"
          options={blanks}
          value={kindId}
          onChange={(e) => setKindId(e.target.value)}
          error={errors.kind}
        />
        <SelectField key={`size ${kindId}`} label="Size" name="size" options={kind?.sizes ?? []} error={errors.size} />
        <SelectField label="Colour" name="colour" options={colours} error={errors.colour} />
        <SelectField
          key={`material ${kindId}`}
          label="Made of"
          name="material"
          options={kind?.materials ?? []}
          error={errors.material}
        />
        <SelectField
          key={`condition ${kindId}`}
          label="State"
          name="condition"
          options={kind?.conditions ?? []}
          error={errors.condition}
        />
      </div>
      <div className="mt-6 border-t border-rule pt-4">
        <PicturePicker current={artwork?.name} note={artwork?.note} onPicked={setArtwork} onReading={setReading} />
      </div>
      <button type="submit" className="key-main mt-7 text-lg" disabled={busy || reading}>
        {reading ? 'Reading the picture …' : 'Make the job'}
      </button>
    </form>
  );
}
