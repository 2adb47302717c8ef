import { useQuery } from '@tanstack/react-query';
import { type ReactNode, useState } from 'react';
import { Link } from 'react-router';
import { type JobView, partOf } from '../api/client';
import { server } from '../api/queries';
import { StepDrawing } from '../drawing/StepDrawing';
import { HeatStage } from '../heat/HeatStage';
import { SelectField, TextField } from '../measure/Field';
import { Filter } from '../parts/Filter';
import { Notice } from '../parts/Notice';
import { SearchField } from '../parts/SearchField';
import { TimeStrip } from '../plan/TimeStrip';
import { StackSection } from '../stack/StackSection';
import { Thing } from '../start/Thing';

/** What pages are made of, once each, from the parts themselves. Not in the rooms: it is for whoever builds a page. */
export function PartsPage() {
  const [which, setWhich] = useState<'' | 'late'>('');
  const [words, setWords] = useState('');
  const portraits = useQuery(server.portraits());
  const jobs = useQuery(server.jobs());
  const first = jobs.data?.find((job) => job.ready)?.id ?? jobs.data?.[0]?.id;
  const job = useQuery({ ...server.job(first ?? ''), enabled: first !== undefined });
  const portrait = portraits.data?.find((one) => one.kind === 'mug');
  return (
    <div className="mx-auto max-w-6xl px-5 py-5">
      <h1 className="text-3xl">Parts of the pages</h1>
      <div className="mt-2 grid gap-x-8 md:grid-cols-2">
        <Part name="Buttons">
          <div className="flex flex-wrap items-center gap-2">
            <button type="button" className="key-main">
              The one next thing
            </button>
            <button type="button" className="key">
              Something else
            </button>
            <button type="button" className="key key-on" aria-pressed>
              Chosen
            </button>
            <button type="button" className="key-main" disabled>
              Not now
            </button>
            <button type="button" className="link">
              A small thing
            </button>
          </div>
        </Part>
        <Part name="Rooms and views">
          <div className="flex gap-4 overflow-x-auto whitespace-nowrap">
            <button type="button" className="border-b-2 border-ink font-bold">
              On the shirt
            </button>
            <button type="button" className="border-b-2 border-transparent text-soft">
              On the sheet
            </button>
          </div>
        </Part>
        <Part name="Fields, side by side">
          <div className="fields grid-cols-2 gap-x-3 gap-y-2 lg:grid-cols-4">
            <TextField label="Width" defaultValue="240 mm" />
            <TextField label="A label that takes two lines here" placeholder="as in the recipe" hint="Any unit." />
            <SelectField label="Size" options={[{ id: 'm', label: 'M' }]} />
            <TextField label="How many?" defaultValue="none" error="Write a whole number." />
            <div className="beside">
              <button type="button" className="key">
                Add
              </button>
            </div>
          </div>
        </Part>
        <Part name="Choices">
          <div className="flex flex-wrap items-end gap-x-5 gap-y-2">
            <SearchField label="Find" value={words} onChange={setWords} />
            <Filter
              label="Which"
              options={[
                ['', 'All'],
                ['late', 'Late'],
              ]}
              value={which}
              onChange={setWhich}
            />
            <label className="flex min-h-9 items-center gap-2">
              <input type="checkbox" className="size-5 accent-ink" defaultChecked /> on the shelf
            </label>
          </div>
        </Part>
        <Part name="Rows">
          <ul>
            {(
              [
                ['✓', 'text-done', 'done, as it should be'],
                ['◆', 'text-wait', 'still to decide'],
                ['✕', 'text-hot', 'stopped'],
                ['○', 'text-soft', 'worked out by Wubbin'],
              ] as const
            ).map(([sign, tone, what]) => (
              <li key={what} className="flex items-baseline gap-3 border-t border-rule py-1.5">
                <span className={tone}>{sign}</span>
                <b>Picking-crew shirts</b>
                <span className="text-soft">{what}</span>
                <button type="button" className="link ml-auto">
                  Open
                </button>
              </li>
            ))}
          </ul>
        </Part>
        <Part name="What must be seen">
          <Notice tone="hot">This went wrong, and what to do.</Notice>
          <Notice tone="wait">Something has changed meanwhile.</Notice>
          <Notice tone="done">This is done.</Notice>
          <p>
            <b className="text-hot">Take care:</b> Open a window. Hot film gives off fumes.
          </p>
        </Part>
        <Part name="Drawings">
          <div className="flex items-end gap-5">
            {portrait !== undefined && <StepDrawing of={portrait.drawing} className="h-28 rounded-sm" />}
            <Thing id="iron" className="size-20" />
            <Thing id="film-clear" className="size-20" />
          </div>
        </Part>
        <Part name="Colour means heat">
          <div className="flex flex-wrap gap-2">
            {(
              [
                ['bg-hot', 'hot'],
                ['bg-cold', 'cold'],
                ['bg-wait', 'wait'],
                ['bg-done', 'done'],
                ['bg-face', 'printed face'],
              ] as const
            ).map(([tone, what]) => (
              <span key={what} className="flex items-center gap-2">
                <span className={`size-6 ${tone}`} aria-hidden />
                {what}
              </span>
            ))}
          </div>
        </Part>
      </div>
      {job.data === undefined ? (
        <p className="mt-6 border-t border-ink pt-3 text-soft">
          Layers, chart and time strip are drawn from a job.{' '}
          <Link to="/jobs/new" className="link">
            Make one
          </Link>{' '}
          to see them here.
        </p>
      ) : (
        <FromJob view={job.data} />
      )}
    </div>
  );
}

function Part({ name, children }: { name: string; children: ReactNode }) {
  return (
    <section aria-label={name} className="mt-4 border-t border-ink pt-2 pb-1">
      <h2 className="mb-2 text-xl">{name}</h2>
      {children}
    </section>
  );
}

/** Parts that show a plan. */
function FromJob({ view }: { view: JobView }) {
  const part = partOf(view, 0);
  return (
    <div className="grid gap-x-8 md:grid-cols-2">
      <Part name="Layers">
        <StackSection plan={part.plan} />
      </Part>
      <Part name="Chart">
        <div className="h-96">
          <HeatStage view={part} />
        </div>
      </Part>
      <div className="md:col-span-2">
        <Part name="Time strip">
          <TimeStrip view={view}>{null}</TimeStrip>
        </Part>
      </div>
    </div>
  );
}
