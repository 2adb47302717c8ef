import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Fragment, useState } from 'react';
import { Link, useParams } from 'react-router';
import { api, got, type Schemas } from '../api/client';
import { keys, server } from '../api/queries';
import { useFormat, useMoments } from '../measure/settings';
import { Waiting } from '../parts/Notice';
import { MarkPicture } from '../run/MarkPicture';
import { OutcomeWord } from '../run/outcome';
import { useRunView } from '../run/useRun';
import { Diagnoses } from './Diagnoses';

const OFF = { shorter: '▼ ', longer: '▲ ' } as const;

type Detail = Schemas['LogDetail'];

/** One piece: how it came out, why, what was planned, what was really done, and how it has lasted. */
export function LogPage() {
  const { id = '' } = useParams();
  const detail = useQuery(server.log(id));
  const catalogue = useQuery(server.catalogue());
  const run = useRunView(detail.data?.entry.run ?? undefined);
  const format = useFormat();
  const moments = useMoments();
  if (detail.data === undefined) {
    return <Waiting error={detail.error} />;
  }
  const { entry, times, skipped } = detail.data;
  const plan = run.data?.plan;
  const title = (step: string) => {
    const found = plan?.steps.find((s) => s.id === step)?.title;
    return found === undefined ? step : format.phrase(found);
  };
  const picture = plan?.transfers[0]?.artwork;
  const defect = (of: string) => catalogue.data?.defects.find((one) => one.id === of)?.label ?? '…';
  const placed = entry.marks
    .filter((mark) => mark.x !== null)
    .map((mark) => ({ x: mark.x ?? 0, y: mark.y ?? 0, label: defect(mark.defect) }));
  return (
    <div className="mx-auto max-w-5xl px-6 py-6">
      <p className="text-soft">
        <Link to="/logbook" className="link">
          Logbook
        </Link>{' '}
        · {moments.at(entry.at)} · {entry.blank}
        {entry.run !== null && (
          <>
            {' · '}
            <Link to={`/jobs/${entry.job}`} className="link">
              its job
            </Link>
          </>
        )}
      </p>
      <h1 className="mt-1 text-3xl">
        {entry.name}, piece {entry.piece}
      </h1>
      <p className="mt-2 text-xl">
        <OutcomeWord outcome={entry.outcome} />
        {entry.defects.length > 0 && ` · ${entry.defects.join(', ')}`}
      </p>
      {entry.note !== '' && <p className="mt-1 text-lg">“{entry.note}”</p>}
      <div className="mt-4 flex flex-wrap items-start gap-6">
        {picture != null && (
          <figure>
            <MarkPicture src={`/api/artwork/${picture}/preview`} marks={placed} />
            <figcaption className="text-sm text-soft">
              {placed.length === 0
                ? 'Nothing is marked on it.'
                : placed.map((mark, n) => `${n + 1} ${mark.label}`).join(', ')}
            </figcaption>
          </figure>
        )}
        {(
          [
            [entry.photo_before, 'before'],
            [entry.photo, 'after'],
          ] as const
        ).map(
          ([photo, when]) =>
            photo !== null && (
              <figure key={when}>
                <img
                  src={`/api/photos/${photo}`}
                  alt={when === 'after' ? 'The finished piece' : 'The piece before'}
                  className="max-h-72"
                />
                <figcaption className="text-sm text-soft">{when}</figcaption>
              </figure>
            ),
        )}
      </div>
      {detail.data.diagnoses.length > 0 && (
        <section aria-label="Causes" className="mt-6">
          <h2 className="border-b border-ink pb-1 text-xl">Most likely cause</h2>
          <Diagnoses list={detail.data.diagnoses} />
        </section>
      )}
      <div className="mt-6 grid gap-8 md:grid-cols-[1fr_1fr]">
        <section aria-label="Clocks">
          <h2 className="border-b border-ink pb-1 text-xl">Planned, and done</h2>
          <table className="w-full">
            <thead className="text-left text-soft">
              <tr>
                <th className="py-1 font-normal">Step</th>
                <th className="text-right font-normal">planned</th>
                <th className="text-right font-normal">done</th>
              </tr>
            </thead>
            <tbody>
              {times.map((t) => (
                <tr key={t.step} className="border-t border-rule">
                  <td className="py-1 pr-2">{title(t.step)}</td>
                  <td className="text-right whitespace-nowrap">{format.duration(t.planned)}</td>
                  <td className={`pl-3 text-right whitespace-nowrap ${t.off === null ? '' : 'font-bold text-hot'}`}>
                    {t.taken === null ? '–' : `${t.off === null ? '' : OFF[t.off]}${format.duration(t.taken)}`}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
          <ul className="mt-2 text-soft">
            {detail.data.peeks > 0 && <li>Looked under a corner {detail.data.peeks} times.</li>}
            {detail.data.again_s > 0 && <li>Heated on {format.duration(detail.data.again_s)}.</li>}
            {detail.data.press_c !== null && <li>Highest on the press: {format.temperature(detail.data.press_c)}.</li>}
            {detail.data.probe_c !== null && <li>Highest on the probe: {format.temperature(detail.data.probe_c)}.</li>}
            {skipped.map((one) => (
              <li key={one.step}>
                Left out: {title(one.step)} “{one.reason}”
              </li>
            ))}
          </ul>
          <Lasting detail={detail.data} />
        </section>
        {plan !== undefined && (
          <section aria-label="Plan">
            <h2 className="border-b border-ink pb-1 text-xl">Planned as (plan {plan.id})</h2>
            <dl>
              {plan.transfers.map((transfer) => (
                <Fragment key={transfer.name}>
                  {plan.transfers.length > 1 && <div className="pt-3 font-bold">{transfer.name}</div>}
                  {transfer.decisions.map((d) => (
                    <div key={d.id} className="grid grid-cols-[7rem_1fr] border-b border-rule py-1">
                      <dt className="text-soft">{d.what}</dt>
                      <dd>{format.phrase(d.value)}</dd>
                    </div>
                  ))}
                </Fragment>
              ))}
            </dl>
          </section>
        )}
      </div>
    </div>
  );
}

/** Later looks at the piece: washed so often, still good or gone. */
function Lasting({ detail }: { detail: Detail }) {
  const { entry, later } = detail;
  const queries = useQueryClient();
  const moments = useMoments();
  const [washes, setWashes] = useState('');
  const [note, setNote] = useState('');
  const add = useMutation({
    mutationFn: (good: boolean) =>
      got(
        api.POST('/api/logbook/{id}/later', {
          params: { path: { id: entry.id } },
          body: { washes: Number.parseInt(washes, 10), good, note },
        }),
      ),
    onSuccess: (view) => {
      queries.setQueryData(keys.log(String(entry.id)), view);
      queries.invalidateQueries({ queryKey: keys.logbook });
      setWashes('');
      setNote('');
    },
  });
  return (
    <section aria-label="How it lasts" className="mt-6">
      <h2 className="border-b border-ink pb-1 text-xl">How it lasts</h2>
      {later.length === 0 && (
        <p className="mt-1 text-soft">
          Nobody has looked at it again yet.
          {entry.ask_on != null && ` Ask how it lasts on ${moments.day(entry.ask_on)}.`}
        </p>
      )}
      <ul>
        {later.map((one) => (
          <li key={one.id} className="border-b border-rule py-1">
            Washed {one.washes} times:{' '}
            {one.good ? <b className="text-done">✓ still good</b> : <b className="text-hot">✕ gone</b>}
            {one.note !== '' && ` “${one.note}”`} <span className="text-soft">{moments.at(one.at)}</span>
          </li>
        ))}
      </ul>
      {!entry.failed && (
        <div className="mt-3 flex flex-wrap items-end gap-3">
          <label>
            <span className="block text-sm text-soft">Washes so far</span>
            <input
              className="field w-24"
              inputMode="numeric"
              value={washes}
              onChange={(e) => setWashes(e.target.value)}
              aria-invalid={add.error !== null}
            />
          </label>
          <label className="grow">
            <span className="block text-sm text-soft">Note</span>
            <input className="field" value={note} maxLength={4000} onChange={(e) => setNote(e.target.value)} />
          </label>
          <button type="button" className="key" disabled={!/^\d+$/.test(washes)} onClick={() => add.mutate(true)}>
            Still good
          </button>
          <button type="button" className="key" disabled={!/^\d+$/.test(washes)} onClick={() => add.mutate(false)}>
            Cracked or gone
          </button>
        </div>
      )}
      {add.error !== null && (
        <p role="alert" className="mt-1 font-semibold text-hot">
          {add.error.message}
        </p>
      )}
    </section>
  );
}
