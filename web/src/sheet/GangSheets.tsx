import type { Schemas } from '../api/client';
import { useFormat } from '../measure/settings';
import { PrintedPicture } from './PrintedPicture';

type Gang = Schemas['GangView'];
type Lot = Gang['lots'][number];
type Piece = Lot['pieces'][number];

/** Every sheet to scale, print side up, with what fills it and what is left of it. */
export function GangSheets({ gang, id }: { gang: Gang; id: string }) {
  const format = useFormat();
  return (
    <ol className="flex flex-wrap gap-5">
      {gang.lots.flatMap((lot, l) =>
        alike(lot).map(({ sheet, from, count }) => (
          <li key={`${lot.id} ${from}`} className="w-64">
            <svg
              viewBox={`0 0 ${lot.page_width_mm} ${lot.page_height_mm}`}
              className="w-full border border-ink bg-white"
              role="img"
              aria-label={`Sheet ${from + 1} of ${lot.sheets.length}, ${lot.medium}: ${pieces(sheet)}`}
            >
              <rect
                x={lot.printable.x_mm}
                y={lot.printable.y_mm}
                width={lot.printable.width_mm}
                height={lot.printable.height_mm}
                fill="none"
                stroke="#b9c0c5"
                strokeWidth={0.4}
                strokeDasharray="1 2"
              />
              {sheet.offcuts.map((offcut) => (
                <g key={`${offcut.x_mm} ${offcut.y_mm}`}>
                  <rect
                    x={offcut.x_mm}
                    y={offcut.y_mm}
                    width={offcut.width_mm}
                    height={offcut.height_mm}
                    fill="#e3eee1"
                    stroke="#2a6b33"
                    strokeWidth={0.5}
                    strokeDasharray="3 2"
                  />
                  <text
                    x={offcut.x_mm + offcut.width_mm / 2}
                    y={offcut.y_mm + offcut.height_mm / 2}
                    fontSize={8}
                    textAnchor="middle"
                    dominantBaseline="central"
                    fill="#2a6b33"
                  >
                    {format.bareLength(Math.floor(offcut.width_mm))} × {format.bareLength(Math.floor(offcut.height_mm))}
                  </text>
                </g>
              ))}
              {sheet.places.map((place) => {
                const piece = lot.pieces.find((one) => one.id === place.piece);
                return (
                  piece !== undefined && <Placed key={`${place.x_mm} ${place.y_mm}`} piece={piece} place={place} />
                );
              })}
            </svg>
            <p className="mt-1 text-sm">
              <b>{count === 1 ? from + 1 : `${from + 1}–${from + count}, all alike`}</b> · {pieces(sheet)},{' '}
              {Math.round(sheet.filled * 100)} % filled ·{' '}
              <a className="link" href={`/api/gangs/${id}/${l}/${from}/cut.svg`}>
                cut lines
              </a>
            </p>
          </li>
        )),
      )}
    </ol>
  );
}

type Sheet = Lot['sheets'][number];

const pieces = (sheet: Sheet) => (sheet.places.length === 1 ? '1 piece' : `${sheet.places.length} pieces`);

/** Sheets that follow each other and are the same are drawn once. */
function alike(lot: Lot): { sheet: Sheet; from: number; count: number }[] {
  const runs: { sheet: Sheet; from: number; count: number }[] = [];
  lot.sheets.forEach((sheet, at) => {
    const last = runs.at(-1);
    if (last !== undefined && JSON.stringify(last.sheet.places) === JSON.stringify(sheet.places)) {
      last.count++;
    } else {
      runs.push({ sheet, from: at, count: 1 });
    }
  });
  return runs;
}

function Placed({ piece, place }: { piece: Piece; place: Lot['sheets'][number]['places'][number] }) {
  const { picture } = piece;
  const lines = piece.lines.map((loop) => `M${loop.map((p) => p.join(' ')).join('L')}Z`).join('');
  return (
    <g
      transform={
        place.turned
          ? `translate(${place.x_mm + place.width_mm} ${place.y_mm}) rotate(90)`
          : `translate(${place.x_mm} ${place.y_mm})`
      }
    >
      <title>{piece.label}</title>
      {piece.artwork === null ? (
        <rect {...box(picture)} fill="none" stroke="#969696" strokeWidth={0.4} />
      ) : (
        <PrintedPicture sha256={piece.artwork} bent={piece.bent} at={picture} mirrored={piece.mirrored} />
      )}
      <path d={lines} fill="none" stroke="#6e6e6e" strokeWidth={0.4} strokeDasharray="2 2" />
    </g>
  );
}

const box = (rect: Piece['picture']) => ({
  x: rect.x_mm,
  y: rect.y_mm,
  width: rect.width_mm,
  height: rect.height_mm,
});
