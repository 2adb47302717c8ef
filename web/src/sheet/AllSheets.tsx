import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, done, type Part, problemOf, type Schemas, type Task } from '../api/client';
import { keys } from '../api/queries';
import type { JobHandle } from '../job/useJob';
import { useFormat } from '../measure/settings';
import { PrintedPicture } from './PrintedPicture';

/** All sheets that a job's pieces want, those that are alike once; to scale. */
export function AllSheets({ view, work, handle }: { view: Part; work: Schemas['WorkView']; handle: JobHandle }) {
  const format = useFormat();
  let next = 1;
  return (
    <>
      <div className="flex flex-wrap items-baseline gap-x-6 gap-y-1 pt-3 text-sm">
        <FewerSheets job={view.job.id} />
        <label className="flex items-baseline gap-2">
          <input
            type="checkbox"
            className="size-4 accent-ink"
            checked={view.transfer.alone ?? false}
            onChange={(e) => handle.change({ alone: e.target.checked ? 'yes' : 'no' })}
          />
          One picture on each sheet
        </label>
      </div>
      <ol className="flex flex-wrap gap-6 pt-3">
        {work.on.map((sheet, n) => {
          const [from, to] = [next, next + sheet.copies - 1];
          next = to + 1;
          return (
            // biome-ignore lint/suspicious/noArrayIndexKey: sheets have no names, and are in the order they are printed
            <li key={n} className="w-44">
              <SheetDrawing sheet={sheet} />
              <p className="mt-1 font-bold">{from === to ? `Sheet ${from}` : `Sheets ${from}–${to}, all alike`}</p>
              <p className="text-sm">{sheet.holds.join(', ')}</p>
              <p className="text-sm text-soft">
                {sheet.paper}, {format.bareLength(sheet.page_width_mm)} × {format.length(sheet.page_height_mm)}
              </p>
              <p className="text-sm">
                For a cutter:{' '}
                {(['svg', 'dxf', 'pdf'] as const).map((kind) => (
                  <a
                    key={kind}
                    className="link mr-2"
                    href={`/api/jobs/${view.job.id}/cut/${n + 1}.${kind}`}
                    {...(kind === 'pdf' ? { target: '_blank', rel: 'noreferrer' } : {})}
                  >
                    {kind === 'pdf' ? 'how to align it' : kind.toUpperCase()}
                  </a>
                ))}
              </p>
            </li>
          );
        })}
      </ol>
    </>
  );
}

/** A search for fewer sheets; what it finds is kept with the job. */
function FewerSheets({ job }: { job: string }) {
  const queries = useQueryClient();
  const [task, setTask] = useState<Task>();
  const [told, setTold] = useState<string>();
  async function search() {
    setTold(undefined);
    try {
      const { before, after } = await done(
        api.POST('/api/jobs/{id}/sheets/search', { params: { path: { id: job } } }) as Promise<{
          data?: { before: number; after: number } | Task;
          response: Response;
        }>,
        setTask,
      );
      await queries.invalidateQueries({ queryKey: keys.job(job) });
      setTold(
        after < before
          ? `${after} instead of ${before}, saved with the job.`
          : 'Wubbin found no way with fewer sheets.',
      );
    } catch (e) {
      setTold(problemOf(e).message);
    }
    setTask(undefined);
  }
  return (
    <span aria-live="polite">
      {task === undefined ? (
        <button type="button" className="link" onClick={search}>
          Look for fewer sheets
        </button>
      ) : (
        <>
          {task.doing}{' '}
          <button
            type="button"
            className="link"
            onClick={() => api.POST('/api/tasks/{id}/enough', { params: { path: { id: task.id } } })}
          >
            Stop searching
          </button>
        </>
      )}
      {told !== undefined && <span className="ml-3 text-soft">{told}</span>}
    </span>
  );
}

function SheetDrawing({ sheet }: { sheet: Schemas['JobSheetView'] }) {
  return (
    <svg
      viewBox={`0 0 ${sheet.page_width_mm} ${sheet.page_height_mm}`}
      className="w-full border border-ink bg-white"
      role="img"
      aria-label={`${sheet.holds.join(', ')} on a sheet`}
    >
      {sheet.places.map((place) => {
        const { cut_width_mm: wide, cut_height_mm: high } = place;
        const [cx, cy] = [place.x_mm + place.width_mm / 2, place.y_mm + place.height_mm / 2];
        const [left, top] = [cx - wide / 2, cy - high / 2];
        return (
          <g key={`${place.x_mm} ${place.y_mm}`} transform={`rotate(${place.quarters * 90} ${cx} ${cy})`}>
            {place.artwork !== null && (
              <PrintedPicture
                sha256={place.artwork}
                bent={place.bent}
                at={{
                  x_mm: left + place.picture_x_mm,
                  y_mm: top + place.picture_y_mm,
                  width_mm: place.picture_width_mm,
                  height_mm: place.picture_height_mm,
                }}
                mirrored={sheet.mirrored}
              />
            )}
            <rect x={left} y={top} width={wide} height={high} className="fill-none stroke-line" strokeWidth={0.8} />
          </g>
        );
      })}
    </svg>
  );
}
