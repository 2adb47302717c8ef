import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, done, got, problemOf, type Task } from '../api/client';
import { keys, server } from '../api/queries';
import { useFormat } from '../measure/settings';
import { Notice, Waiting } from '../parts/Notice';
import { BlockCard } from './BlockCard';
import { CanWe } from './CanWe';
import { colourOf } from './colours';
import { type Block, type Day, DayStrip } from './DayStrip';
import { HandsList } from './HandsList';
import { Month } from './Month';
import { Outlook } from './Outlook';
import { PinCost } from './PinCost';
import { WorkHours } from './WorkHours';

const WHOLE = 'whole';
const DAY_S = 86_400;

/** What to do when, for all jobs that are due. */
export function DayPage() {
  const queries = useQueryClient();
  const plan = useQuery(server.day());
  const [task, setTask] = useState<Task>();
  const [problem, setProblem] = useState<string>();
  const [chosen, setChosen] = useState<string>();
  const [byJob, setByJob] = useState(false);
  const [block, setBlock] = useState<Block>();
  const [held, setHeld] = useState<number>();
  const set = (day: Day) => {
    queries.setQueryData(keys.day, day);
    queries.invalidateQueries({ queryKey: keys.outlook });
  };
  const seen = useMutation({ mutationFn: () => got(api.POST('/api/day/seen')), onSuccess: set });
  const anew = useMutation({ mutationFn: () => got(api.DELETE('/api/day')), onSuccess: set });
  const pin = useMutation({
    mutationFn: (body: { activity: string; day: string; time: string }) => got(api.PUT('/api/day/pins', { body })),
    onSuccess: (planned) => {
      set(planned);
      setBlock(undefined);
    },
    onError: (e) => setProblem(problemOf(e).message),
    onSettled: () => setHeld(undefined),
  });
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
      await queries.refetchQueries({ queryKey: keys.day });
      await queries.invalidateQueries({ queryKey: keys.outlook });
    } catch (e) {
      setProblem(problemOf(e).message);
    }
    setTask(undefined);
  }
  async function papers() {
    setProblem(undefined);
    try {
      await done(
        api.POST('/api/day/papers') as Promise<{ data?: { jobs: number } | Task; response: Response }>,
        setTask,
      );
      location.assign('/api/day/papers.pdf');
    } catch (e) {
      setProblem(problemOf(e).message);
    }
    setTask(undefined);
  }
  const names = new Map(day.jobs.map((job) => [job.id, job.name]));
  const looks = day.jobs.map((job, n) => ({ id: job.id, name: job.name, number: n + 1 }));
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
  const whole = chosen === WHOLE;
  const today = chosen !== undefined && days.includes(chosen) ? chosen : days[0];
  const stretches = day.stretches.filter(([from = 0]) => date.format(from * 1000) === today);
  const from = whole
    ? Math.min(...day.blocks.map((block) => block.start))
    : Math.min(...stretches.map(([begin = 0]) => begin)) - 1800;
  const to = whole ? day.finish + 3600 : Math.max(...stretches.map(([, end = 0]) => end)) + 3600;
  const inView = new Set(day.blocks.filter((one) => one.end > from && one.start < to).map((one) => one.job));
  return (
    <div className="mx-auto max-w-6xl px-6 py-6">
      <div className="flex flex-wrap items-baseline gap-3 print:hidden">
        <h1 className="mr-auto text-3xl">Day plan</h1>
        {day.why === null && day.blocks.length > 0 && (
          <>
            {task === undefined ? (
              <button type="button" className="key" onClick={better}>
                Look for a better plan
              </button>
            ) : (
              <span aria-live="polite">
                {task.doing}{' '}
                <button
                  type="button"
                  className="link"
                  onClick={() => api.POST('/api/tasks/{id}/enough', { params: { path: { id: task.id } } })}
                >
                  Stop searching
                </button>
              </span>
            )}
            <button type="button" className="key" onClick={() => anew.mutate()}>
              Plan it again
            </button>
            <a className="key" href="/api/day.ics" download>
              Calendar
            </a>
            <a className="key" href="/api/day.pdf" target="_blank" rel="noreferrer">
              Day sheet
            </a>
            <button type="button" className="key" disabled={task !== undefined} onClick={papers}>
              All papers
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
          No job has a day yet. Enter an{' '}
          <Link to="/orders" className="link">
            order
          </Link>{' '}
          or give a{' '}
          <Link to="/jobs" className="link">
            job
          </Link>{' '}
          a day, and Wubbin plans it here.
        </p>
      ) : (
        <>
          <Moved day={day} at={at} onSeen={() => seen.mutate()} />
          {day.unkept.length > 0 && (
            <Notice tone="wait">
              <b>Some work cannot begin at the time that you set.</b>
              {day.unkept.map((one) => (
                <span key={`${one.job} ${one.start}`} className="block">
                  {one.job}, {one.label}: wanted at {at(one.pinned)}, begins {at(one.start)}.
                </span>
              ))}
            </Notice>
          )}
          {day.lost.length > 0 && (
            <Notice tone="wait">
              <b>Some times that you set no longer hold, because the work changed.</b>
              {day.lost.map((one) => (
                <span key={`${one.job} ${one.pinned}`} className="block">
                  {one.job}, at {at(one.pinned)}: the work has changed. Set the time again if it still matters.
                </span>
              ))}
            </Notice>
          )}
          <p className="mt-3 text-lg">
            All {day.jobs.length} jobs are done by <b>{at(day.finish)}</b>.{' '}
            {day.late.length === 0 ? (
              <b className="text-done">✓ Nothing is late.</b>
            ) : (
              <b className="text-hot">✕ Late: {day.late.join(', ')}.</b>
            )}
            {day.later.length > 0 && (
              <span className="text-soft">
                {' '}
                Left for later: {day.later.slice(0, 6).join(', ')}
                {day.later.length > 6 && ` and ${day.later.length - 6} more`}.
              </span>
            )}
          </p>
          <Outlook at={at} />
          <CanWe zone={day.zone} />
          <nav aria-label="Days" className="mt-3 flex flex-wrap gap-2 print:hidden">
            {days.map((one) => (
              <button
                key={one}
                type="button"
                aria-pressed={!whole && one === today}
                className={`key ${!whole && one === today ? 'key-on' : ''}`}
                onClick={() => setChosen(one)}
              >
                {one}
              </button>
            ))}
            <button
              type="button"
              aria-pressed={byJob}
              className={`key ml-auto ${byJob ? 'key-on' : ''}`}
              onClick={() => setByJob(!byJob)}
            >
              By job
            </button>
            <button
              type="button"
              aria-pressed={whole}
              className={`key ${whole ? 'key-on' : ''}`}
              onClick={() => setChosen(WHOLE)}
            >
              All of it
            </button>
          </nav>
          <section aria-label="The strip" className="mt-3">
            <DayStrip
              day={day}
              from={from}
              to={to}
              jobs={looks}
              byJob={byJob}
              chosen={block}
              onChoose={setBlock}
              onDrag={setHeld}
              onDrop={(t) => {
                setProblem(undefined);
                pin.mutate({
                  activity: block?.id ?? '',
                  day: new Intl.DateTimeFormat('sv-SE', { timeZone: day.zone }).format(t * 1000),
                  time: time.format(t * 1000),
                });
              }}
            />
            {held !== undefined && block !== undefined && (
              <PinCost block={block} t={held} finish={day.finish} zone={day.zone} />
            )}
            {block !== undefined && held === undefined && (
              <BlockCard
                block={block}
                job={looks.find((job) => job.id === block.job) ?? { id: block.job, name: '', number: 0 }}
                zone={day.zone}
                onStep={(by) => {
                  const lane = day.blocks.filter((one) => one.lane === block.lane);
                  const at = lane.findIndex((one) => one.id === block.id && one.start === block.start);
                  setBlock(lane[at + by] ?? block);
                }}
                onClose={() => setBlock(undefined)}
              />
            )}
            <Legend looks={looks.filter((job) => inView.has(job.id))} />
          </section>
          <div className="mt-5 grid gap-8 md:grid-cols-2">
            <section aria-label="Hands, in order">
              <h2 className="border-b border-ink pb-1 text-xl">{whole ? 'All of it' : today}, in order</h2>
              <HandsList day={day} from={from} to={to} names={names} onPlanned={set} />
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
                  {day.chain.map((link) => (
                    <li key={`${link.job} ${link.start}`} className="flex gap-3 border-b border-rule py-1">
                      <span className="w-28 shrink-0 text-soft">{at(link.start)}</span>
                      <span>
                        <b>{link.job}</b>
                        <span className="block text-sm text-soft">
                          {link.because}: {link.labels.join(', ')}
                        </span>
                      </span>
                    </li>
                  ))}
                </ol>
              </section>
            </div>
          </div>
        </>
      )}
      {day.month.length > 0 && <Month day={day} />}
      <WorkHours key={JSON.stringify(day.hours)} hours={day.hours} onKept={set} />
    </div>
  );
}

