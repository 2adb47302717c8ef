import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { Link } from 'react-router';
import { api, done, type Part, problemOf, type Schemas, type Task } from '../api/client';
import { server } from '../api/queries';
import { useFormat } from '../measure/settings';
import { Notice, Waiting } from '../parts/Notice';
import { Calibrate } from './Calibrate';
import { HeatChart } from './HeatChart';
import { OtherWays } from './OtherWays';

export interface Spread {
  draws: number;
  earliest_s: (number | null)[];
  latest_s: (number | null)[];
  inside: number;
  never: number;
}

/** What the heat model says of a picture's plan, when it is there. */
export function useHeat(view: Part) {
  const { id } = view.job;
  return useQuery(server.heat(id, view.at, view.whole.id));
}

/** What happens under the heat: computed beside the plan, which does not wait for it. */
export function HeatStage({ view }: { view: Part }) {
  const format = useFormat();
  const { id } = view.job;
  const heat = useHeat(view);
  const [task, setTask] = useState<Task>();
  const [spread, setSpread] = useState<Spread>();
  const [problem, setProblem] = useState<string>();
  const asked = useRef<AbortController>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: another plan has another spread
  useEffect(() => {
    setSpread(undefined);
    return () => asked.current?.abort();
  }, [view.whole.id, view.at]);
  if (heat.data === undefined) {
    return <Waiting error={heat.error} />;
  }
  const { window: found, recipe_s: recipe, inside, peel } = heat.data;
  if (found === null || found === undefined) {
    return <p className="mx-auto mt-28 max-w-sm text-center text-soft">{heat.data.why}</p>;
  }

  async function draw() {
    setProblem(undefined);
    const abort = new AbortController();
    asked.current = abort;
    try {
      setSpread(
        await done<Spread>(
          api.POST('/api/jobs/{id}/heat/{picture}/spread', {
            params: { path: { id, picture: view.at } },
          }) as Promise<{ data?: Spread | Task; response: Response }>,
          setTask,
          abort.signal,
        ),
      );
    } catch (e) {
      if (!abort.signal.aborted) {
        setProblem(problemOf(e).message);
      }
    }
    setTask(undefined);
  }

  return (
    <div className="@container h-full min-h-72 overflow-auto pt-2">
      <HeatChart window={found} recipe={recipe} ends={heat.data.recipe_ends_s} spread={spread} />
      <div className="mt-1 gap-6 text-sm @lg:columns-2">
        <h2 className="text-base">
          {found.earliest_s === null
            ? 'It never holds'
            : found.latest_s === null
              ? `Press ${format.about(found.earliest_s)} or longer`
              : found.middle_s === null
                ? `Too much at ${format.about(found.latest_s)}, before it holds at ${format.about(found.earliest_s)}`
                : `Press ${format.about(found.earliest_s)} to ${format.about(found.latest_s)}`}
        </h2>
        {found.why_never !== null && <p>{found.why_never}</p>}
        {found.middle_s !== null && found.width !== null && (
          <p>
            In its middle: <b>{format.about(found.middle_s)}</b>. The most is {found.width.toFixed(1)} times the least.
          </p>
        )}
        <Limits limits={found.limits} />
        {found.counted_from_s === null ? (
          <p className="mt-1 font-semibold text-hot">
            The press never gets back to its setting, so its clock never starts.
          </p>
        ) : (
          found.counted_from_s > 0 && (
            <p className="mt-1">
              The time counts from closing. The press is back at its setting after {format.about(found.counted_from_s)}.
              The plan counts from there.
            </p>
          )
        )}
        {recipe !== null && recipe !== undefined && (
          <p className={`mt-1 ${inside === true ? 'text-done' : 'font-semibold text-wait'}`}>
            {inside === true
              ? `✓ The plan’s ${format.duration(recipe)} lie in the window.`
              : `◆ The plan’s ${format.duration(recipe)} lie outside the window that Wubbin worked out. The recipe stays, because it was tried.`}
          </p>
        )}
        <h3 className="mt-2 font-bold break-after-avoid">Peel now or wait? The backing after the press</h3>
        <dl className="break-inside-avoid">
          {peel.map((one) => (
            <div key={one.label} className="flex justify-between gap-2 border-t border-rule py-0.5">
              <dt className="text-soft">
                {one.label} {format.temperature(one.below_c)}
              </dt>
              <dd className="whitespace-nowrap">
                {one.s === null || one.s === undefined ? 'later than 30 min' : `${format.about(one.s)} after`}
              </dd>
            </div>
          ))}
        </dl>
        {spread === undefined ? (
          task === undefined ? (
            <button type="button" className="key mt-3" onClick={draw}>
              How sure is this?
            </button>
          ) : (
            <p className="mt-3" aria-live="polite">
              {task.doing} …{' '}
              <button type="button" className="link" onClick={() => asked.current?.abort()}>
                Cancel
              </button>
            </p>
          )
        ) : (
          <Sure spread={spread} recipe={recipe} />
        )}
        {problem !== undefined && <Notice tone="hot">{problem}</Notice>}
        <details className="mt-3">
          <summary className="link">What it depends on</summary>
          <ul className="mt-1">
            {heat.data.parameters.map((one) => (
              <li key={one.id} className="border-t border-rule py-0.5">
                {one.label}: {one.middle}{' '}
                <span className="text-soft">
                  ({one.from} to {one.to})
                </span>
                <span className="block text-soft">
                  {one.known}
                  {one.provenance.source !== null && `: ${one.provenance.source}`}
                </span>
              </li>
            ))}
          </ul>
          <p className="mt-1 text-soft">
            {found.form === 'cylinder'
              ? 'Worked out as a cylinder, because the wax is thick.'
              : 'Worked out straight through, because every layer is thin.'}{' '}
            {Object.entries(heat.data.lumped).map(
              ([layer, biot]) => `“${layer}” is as warm inside as outside (Biot number ${biot.toFixed(3)}). `,
            )}
            {found.cells} cells, {found.steps} steps.
          </p>
        </details>
      </div>
      <p className="mt-3">
        <Link to={`/ladders/new/${id}/${view.at}`} className="link">
          Try it on a test ladder of swatches
        </Link>
      </p>
      <OtherWays view={view} />
      <Calibrate view={view} calibrated={heat.data.calibrated} />
    </div>
  );
}

