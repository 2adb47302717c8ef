import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, done, got, type ProblemError, type Schemas, type Task } from '../api/client';
import { Notice, Waiting } from '../app/Notice';
import { useFormat } from '../measure/settings';
import { type Day, DayStrip } from './DayStrip';

const WEEK = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'];

/** Why one thing waits for another, in words. */
function because(kind: string): string {
  if (kind === 'after') {
    return 'comes after it';
  }
  return kind === 'hands' ? 'waits for hands' : `waits for the ${kind.replace(/^(machine|place) /, '')}`;
}

/** What to do when, for all jobs that are due. */
export function DayPage() {
  const queries = useQueryClient();
  const plan = useQuery({ queryKey: ['day'], queryFn: () => got(api.GET('/api/day')), staleTime: 0 });
  const [task, setTask] = useState<Task>();
  const [problem, setProblem] = useState<string>();
  const [chosen, setChosen] = useState<string>();
  const set = (day: Day) => queries.setQueryData(['day'], day);
  const seen = useMutation({ mutationFn: () => got(api.POST('/api/day/seen')), onSuccess: set });
  const anew = useMutation({ mutationFn: () => got(api.DELETE('/api/day')), onSuccess: set });
  if (plan.data === undefined) {
    return <Waiting error={plan.error} />;
  }
  const day = plan.data;
  async function better() {
    setProblem(undefined);
    try {
      await done(
        api.POST('/api/day/better') as Promise<{ data?: { tries: number } | Task; response: Response }>,
        setTask,
      );
      await queries.refetchQueries({ queryKey: ['day'] });
    } catch (e) {
      setProblem((e as ProblemError).message);
    }
    setTask(undefined);
  }
  const names = new Map(day.jobs.map((job) => [job.id, job.name]));
  const date = new Intl.DateTimeFormat('en-GB', {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    timeZone: day.zone,
  });
  const time = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit', timeZone: day.zone });
  const at = (t: number) => `${date.format(t * 1000)}, ${time.format(t * 1000)}`;
  const busy = day.stretches.filter(([from = 0, to = 0]) =>
    day.blocks.some((block) => block.kind === 'hands' && block.start < to && block.end > from),
  );
  const days = [...new Set(busy.map(([from = 0]) => date.format(from * 1000)))];
  const today = chosen !== undefined && days.includes(chosen) ? chosen : days[0];
  const stretches = day.stretches.filter(([from = 0]) => date.format(from * 1000) === today);
  const from = Math.min(...stretches.map(([begin = 0]) => begin)) - 1800;
  const to = Math.max(...stretches.map(([, end = 0]) => end)) + 3600;
  const handsLanes = day.lanes.filter((lane) => lane.kind === 'hands');
  return (
    <div className="mx-auto max-w-6xl px-6 py-6">
      <div className="flex flex-wrap items-baseline gap-4">
        <h1 className="mr-auto text-3xl">The day</h1>
        {day.why === null && day.blocks.length > 0 && (
          <>
            {task === undefined ? (
              <button type="button" className="key" onClick={better}>
                Look for a better one
              </button>
            ) : (
              <span aria-live="polite">
                {task.doing}{' '}
                <button
                  type="button"
                  className="link"
                  onClick={() => api.POST('/api/tasks/{id}/enough', { params: { path: { id: task.id } } })}
                >
                  That is good enough
                </button>
              </span>
            )}
            <button type="button" className="key" onClick={() => anew.mutate()}>
              Plan it anew
            </button>
            <a className="key" href="/api/day.ics" download>
              Calendar
            </a>
            <button type="button" className="key" onClick={() => window.print()}>
              Print
            </button>
          </>
        )}
      </div>
      {problem !== undefined && <Notice tone="hot">{problem}</Notice>}
      {day.why !== null ? (
        <Notice tone="hot">
          <b>It cannot be planned.</b> {day.why}
        </Notice>
      ) : day.blocks.length === 0 ? (
        <p className="mt-4 text-lg">
          Nothing is due. Give a{' '}
          <Link to="/" className="link">
            job
          </Link>{' '}
          a day, and it is planned here.
        </p>
      ) : (
        <>
          {day.moved.length > 0 && (
            <Notice tone="wait">
              <b>Something has changed since you last saw this plan.</b> Moved: {day.moved.join(', ')}.{' '}
              <button type="button" className="key ml-2" onClick={() => seen.mutate()}>
                Go by this one
              </button>
            </Notice>
          )}
          <p className="mt-3 text-lg">
            All {day.jobs.length} jobs are done by <b>{at(day.finish)}</b>.{' '}
            {day.late.length === 0 ? (
              <b className="text-done">✓ Nothing is late.</b>
            ) : (
              <b className="text-hot">✕ Late: {day.late.join(', ')}.</b>
            )}
            {day.later.length > 0 && <span className="text-soft"> Left for later: {day.later.join(', ')}.</span>}
          </p>
          <nav aria-label="Days" className="mt-3 flex flex-wrap gap-2">
            {days.map((one) => (
              <button
                key={one}
                type="button"
                aria-pressed={one === today}
                className={`key ${one === today ? 'key-on' : ''}`}
                onClick={() => setChosen(one)}
              >
                {one}
              </button>
            ))}
          </nav>
          <section aria-label="The strip" className="mt-3">
            <DayStrip day={day} from={from} to={to} names={names} />
            <p className="text-sm text-soft">
              Grey: working hours. Black: hands. Red: heat, with its temperature. Hatched: waiting. Hover for what it
              is.
            </p>
          </section>
          <div className="mt-5 grid gap-8 md:grid-cols-2">
            <section aria-label="Hands, in order">
              <h2 className="border-b border-ink pb-1 text-xl">{today}, in order</h2>
              {handsLanes.map((lane) => (
                <ol key={lane.n}>
                  {day.blocks
                    .filter(
                      (block) =>
                        block.kind === 'hands' && block.lane === lane.n && block.end > from && block.start < to,
                    )
                    .map((block) => (
                      <li key={`${block.job} ${block.start}`} className="flex gap-3 border-b border-rule py-1">
                        <span className="w-28 shrink-0 whitespace-nowrap text-soft">
                          {time.format(block.start * 1000)} to {time.format(block.end * 1000)}
                        </span>
                        <span>
                          <Link to={`/jobs/${block.job}`} className="font-bold hover:underline">
                            {names.get(block.job)}
                          </Link>
                          <span className="block text-sm text-soft">{block.labels.join(', ')}</span>
                        </span>
                      </li>
                    ))}
                </ol>
              ))}
            </section>
            <div>
              <section aria-label="Jobs">
                <h2 className="border-b border-ink pb-1 text-xl">When each is done</h2>
                {[...day.jobs]
                  .sort((a, b) => a.end - b.end)
                  .map((job) => (
                    <p key={job.id} className="flex gap-3 border-b border-rule py-1">
                      <b className="grow">{job.name}</b>
                      <span>{at(job.end)}</span>
                      <Late job={job} />
                    </p>
                  ))}
              </section>
              <section aria-label="Why" className="mt-6">
                <h2 className="border-b border-ink pb-1 text-xl">What decides the finish</h2>
                <ol>
                  {links(day.chain).map((link, n) => (
                    // biome-ignore lint/suspicious/noArrayIndexKey: a chain is never reordered
                    <li key={n} className="border-b border-rule py-1">
                      <b>{link.job}</b> <span className="text-soft">{link.label}</span>
                      {n > 0 && <span className="text-sm text-soft"> · {because(link.because)}</span>}
                    </li>
                  ))}
                </ol>
              </section>
            </div>
          </div>
        </>
      )}
      <Hours key={JSON.stringify(day.hours)} hours={day.hours} onKept={set} />
    </div>
  );
}

