import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { api, done, type ProblemError, problemOf, type Schemas, type Task } from '../api/client';
import { keys, server } from '../api/queries';
import { SelectField, TextField } from '../measure/Field';
import { useFormat } from '../measure/settings';
import { Notice, Waiting } from '../parts/Notice';
import { GangSheets, type Pin } from './GangSheets';
import { LoadDrawing } from './LoadDrawing';

type Gang = Schemas['GangView'];

const PATIENCE = [
  { id: '2', label: '2 seconds a kind of sheet' },
  { id: '10', label: '10 seconds' },
  { id: '60', label: 'a minute' },
];

/** Puts the pictures of several jobs onto as few sheets as possible: choose, lay out, look, make. */
export function GangPage() {
  const queries = useQueryClient();
  const format = useFormat();
  const [search] = useSearchParams();
  const jobs = useQuery(server.jobs());
  const [chosen, setChosen] = useState<string[]>(search.getAll('job'));
  const [gap, setGap] = useState('3 mm');
  const [seconds, setSeconds] = useState('2');
  const [later, setLater] = useState<string[]>([]);
  const [swatches, setSwatches] = useState(false);
  const [offcuts, setOffcuts] = useState(true);
  const [upright, setUpright] = useState<string[]>([]);
  const [pins, setPins] = useState<Pin[]>([]);
  const [task, setTask] = useState<Task>();
  const [gang, setGang] = useState<{ id: string; view: Gang }>();
  const [making, setMaking] = useState<Task>();
  const [made, setMade] = useState<string>();
  const [problem, setProblem] = useState<ProblemError>();
  const asked = useRef<AbortController>(null);
  const errors = problem?.errors ?? {};
  if (jobs.data === undefined) {
    return <Waiting error={jobs.error} />;
  }
  const ready = jobs.data.filter((job) => job.printable);

  async function layOut(placed = pins, standing = upright) {
    setProblem(undefined);
    if (placed.length === 0) {
      setGang(undefined);
    }
    setMade(undefined);
    const abort = new AbortController();
    asked.current = abort;
    let id = '';
    try {
      const view = await done<Gang>(
        api.POST('/api/gangs', {
          body: {
            jobs: chosen,
            gap,
            seconds: Number(seconds),
            later: later.filter((id) => !chosen.includes(id)),
            swatches,
            offcuts,
            upright: standing,
            pins: placed,
          },
        }),
        (now) => {
          id = now.id;
          setTask(now);
        },
        abort.signal,
      );
      setGang({ id, view });
    } catch (e) {
      if (!abort.signal.aborted) {
        setProblem(problemOf(e));
      }
    }
    setTask(undefined);
  }

  /** What was moved is pinned where it was put, and the rest is laid round it anew. */
  function pin(placed: Pin, from: { x_mm: number; y_mm: number; piece: string }) {
    const others = pins.filter(
      (one) =>
        one.lot !== placed.lot ||
        one.piece !== from.piece ||
        one.sheet !== placed.sheet ||
        one.x_mm !== from.x_mm ||
        one.y_mm !== from.y_mm,
    );
    const all = [...others, placed];
    setPins(all);
    layOut(all);
  }

  function stand(id: string, stands: boolean) {
    const all = stands ? [...upright, id] : upright.filter((one) => one !== id);
    setUpright(all);
    layOut(pins, all);
  }

  async function make() {
    if (gang === undefined) {
      return;
    }
    setProblem(undefined);
    try {
      const sheet = await done<Schemas['SheetView']>(
        api.POST('/api/gangs/{task}/sheets', { params: { path: { task: gang.id } } }),
        setMaking,
      );
      setMade(sheet.url);
      queries.removeQueries({ queryKey: keys.anyJob });
    } catch (e) {
      setProblem(problemOf(e));
    }
    setMaking(undefined);
  }

  return (
    <div className="grid min-h-full lg:h-full lg:grid-cols-[21rem_minmax(0,1fr)]">
      <section aria-label="What goes on the sheets" className="overflow-auto border-rule px-5 py-4 lg:border-r">
        <h1 className="mt-2 text-2xl">Sheets</h1>
        <p className="text-soft">
          Pictures of several jobs can share a sheet, if they need the same sheet and printer.
        </p>
        {ready.length === 0 ? (
          <p className="mt-6 text-lg">
            No job can be printed yet.{' '}
            <Link to="/jobs" className="link">
              Go to the jobs
            </Link>
          </p>
        ) : (
          <fieldset className="mt-3">
            <legend className="sr-only">Jobs</legend>
            {ready.map((job) => (
              <label key={job.id} className="flex items-baseline gap-2 border-t border-rule py-1.5">
                <input
                  type="checkbox"
                  className="size-4 accent-ink"
                  checked={chosen.includes(job.id)}
                  onChange={(e) => {
                    setChosen((all) => (e.target.checked ? [...all, job.id] : all.filter((id) => id !== job.id)));
                    setPins([]);
                  }}
                />
                <span>{job.name}</span>
                <span className="ml-auto text-soft">{job.quantity}</span>
              </label>
            ))}
          </fieldset>
        )}
        {errors.jobs !== undefined && (
          <p role="alert" className="font-semibold text-hot">
            {errors.jobs}
          </p>
        )}
        <div className="mt-3 grid gap-2 border-t border-rule pt-3">
          <TextField
            label="Gap between two pieces"
            value={gap}
            error={errors.gap}
            onChange={(e) => setGap(e.target.value)}
          />
          <details>
            <summary className="link">Fill spare room, offcuts</summary>
            <label className="mt-1 flex items-center gap-2">
              <input
                type="checkbox"
                className="size-4 accent-ink"
                checked={offcuts}
                onChange={(e) => setOffcuts(e.target.checked)}
              />
              Use offcuts of the shelf first
            </label>
            <label className="mt-1 flex items-center gap-2">
              <input
                type="checkbox"
                className="size-4 accent-ink"
                checked={swatches}
                onChange={(e) => setSwatches(e.target.checked)}
              />
              Fill spare room with test swatches
            </label>
            <fieldset className="mt-1">
              <legend className="text-sm text-soft">… and with pieces of later jobs</legend>
              {ready
                .filter((job) => !chosen.includes(job.id))
                .map((job) => (
                  <label key={job.id} className="flex items-baseline gap-2 py-0.5 text-sm">
                    <input
                      type="checkbox"
                      className="size-4 accent-ink"
                      checked={later.includes(job.id)}
                      onChange={(e) =>
                        setLater((all) => (e.target.checked ? [...all, job.id] : all.filter((id) => id !== job.id)))
                      }
                    />
                    Later: {job.name}
                  </label>
                ))}
            </fieldset>
          </details>
          <SelectField
            label="Search for a tighter layout for"
            options={PATIENCE}
            value={seconds}
            onChange={(e) => setSeconds(e.target.value)}
          />
          {task === undefined ? (
            <button type="button" className="key-main" disabled={chosen.length === 0} onClick={() => layOut()}>
              Make the layout
            </button>
          ) : (
            <>
              <p aria-live="polite">{task.doing} …</p>
              <progress className="w-full accent-ink" value={task.share} max={1} aria-label="How far it has come" />
              <p className="flex gap-2">
                <button
                  type="button"
                  className="key"
                  onClick={() => api.POST('/api/tasks/{id}/enough', { params: { path: { id: task.id } } })}
                >
                  Use the best so far
                </button>
                <button type="button" className="key" onClick={() => asked.current?.abort()}>
                  Cancel
                </button>
              </p>
            </>
          )}
        </div>
        {problem !== undefined && errors.jobs === undefined && errors.gap === undefined && (
          <Notice tone="hot">{problem.message}</Notice>
        )}
        {pins.length > 0 && (
          <p className="mt-2 text-sm">
            <span className="text-face">●</span> {pins.length} placed by hand.{' '}
            <button
              type="button"
              className="link"
              onClick={() => {
                setPins([]);
                layOut([]);
              }}
            >
              Let Wubbin place them
            </button>
          </p>
        )}
        {gang !== undefined && (
          <div className="mt-4 border-t border-ink pt-3">
            {gang.view.lots.map((lot) => (
              <div key={lot.id} className="mb-3">
                <h2 className="font-bold">
                  {lot.whole} {lot.whole === 1 ? 'sheet' : 'sheets'} of {lot.medium}
                  {lot.sheets.length > lot.whole && `, and ${lot.sheets.length - lot.whole} of offcuts`}
                </h2>
                {lot.short > 0 && (
                  <p className="font-semibold text-wait">◆ The shelf has {lot.short} too few of these.</p>
                )}
                <p className="text-sm text-soft">
                  {lot.marking}
                  {lot.mirrored ? ', mirrored' : ', not mirrored'}
                  {lot.nested && ', by their outlines'}.
                </p>
                {lot.loading != null && (
                  <details className="text-sm">
                    <summary className="link">{lot.loading.words}</summary>
                    <div className="w-52 pt-1">
                      <LoadDrawing
                        loading={lot.loading}
                        page={{
                          width: lot.sheets[0]?.page_width_mm ?? 210,
                          height: lot.sheets[0]?.page_height_mm ?? 297,
                        }}
                      />
                    </div>
                  </details>
                )}
                <ul className="text-sm">
                  {lot.pieces.map((piece) => (
                    <li key={piece.id} className="border-t border-rule py-0.5">
                      <span className="flex gap-2">
                        <span>
                          {piece.spare ? 'Later: ' : `${piece.count} × `}
                          {piece.label}
                        </span>
                        <span className="ml-auto whitespace-nowrap text-soft">
                          {format.bareLength(piece.width_mm)} × {format.length(piece.height_mm)}
                          {piece.share > 0 && `, 1/${Math.max(1, Math.round(1 / piece.share))} sheet`}
                        </span>
                      </span>
                      {!piece.spare && (
                        <label className="flex items-center gap-1.5 text-soft">
                          <input
                            type="checkbox"
                            className="accent-ink"
                            checked={piece.upright}
                            onChange={(e) => stand(piece.id, e.target.checked)}
                          />
                          keep upright
                        </label>
                      )}
                    </li>
                  ))}
                </ul>
              </div>
            ))}
            {made === undefined ? (
              <button type="button" className="key-main w-full" disabled={making !== undefined} onClick={make}>
                {making === undefined
                  ? 'Make the sheets (PDF)'
                  : `${making.doing}, ${Math.round(making.share * 100)} %`}
              </button>
            ) : (
              <p className="grid gap-2">
                <a className="key-main w-full" href={made} target="_blank" rel="noreferrer">
                  Open the sheets
                </a>
                <Link className="key w-full" to="/sheets/queue">
                  Go to the print queue
                </Link>
              </p>
            )}
          </div>
        )}
      </section>
      <section aria-label="The sheets" className="min-h-[60vh] overflow-auto px-5 py-4">
        {gang === undefined ? (
          <p className="mx-auto mt-28 max-w-sm text-center text-soft">
            Choose jobs, then make the layout. Mirrored and unmirrored pictures never share a sheet.
          </p>
        ) : (
          <>
            <p className="mb-3 text-sm text-soft">
              Drag a piece, or move it with the arrow keys. It stays there, and the others go round it. T turns it.
            </p>
            <GangSheets gang={gang.view} id={gang.id} pins={pins} onPin={pin} />
          </>
        )}
      </section>
    </div>
  );
}