/** What may be harmed, and when it is. */
function Limits({ limits }: { limits: NonNullable<Schemas['HeatView']['window']>['limits'] }) {
  const format = useFormat();
  return (
    <ul className="mt-1 break-inside-avoid text-soft">
      {limits.map((one) => (
        <li key={one.what} className={one.ends && one.s !== null ? 'text-ink' : undefined}>
          {one.s === null ? 'Not reached' : one.s < 1 ? 'At once' : `After ${format.about(one.s)}`}: {one.what} (
          {one.c === null ? `${format.length(one.mm ?? 0)} molten` : format.temperature(one.c)})
        </li>
      ))}
    </ul>
  );
}

function Sure({ spread, recipe }: { spread: Spread; recipe: Schemas['HeatView']['recipe_s'] }) {
  const format = useFormat();
  const range = (of: (number | null)[]) =>
    of[0] === null || of[0] === undefined
      ? null
      : `${format.about(of[0])} to ${of[2] === null || of[2] === undefined ? 'never' : format.about(of[2])}`;
  const earliest = range(spread.earliest_s);
  const latest = range(spread.latest_s);
  return (
    <div className="mt-3 border-t border-ink pt-2">
      <p>
        With its parameters drawn from their ranges {spread.draws} times, it holds from {earliest ?? 'never'}
        {latest === null ? ', and is hardly ever too much' : `, and is too much from ${latest}`} (8 of 10 draws).
      </p>
      {recipe !== null && recipe !== undefined && (
        <p className="mt-1">
          In <b>{spread.inside}</b> of {spread.draws} draws the plan’s {format.duration(recipe)} are right.
        </p>
      )}
    </div>
  );
}
