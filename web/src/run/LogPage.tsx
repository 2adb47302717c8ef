import { useQuery } from '@tanstack/react-query';
import { Fragment } from 'react';
import { Link, useParams } from 'react-router';
import { api, got } from '../api/client';
import { Waiting } from '../app/Notice';
import { useFormat, useMoments } from '../measure/settings';
import { OutcomeWord } from './outcome';

const OFF = { shorter: '▼ ', longer: '▲ ' } as const;

/** One piece: how it came out, what was planned, and how long each clock really ran. */
export function LogPage() {
  const { id = '' } = useParams();
  const detail = useQuery({
    queryKey: ['log', id],
    queryFn: () => got(api.GET('/api/logbook/{id}', { params: { path: { id: Number(id) } } })),
  });
  const format = useFormat();
  const moments = useMoments();
  if (detail.data === undefined) {
    return <Waiting error={detail.error} />;
  }
  const { entry, plan, times } = detail.data;
  const timed = times.filter((t) => plan.steps.find((s) => s.id === t.step)?.timed);
  return (
    <div className="mx-auto max-w-5xl px-6 py-6">
      <p className="text-soft">
        <Link to="/logbook" className="link">
          Logbook
        </Link>{' '}
        · {moments.at(entry.at)}
      </p>
      <h1 className="mt-1 text-3xl">
        {entry.name}, piece {entry.piece}
      </h1>
      <p className="mt-2 text-xl">
        <OutcomeWord outcome={entry.outcome} />
        {entry.defects.length > 0 && ` · ${entry.defects.join(', ')}`}
      </p>
      {entry.note !== '' && <p className="mt-1 text-lg">“{entry.note}”</p>}
      <div className="mt-6 grid gap-8 md:grid-cols-[1fr_1fr]">
        <section aria-label="Clocks">
          <h2 className="border-b border-ink pb-1 text-xl">What the clock says</h2>
          <table className="w-full">
            <thead className="text-left text-soft">
              <tr>
                <th className="py-1 font-normal">Step</th>
                <th className="text-right font-normal">planned</th>
                <th className="text-right font-normal">done</th>
              </tr>
            </thead>
            <tbody>
              {timed.map((t) => {
                const title = plan.steps.find((s) => s.id === t.step)?.title;
                return (
                  <tr key={t.step} className="border-t border-rule">
                    <td className="py-1 pr-2">{title !== undefined && format.phrase(title)}</td>
                    <td className="text-right whitespace-nowrap">{format.duration(t.planned)}</td>
                    <td className={`pl-3 text-right whitespace-nowrap ${t.off === null ? '' : 'font-bold text-hot'}`}>
                      {t.taken === null ? 'not done' : `${t.off === null ? '' : OFF[t.off]}${format.duration(t.taken)}`}
                    </td>
                  </tr>
                );
              })}
            </tbody>
          </table>
        </section>
        <section aria-label="Plan">
          <h2 className="border-b border-ink pb-1 text-xl">Planned as (plan {entry.plan})</h2>
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
      </div>
      {entry.photo !== null && (
        <img src={`/api/photos/${entry.photo}`} alt="The finished piece" className="mt-6 max-h-96" />
      )}
    </div>
  );
}
