import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { partOf, type Schemas } from '../api/client';
import { server } from '../api/queries';
import { useJob } from '../job/useJob';
import { SelectField } from '../measure/Field';
import { useFormat } from '../measure/settings';
import { Notice, Waiting } from '../parts/Notice';
import { Compare } from './Compare';

export type RouteAdvice = Schemas['advice.schema']['advice'][number];

const STANDING = {
  works: ['Routes that work with what you have', 'text-done', '✓'],
  change: ['Routes that work after a change to the job', 'text-wait', '◆'],
  buy: ['Routes for which you need to buy something', 'text-wait', '◆'],
  cannot: ['Routes that cannot work here', 'text-hot', '✕'],
} as const;

/** Points as strokes to count, and the sum in figures: nothing is ranked by a number that is not shown. */
function Points({ advice }: { advice: RouteAdvice }) {
  return (
    <span className="whitespace-nowrap">
      <b>{advice.points}</b> of {advice.most}
    </span>
  );
}

function Line({
  advice,
  labels,
  compared,
  onCompare,
  onTake,
}: {
  advice: RouteAdvice;
  labels: Map<string, string>;
  compared: boolean;
  onCompare: () => void;
  onTake: () => void;
}) {
  const format = useFormat();
  const [, tone, sign] = STANDING[advice.standing];
  return (
    <li className="grid grid-cols-[1.4rem_1fr_auto] items-start gap-x-2 border-t border-rule py-2.5">
      <span className={tone} aria-hidden>
        {sign}
      </span>
      <div>
        <b className="text-lg">{advice.label}</b>{' '}
        {advice.missing.length > 0 && (
          <span className="font-semibold text-wait">needs {advice.missing.join(' and ')}</span>
        )}
        {advice.standing !== 'cannot' && (
          <p className="text-sm text-soft">{advice.criteria.map((c) => format.phrase(c.words)).join(' · ')}</p>
        )}
        <ul className="text-sm">
          {advice.for.map((reason) => (
            <li key={format.phrase(reason)}>
              <span className="text-done">+</span> {format.phrase(reason)}
            </li>
          ))}
          {advice.against.map((reason) => (
            <li key={format.phrase(reason)}>
              <span className="text-hot">−</span> {format.phrase(reason)}
            </li>
          ))}
        </ul>
        {advice.instead !== null && (
          <p className="text-sm text-soft">Nearest route that works: {labels.get(advice.instead)}.</p>
        )}
      </div>
      <div className="flex flex-col items-end gap-1.5">
        {advice.standing !== 'cannot' && (
          <>
            <Points advice={advice} />
            <button type="button" className={advice.standing === 'works' ? 'key-main' : 'key'} onClick={onTake}>
              Use this route
            </button>
          </>
        )}
        <label className="flex items-center gap-2 text-sm">
          <input type="checkbox" className="size-4 accent-ink" checked={compared} onChange={onCompare} />
          compare
        </label>
      </div>
    </li>
  );
}

/** Which way this job can go: all routes with their reasons, and two of them side by side on request. */
export function AdvicePage() {
  const { id = '' } = useParams();
  const [wish, setWish] = useSearchParams();
  const navigate = useNavigate();
  const at = Math.max(0, Number(wish.get('picture') ?? 1) - 1) || 0;
  const handle = useJob(id, at);
  const [compared, setCompared] = useState<string[]>([]);
  const [trouble, setTrouble] = useState<string>();
  // What the job is for is asked once, here or on its ticket.
  const use = wish.get('use') ?? handle.view?.job.use ?? '';
  const look = wish.get('look') ?? '';
  const catalogue = useQuery(server.catalogue());
  const advice = useQuery({ ...server.advice(id, at, use, look), placeholderData: (before) => before });
  if (handle.view === undefined || advice.data === undefined || catalogue.data === undefined) {
    return <Waiting error={handle.error ?? advice.error ?? catalogue.error} />;
  }
  const routes = advice.data.advice;
  const labels = new Map(routes.map((r) => [r.route, r.label]));
  const { job, whole, transfer, plan } = partOf(handle.view, at);
  const back = `/jobs/${id}${at === 0 ? '' : `?picture=${at + 1}`}`;

  async function take(changes: Record<string, string>) {
    const errors = await handle.change({ ...changes, use });
    const wrong = Object.values(errors)[0];
    if (wrong === undefined) {
      navigate(back);
    } else {
      setTrouble(wrong);
    }
  }
  const toggle = (route: string) =>
    setCompared((two) => (two.includes(route) ? two.filter((r) => r !== route) : [...two.slice(-1), route]));
  const wished = (name: 'use' | 'look', value: string) => {
    const next = new URLSearchParams(wish);
    next.set(name, value);
    setWish(next, { replace: true });
  };
  const [one, other] = compared.map((route) => routes.find((r) => r.route === route));

  return (
    <div className="mx-auto max-w-5xl px-6 py-6">
      <p className="text-soft">
        <Link to={back} className="link">
          {job.name}
        </Link>
      </p>
      <h1 className="text-3xl">Choose a route</h1>
      <p className="text-soft">
        For this {whole.piece}
        {whole.transfers.length > 1 && `, ${plan.name.toLowerCase()}`}
        {transfer.artwork !== null && ` and ${transfer.artwork.name}`}, with what is on your shelf.
      </p>
      <div className="fields mt-3 max-w-xl grid-cols-2 gap-x-4">
        <SelectField
          label="How will it be used?"
          options={[{ id: '', label: 'not chosen' }, ...catalogue.data.uses]}
          value={use}
          onChange={(e) => wished('use', e.target.value)}
        />
        <SelectField
          label="How should it look?"
          options={[{ id: '', label: 'not chosen' }, ...catalogue.data.looks]}
          value={look}
          onChange={(e) => wished('look', e.target.value)}
        />
      </div>
      {trouble !== undefined && <Notice tone="hot">{trouble}</Notice>}
      {one !== undefined && other !== undefined && <Compare one={one} other={other} />}
      {compared.length === 1 && (
        <p role="status" className="mt-3 text-soft">
          Tick “compare” on a second route to see the two side by side.
        </p>
      )}
      {(['works', 'change', 'buy', 'cannot'] as const).map((standing) => {
        const some = routes.filter((r) => r.standing === standing);
        return (
          some.length > 0 && (
            <section key={standing} className="mt-5" aria-label={STANDING[standing][0]}>
              <h2 className="border-b border-ink pb-1 text-xl">{STANDING[standing][0]}</h2>
              <ul>
                {some.map((r) => (
                  <Line
                    key={r.route}
                    advice={r}
                    labels={labels}
                    compared={compared.includes(r.route)}
                    onCompare={() => toggle(r.route)}
                    onTake={() => take(r.changes)}
                  />
                ))}
              </ul>
            </section>
          )
        );
      })}
      <p className="mt-6 text-sm text-soft">
        Routes with more points come first. A route gets up to three points each for how it suits the piece, how long it
        lasts, look, cost, work, and your own pieces. Tick two routes to see all points.
      </p>
    </div>
  );
}
