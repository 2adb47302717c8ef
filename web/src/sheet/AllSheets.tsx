import type { Schemas } from '../api/client';
import { useFormat } from '../measure/settings';
import { PrintedPicture } from './PrintedPicture';

/** All sheets that a job's pieces want, those that are alike once; to scale. */
export function AllSheets({ work }: { work: Schemas['WorkView'] }) {
  const format = useFormat();
  let next = 1;
  return (
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
          </li>
        );
      })}
    </ol>
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
