import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { problemOf, type Schemas } from '../api/client';
import { server } from '../api/queries';
import { StepDrawing } from '../drawing/StepDrawing';
import { SelectField, TextField } from '../measure/Field';
import { useFormat, useSettings } from '../measure/settings';
import { Waiting } from '../parts/Notice';

type Sum = Schemas['SumView'];

/** Quick sums: a few figures in any unit, and at once what follows from them, drawn to scale. No job is needed. */
export function SumsPage() {
  const { settings } = useSettings();
  const sums = useQuery(server.sums());
  const [search, setSearch] = useSearchParams();
  if (sums.data === undefined) {
    return <Waiting error={sums.error} />;
  }
  const sum = sums.data.find((one) => one.id === search.get('of')) ?? sums.data[0];
  return (
    <div className="mx-auto max-w-6xl px-5 py-5">
      <h1 className="text-3xl">Quick sums</h1>
      <p className="text-soft">Write any unit: 82 mm, 8.2 cm, 3 1/4 in, 25 cm round, 400 F, 1 min 30 s.</p>
      <div className="mt-3 grid gap-x-7 gap-y-3 border-t border-ink pt-3 lg:grid-cols-[13rem_minmax(0,1fr)]">
        <nav aria-label="Sums" className="flex gap-x-4 overflow-x-auto lg:flex-col">
          {sums.data.map((one) => (
            <button
              key={one.id}
              type="button"
              aria-current={one === sum ? 'true' : undefined}
              className={`border-b-2 py-1.5 text-left whitespace-nowrap lg:border-b-0 lg:border-l-4 lg:pl-3 ${one === sum ? 'border-ink font-bold' : 'border-transparent text-soft hover:text-ink'}`}
              onClick={() => setSearch({ of: one.id }, { replace: true })}
            >
              {one.label}
            </button>
          ))}
        </nav>
        {sum !== undefined && <Working key={`${sum.id} ${settings.units}`} sum={sum} />}
      </div>
    </div>
  );
}

/** What was typed is kept while the page stays open, so that one can look at another sum and come back. */
const kept = new Map<string, Record<string, string>>();

function Working({ sum }: { sum: Sum }) {
  const format = useFormat();
  const { settings } = useSettings();
  const place = `${sum.id} ${settings.units}`;
  const [typed, setTyped] = useState(
    () => kept.get(place) ?? Object.fromEntries(sum.fields.map((field) => [field.id, field.value])),
  );
  const worked = useQuery({ ...server.sum(sum.id, typed), placeholderData: (before) => before });
  const errors = worked.error === null ? {} : problemOf(worked.error).errors;
  const set = (field: Sum['fields'][number], value: string) => {
    // Of those that stand for each other only the one that is being typed says anything.
    const others = sum.fields.filter((one) => field.either !== null && one.either === field.either && one !== field);
    const next = { ...typed, ...Object.fromEntries(others.map((one) => [one.id, ''])), [field.id]: value };
    kept.set(place, next);
    setTyped(next);
  };
  const { lines = [], drawing, follows = {}, job = {} } = worked.error === null ? (worked.data ?? {}) : {};
  return (
    <div className="grid content-start gap-x-7 gap-y-4 md:grid-cols-[minmax(0,20rem)_minmax(0,1fr)]">
      <div>
        <h2 className="text-xl">{sum.label}</h2>
        <p className="mb-3 text-soft">{sum.says}</p>
        <form className="grid gap-2.5" onSubmit={(e) => e.preventDefault()}>
          {sum.fields.map((field) => {
            const follow = follows[field.id];
            return field.choices.length > 0 ? (
              <SelectField
                key={field.id}
                label={field.label}
                options={field.choices}
                value={typed[field.id]}
                error={errors[field.id]}
                onChange={(e) => set(field, e.target.value)}
              />
            ) : (
              <TextField
                key={field.id}
                label={field.label}
                value={typed[field.id] ?? ''}
                placeholder={follow === undefined ? undefined : format.phrase(follow)}
                hint={field.hint ?? undefined}
                error={errors[field.id]}
                onChange={(e) => set(field, e.target.value)}
              />
            );
          })}
        </form>
      </div>
      <div>
        {drawing != null && <StepDrawing of={drawing} className="max-h-[21rem] w-full rounded-sm" />}
        <dl className="mt-3" aria-live="polite" aria-label="What follows">
          {lines.map((line, n) => (
            <div
              key={line.label}
              className="grid grid-cols-[minmax(0,15rem)_minmax(0,1fr)] items-baseline gap-x-3 border-t border-rule py-1"
            >
              <dt className="text-soft">{line.label}</dt>
              <dd className={n === 0 ? 'text-2xl font-extrabold' : 'font-bold'}>{format.phrase(line.value)}</dd>
            </div>
          ))}
        </dl>
        {Object.keys(job).length > 0 &&
          // What was typed last is not worked out yet: a job of it would have the figures of before.
          (worked.isPlaceholderData ? (
            <button type="button" className="key mt-4" disabled>
              Make a job of this
            </button>
          ) : (
            <Link to={`/jobs/new?${new URLSearchParams(job)}`} className="key mt-4">
              Make a job of this
            </Link>
          ))}
        {worked.error !== null && Object.keys(errors).length === 0 && (
          <p role="alert" className="text-hot">
            {problemOf(worked.error).message}
          </p>
        )}
      </div>
    </div>
  );
}
