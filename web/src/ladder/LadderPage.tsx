import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { api, got, type Schemas } from '../api/client';
import { keys, server } from '../api/queries';
import { useAtOnce } from '../api/useAtOnce';
import type { Format } from '../measure/format';
import { useFormat } from '../measure/settings';
import { Waiting } from '../parts/Notice';

type Ladder = Schemas['LadderView'];
type Mark = Ladder['marks'][string];

/** A tap goes on to the next; told apart without colour. */
const NEXT: Record<string, Mark | undefined> = { '': 'good', good: 'not-yet', 'not-yet': 'too-much' };
const LOOK: Record<Mark, [string, string, string]> = {
  good: ['✓', 'good', 'border-done bg-donefill text-done'],
  'not-yet': ['○', 'not enough', 'border-cold text-cold'],
  'too-much': ['✕', 'too much', 'border-hot bg-hotfill text-hot'],
};
const NAMES = { seconds: 'seconds', celsius: 'temperature', pressure: 'pressure', drying: 'drying' };

function rung(side: Ladder['x'], at: number, format: Format): string {
  const value = side.values[at];
  if (typeof value !== 'number') {
    return String(value);
  }
  return side.of === 'celsius' ? format.temperature(value) : format.duration(value);
}

/** The map of a test ladder: marked swatch by swatch, with the one that is the safest. */
export function LadderPage() {
  const { id = '' } = useParams();
  const queries = useQueryClient();
  const format = useFormat();
  const ladder = useQuery(server.ladder(id));
  const [name, setName] = useState<string>();
  const mark = useAtOnce(
    keys.ladder(id),
    (marks: Record<string, Mark>) =>
      got(api.PUT('/api/ladders/{id}/marks', { params: { path: { id } }, body: { marks } })),
    (before: Ladder, marks) => ({ ...before, marks }),
  );
  const keep = useMutation({
    mutationFn: (words: string) =>
      got(api.POST('/api/ladders/{id}/recipe', { params: { path: { id } }, body: { name: words } })),
    onSuccess: (view) => queries.setQueryData(keys.ladder(id), view),
  });
  if (ladder.data === undefined) {
    return <Waiting error={ladder.error} />;
  }
  const { x, y, marks, steps, chosen, recipe } = ladder.data;
  const at = (i: number, j: number) => steps.find((step) => step.x === i && step.y === j)?.name ?? '';
  const best = steps.find((step) => step.name === chosen?.name);
  const words = name ?? `${ladder.data.name}, from a ladder`;
  const tap = (swatch: string) => {
    const next = NEXT[marks[swatch] ?? ''];
    const { [swatch]: _, ...rest } = marks;
    mark.mutate(next === undefined ? rest : { ...rest, [swatch]: next });
  };
  return (
    <div className="mx-auto max-w-5xl px-6 py-6">
      <p>
        <Link to="/ladders" className="link">
          Test ladders
        </Link>
      </p>
      <h1 className="mt-1 text-3xl">{ladder.data.name}: a test ladder</h1>
      <p className="mt-1 text-soft">
        {[ladder.data.facts.medium, ladder.data.facts.heat, ladder.data.facts.printer]
          .filter((one) => typeof one === 'string')
          .join(' · ')}
      </p>
      <p className="mt-3">
        <a className="key key-on" href={`/api/ladders/${id}/sheet.pdf`} target="_blank" rel="noreferrer">
          The swatch sheet (PDF)
        </a>
      </p>
      <div className="mt-5 grid gap-8 md:grid-cols-[auto_1fr]">
        <section aria-label="The map">
          <h2 className="text-xl">Result of each swatch</h2>
          <p className="text-sm text-soft">Tap a swatch: ✓ good, ○ not enough, ✕ too much, or no mark.</p>
          <table className="mt-2">
            <thead>
              <tr>
                <th className="pr-2 text-left text-sm font-normal text-soft">
                  {NAMES[y.of]} ↓ {NAMES[x.of]} →
                </th>
                {x.values.map((value, i) => (
                  <th key={String(value)} className="px-1 text-sm font-normal">
                    {rung(x, i, format)}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {y.values.map((value, j) => (
                <tr key={String(value)}>
                  <th className="pr-2 text-right text-sm font-normal whitespace-nowrap">{rung(y, j, format)}</th>
                  {x.values.map((across, i) => {
                    const swatch = at(i, j);
                    const look = marks[swatch] === undefined ? undefined : LOOK[marks[swatch]];
                    return (
                      <td key={String(across)} className="p-1">
                        <button
                          type="button"
                          aria-label={`${swatch}: ${look?.[1] ?? 'not marked'}`}
                          onClick={() => tap(swatch)}
                          className={`relative size-16 border-2 text-2xl font-bold ${look?.[2] ?? 'border-rule text-soft'} ${
                            chosen?.name === swatch ? 'outline-4 outline-offset-1 outline-ink' : ''
                          }`}
                        >
                          {look?.[0] ?? ''}
                          <span className="absolute bottom-0 left-1 text-xs font-normal text-soft">{swatch}</span>
                        </button>
                      </td>
                    );
                  })}
                </tr>
              ))}
            </tbody>
          </table>
          {best === undefined ? (
            <p className="mt-3 text-soft">No swatch is marked as good yet.</p>
          ) : (
            <div className="mt-4 border-t border-ink pt-2">
              <p className="text-lg">
                <b>
                  {best.name}: {rung(x, best.x, format)}, {rung(y, best.y, format)}
                </b>{' '}
                is the safest.
              </p>
              <p className="text-soft">
                {(chosen?.away ?? 0) < 1
                  ? 'It is at the edge of the ladder. Nobody has tried what comes after it.'
                  : `${Math.floor(chosen?.away ?? 0)} ${Math.floor(chosen?.away ?? 0) === 1 ? 'rung' : 'rungs'} to what failed, or was not tried.`}
              </p>
              {recipe !== null ? (
                <p className="mt-2 text-done">
                  ✓ Saved as a recipe of your house.{' '}
                  <Link to="/recipes" className="link">
                    Recipes
                  </Link>
                </p>
              ) : (
                <form
                  className="mt-2 flex items-end gap-3"
                  onSubmit={(e) => {
                    e.preventDefault();
                    keep.mutate(words);
                  }}
                >
                  <label className="grow">
                    <span className="block text-sm text-soft">Save it as a recipe with the name</span>
                    <input className="field" value={words} maxLength={120} onChange={(e) => setName(e.target.value)} />
                  </label>
                  <button type="submit" className="key key-on" disabled={keep.isPending}>
                    Save it
                  </button>
                </form>
              )}
            </div>
          )}
          {[mark.error, keep.error].map(
            (error) =>
              error !== null && (
                <p key={error.message} role="alert" className="mt-2 font-semibold text-hot">
                  {error.message}
                </p>
              ),
          )}
        </section>
        <section aria-label="Steps">
          <h2 className="text-xl">In this order</h2>
          <p className="text-sm text-soft">The press only gets hotter. The swatch that dries longest comes last.</p>
          <ol className="mt-2 border-t border-ink">
            {steps.map((step, n) => (
              <li key={step.name} className="flex items-baseline gap-3 border-b border-rule py-1">
                <span className="w-6 text-right text-soft">{n + 1}</span>
                <b className="w-10">{step.name}</b>
                <span className="grow">
                  {[
                    step.dry_s !== null && `dried ${format.duration(step.dry_s)}`,
                    step.celsius !== null && format.temperature(step.celsius),
                    step.pressure !== null && `${step.pressure} pressure`,
                    step.seconds !== null && format.duration(step.seconds),
                  ]
                    .filter((part) => part !== false)
                    .join(' · ')}
                </span>
                <span className="text-soft">
                  {marks[step.name] === undefined ? '' : LOOK[marks[step.name] as Mark][1]}
                </span>
              </li>
            ))}
          </ol>
        </section>
      </div>
    </div>
  );
}