/** More jobs that moved than these are shown when they are asked for. */
const FEW = 5;

/** What has changed since people last looked at the plan. */
function Moved({ day, at, onSeen }: { day: Day; at: (t: number) => string; onSeen: () => void }) {
  const [all, setAll] = useState(false);
  if (day.moved.length === 0) {
    return null;
  }
  const shown = all ? day.moved : day.moved.slice(0, FEW);
  return (
    <section aria-label="What moved">
      <Notice tone="wait">
        <b>Something has changed since you last saw this plan.</b>
        <table className="mt-1 w-full text-left">
          <thead>
            <tr className="text-sm text-soft">
              {['Job', 'First step that moved', 'was', 'is now', 'all done by'].map((head) => (
                <th key={head} className="pr-4 font-normal">
                  {head}
                </th>
              ))}
            </tr>
          </thead>
          <tbody className="[&_td]:pr-4">
            {shown.map((move) => (
              <tr key={move.job} className="border-t border-rule align-baseline">
                <td className="font-bold">{move.job}</td>
                <td>
                  {move.label}
                  {move.count > 1 && <span className="text-soft"> and {move.count - 1} more</span>}
                </td>
                <td className="whitespace-nowrap text-soft">{at(move.was)}</td>
                <td className="whitespace-nowrap">{at(move.is)}</td>
                <td>
                  {at(move.end)}
                  {move.end !== move.over && <span className="text-soft"> (was {at(move.over)})</span>}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
        <div className="mt-2 flex items-baseline gap-4">
          <button type="button" className="key" onClick={onSeen}>
            Use this plan
          </button>
          {day.moved.length > FEW && !all && (
            <button type="button" className="link" onClick={() => setAll(true)}>
              {day.moved.length - FEW} more jobs moved
            </button>
          )}
        </div>
      </Notice>
    </section>
  );
}

function Late({ job }: { job: Day['jobs'][number] }) {
  const format = useFormat();
  return job.late_s > 0 ? (
    <b className="w-36 text-right whitespace-nowrap text-hot">
      ✕ {job.late_s > 2 * DAY_S ? `${(job.late_s / DAY_S).toFixed(1)} days` : format.duration(job.late_s)} late
    </b>
  ) : (
    <span className="w-36 text-right text-done">✓ in time</span>
  );
}

/** Which colour and number is which job's, and what the rest of the drawing means. */
function Legend({ looks }: { looks: { id: string; name: string; number: number }[] }) {
  return (
    <>
      <ul aria-label="Jobs by colour" className="mt-1 flex flex-wrap gap-x-4 gap-y-1">
        {looks.map((job) => {
          const [fill, ink] = colourOf(job.number - 1);
          return (
            <li key={job.id} className="flex items-center gap-1.5">
              <span
                className="flex h-5 min-w-6 items-center justify-center px-1 text-sm font-bold"
                style={{ background: fill, color: ink }}
              >
                {job.number}
              </span>
              {job.name}
            </li>
          );
        })}
      </ul>
      <p className="text-sm text-soft">
        Tap a block to see what it is. Red edge: heat. Stripes: waiting. A dotted line is the time when nobody works.
      </p>
    </>
  );
}
