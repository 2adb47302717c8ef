import { type FormEvent, useRef, useState } from 'react';
import { api, got, type ProblemError, problemOf, type Schemas } from '../api/client';
import { SelectField, TextField } from '../measure/Field';
import { useFormat } from '../measure/settings';
import type { Kind } from './ThingList';

/** Makes a copy of something that Wubbin knows: it behaves as that one, but has its own name and measures. */
export function CopyForm({
  kind,
  like,
  onDone,
}: {
  kind: Kind;
  like: Schemas['Option'];
  onDone: (made: boolean) => void;
}) {
  const format = useFormat();
  const id = useRef(crypto.randomUUID());
  const [problem, setProblem] = useState<ProblemError>();
  const errors = problem?.errors ?? {};

  async function copy(e: FormEvent<HTMLFormElement>) {
    e.preventDefault();
    const { label = '', ...typed } = Object.fromEntries(
      [...new FormData(e.currentTarget)].map(([name, value]) => [name, String(value)]),
    );
    try {
      await got(api.POST('/api/shelf/own', { body: { kind, id: id.current, like: like.id, label, typed } }));
      onDone(true);
    } catch (e) {
      setProblem(problemOf(e));
    }
  }

  return (
    <form onSubmit={copy} className="fields mb-3 grid-cols-2 gap-2 bg-shade p-3" noValidate>
      <p className="col-span-2 text-sm">A copy behaves as “{like.label}”, but has its own name and measures.</p>
      <TextField label="Your name for it" name="label" error={errors.label} autoFocus />
      {kind === 'markings' ? (
        <TextField label="White margin" name="margin" placeholder={format.length(5)} error={errors.margin} />
      ) : (
        <TextField label="Thickness" name="thickness" placeholder={format.length(0.2)} error={errors.thickness} />
      )}
      {kind === 'media' && (
        <>
          <SelectField
            label="Sheet size"
            name="paper"
            options={[
              { id: 'a4', label: 'A4' },
              { id: 'a5', label: 'A5' },
              { id: 'a6', label: 'A6' },
              { id: 'letter', label: 'Letter' },
              { id: 'a3', label: 'A3' },
              { id: 'tabloid', label: '11 × 17 in' },
              { id: 'supertabloid', label: '13 × 19 in' },
            ]}
            error={errors.paper}
          />
          <TextField label="Print side" name="print_side" placeholder="the matte side" error={errors.print_side} />
          <label className="col-span-2 flex items-center gap-2 text-sm">
            <input type="checkbox" name="one_way" value="yes" className="size-4 accent-ink" />
            It has a grain, so pieces are not turned on it
          </label>
        </>
      )}
      {problem !== undefined && Object.keys(errors).length === 0 && (
        <p role="alert" className="col-span-2 text-hot">
          {problem.message}
        </p>
      )}
      <p className="col-span-2 flex gap-3">
        <button type="submit" className="key-main">
          Put it on the shelf
        </button>
        <button type="button" className="key" onClick={() => onDone(false)}>
          Not now
        </button>
      </p>
    </form>
  );
}