/** The chain, one line for each job that it goes through at a time. */
function links(chain: Day['chain']): Day['chain'] {
  const short: Day['chain'] = [];
  for (const link of chain) {
    const last = short.at(-1);
    if (last !== undefined && last.job === link.job) {
      last.label = last.label.includes(link.label) ? last.label : `${last.label}, ${link.label}`;
    } else {
      short.push({ ...link });
    }
  }
  return short;
}

function Late({ job }: { job: Day['jobs'][number] }) {
  const format = useFormat();
  return job.late_s > 0 ? (
    <b className="w-32 text-right text-hot">✕ {format.duration(job.late_s)} late</b>
  ) : (
    <span className="w-32 text-right text-done">✓ in time</span>
  );
}

function Hours({ hours, onKept }: { hours: Schemas['WorkHours']; onKept: (day: Day) => void }) {
  const [typed, setTyped] = useState({
    hands: String(hours.hands),
    week: hours.week,
    off: hours.off.join(' '),
    rack: String(hours.rack),
    shelf: String(hours.shelf),
  });
  const keep = useMutation({
    mutationFn: () =>
      got(
        api.PUT('/api/day/hours', {
          body: {
            hands: Number.parseInt(typed.hands, 10) || 0,
            week: typed.week,
            off: typed.off.split(/\s+/).filter((one) => one !== ''),
            rack: Number.parseInt(typed.rack, 10) || 0,
            shelf: Number.parseInt(typed.shelf, 10) || 0,
          },
        }),
      ),
    onSuccess: onKept,
  });
  const errors = (keep.error as ProblemError | null)?.errors ?? {};
  const told = (field: string) =>
    errors[field] !== undefined && (
      <span role="alert" className="block text-sm text-hot">
        {errors[field]}
      </span>
    );
  return (
    <details className="mt-8 border-t border-rule pt-3 print:hidden">
      <summary className="link">Working hours, hands and room</summary>
      <form
        className="mt-3 grid max-w-3xl gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          keep.mutate();
        }}
      >
        {WEEK.map((name, n) => (
          <label key={name} className="grid grid-cols-[8rem_1fr] items-center gap-3">
            <span>{name}</span>
            <span>
              <input
                className="field"
                value={typed.week[n] ?? ''}
                placeholder="no work"
                aria-invalid={errors[`week.${n}`] !== undefined}
                onChange={(e) =>
                  setTyped({ ...typed, week: typed.week.map((one, i) => (i === n ? e.target.value : one)) })
                }
              />
              {told(`week.${n}`)}
            </span>
          </label>
        ))}
        {told('week')}
        {(
          [
            ['off', 'Days off'],
            ['hands', 'Pairs of hands'],
            ['rack', 'Room on the drying rack'],
            ['shelf', 'Room on the cooling shelf'],
          ] as const
        ).map(([field, label]) => (
          <label key={field} className="grid grid-cols-[8rem_1fr] items-center gap-3">
            <span>{label}</span>
            <span>
              <input
                className="field"
                value={typed[field]}
                placeholder={field === 'off' ? '2026-12-24 2026-12-25' : ''}
                aria-invalid={errors[field] !== undefined}
                onChange={(e) => setTyped({ ...typed, [field]: e.target.value })}
              />
              {told(field)}
            </span>
          </label>
        ))}
        <div>
          <button type="submit" className="key key-on" disabled={keep.isPending}>
            Plan by these
          </button>
        </div>
      </form>
    </details>
  );
}
