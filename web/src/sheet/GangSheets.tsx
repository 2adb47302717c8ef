import { useRef, useState } from 'react';
import { api, got, type Schemas } from '../api/client';
import { useFormat } from '../measure/settings';
import { PrintedPicture } from './PrintedPicture';
import { SheetMark } from './SheetMark';

type Gang = Schemas['GangView'];
type Lot = Gang['lots'][number];
type Sheet = Lot['sheets'][number];
type Place = Sheet['places'][number];
type Piece = Lot['pieces'][number];

/** A piece that the person has placed; its sheet is counted among the whole ones. */
export interface Pin {
  lot: string;
  piece: string;
  sheet: number;
  x_mm: number;
  y_mm: number;
  quarters: number;
}

/** Every sheet to scale, print side up, with what fills it and what is left of it. Pieces are dragged to be pinned. */
export function GangSheets({
  gang,
  id,
  pins,
  onPin,
}: {
  gang: Gang;
  id: string;
  pins: Pin[];
  onPin: (pin: Pin, from: Place) => void;
}) {
  return (
    <>
      {gang.apart.map((why) => (
        <p key={why} className="mb-3 max-w-prose text-wait">
          ◆ {why}
        </p>
      ))}
      <ol className="flex flex-wrap gap-5">
        {gang.lots.flatMap((lot, l) =>
          alike(lot).map(({ sheet, from, count }) => (
            <OneSheet
              key={`${lot.id} ${from}`}
              lot={lot}
              sheet={sheet}
              from={from}
              count={count}
              cut={`/api/gangs/${id}/${l}/${from}/cut.svg`}
              pins={pins}
              onPin={onPin}
            />
          )),
        )}
      </ol>
    </>
  );
}

function OneSheet({
  lot,
  sheet,
  from,
  count,
  cut,
  pins,
  onPin,
}: {
  lot: Lot;
  sheet: Sheet;
  from: number;
  count: number;
  cut: string;
  pins: Pin[];
  onPin: (pin: Pin, from: Place) => void;
}) {
  const format = useFormat();
  const svg = useRef<SVGSVGElement>(null);
  const [drag, setDrag] = useState<{ place: Place; dx: number; dy: number; x: number; y: number }>();
  const [kept, setKept] = useState<string[]>([]);
  const wholeBefore = lot.sheets.slice(0, from).filter((one) => one.offcut === null).length;

  function at(e: React.PointerEvent) {
    return new DOMPoint(e.clientX, e.clientY).matrixTransform(svg.current?.getScreenCTM()?.inverse());
  }

  function pin(place: Place, x: number, y: number, quarters = place.quarters) {
    const piece = lot.pieces.find((one) => one.id === place.piece);
    const odd = (quarters - place.quarters) % 2 !== 0;
    const [w, h] = odd ? [place.height_mm, place.width_mm] : [place.width_mm, place.height_mm];
    const { room } = sheet;
    const within = (value: number, least: number, most: number) => Math.max(least, Math.min(value, most));
    if (piece !== undefined) {
      onPin(
        {
          lot: lot.id,
          piece: place.piece,
          sheet: wholeBefore,
          x_mm: within(x, room.x_mm, room.x_mm + room.width_mm - w),
          y_mm: within(y, room.y_mm, room.y_mm + room.height_mm - h),
          quarters,
        },
        place,
      );
    }
  }

  async function keep(offcut: Schemas['PlacedRect']) {
    const { width_mm, height_mm } = offcut;
    await got(api.POST('/api/shelf/offcuts', { body: { medium: lot.medium_id, width_mm, height_mm } }));
    setKept((all) => [...all, `${offcut.x_mm} ${offcut.y_mm}`]);
  }

  return (
    <li className="w-64">
      {/* biome-ignore lint/a11y/useSemanticElements: a drawing with movable things on it has no element of its own */}
      <svg
        ref={svg}
        viewBox={`0 0 ${sheet.page_width_mm} ${sheet.page_height_mm}`}
        className="w-full touch-none border border-ink bg-white"
        role="group"
        aria-label={`Sheet ${from + 1} of ${lot.sheets.length}, ${lot.medium}: ${pieces(sheet)}`}
        onPointerMove={(e) => {
          if (drag !== undefined) {
            const p = at(e);
            setDrag({ ...drag, x: p.x - drag.dx, y: p.y - drag.dy });
          }
        }}
        onPointerUp={() => {
          if (drag !== undefined) {
            if (Math.hypot(drag.x - drag.place.x_mm, drag.y - drag.place.y_mm) > 0.5) {
              pin(drag.place, drag.x, drag.y);
            }
            setDrag(undefined);
          }
        }}
      >
        <rect
          x={sheet.room.x_mm}
          y={sheet.room.y_mm}
          width={sheet.room.width_mm}
          height={sheet.room.height_mm}
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
        {sheet.bar !== null && (
          <SheetMark mark={{ kind: 'check-bar', ...sheet.bar, text: '100 mm', turned: true, lines: [] }} />
        )}
        {sheet.places.map((place) => {
          const piece = lot.pieces.find((one) => one.id === place.piece);
          const here = drag?.place === place ? { ...place, x_mm: drag.x, y_mm: drag.y } : place;
          const label = piece?.label ?? 'Test swatch';
          return (
            // biome-ignore lint/a11y/useSemanticElements: a movable thing on a drawing has no element of its own
            <g
              key={`${place.piece} ${place.x_mm} ${place.y_mm}`}
              role="button"
              tabIndex={0}
              aria-label={`${label}${place.pinned ? ', placed by hand' : ''}: drag, or move with the arrows; T turns it`}
              className={sheet.offcut === null && !place.spare ? 'cursor-move' : ''}
              onPointerDown={(e) => {
                if (sheet.offcut === null && !place.spare) {
                  svg.current?.setPointerCapture(e.pointerId);
                  const p = at(e);
                  setDrag({ place, dx: p.x - place.x_mm, dy: p.y - place.y_mm, x: place.x_mm, y: place.y_mm });
                }
              }}
              onKeyDown={(e) => {
                const step = e.shiftKey ? 10 : 1;
                const [dx, dy] =
                  { ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, -step], ArrowDown: [0, step] }[e.key] ??
                  [];
                if (sheet.offcut !== null || place.spare) {
                  return;
                }
                if (dx !== undefined && dy !== undefined) {
                  e.preventDefault();
                  pin(place, place.x_mm + dx, place.y_mm + dy);
                } else if (e.key === 't' && piece?.upright === false) {
                  pin(place, place.x_mm, place.y_mm, (place.quarters + 1) % 4);
                }
              }}
            >
              <Placed piece={piece} place={here} label={label} />
              {(place.pinned || isPinned(pins, lot, place)) && (
                <circle cx={here.x_mm + 4} cy={here.y_mm + 4} r={3} fill="#6a35ab" stroke="#ffffff" strokeWidth={0.8} />
              )}
            </g>
          );
        })}
      </svg>
      <p className="mt-1 text-sm">
        <b>
          {sheet.offcut !== null && 'Offcut · '}
          {count === 1 ? from + 1 : `${from + 1}–${from + count}, all alike`}
        </b>{' '}
        · {pieces(sheet)}, {Math.round(sheet.filled * 100)} % filled ·{' '}
        <a className="link" href={cut}>
          cut lines
        </a>{' '}
        <a className="link" href={cut.replace(/svg$/, 'dxf')}>
          As DXF
        </a>
        {sheet.offcuts.map((offcut) => {
          const key = `${offcut.x_mm} ${offcut.y_mm}`;
          const size = `${format.bareLength(Math.floor(offcut.width_mm))} × ${format.length(Math.floor(offcut.height_mm))}`;
          return kept.includes(key) ? (
            <span key={key} className="block text-done">
              ✓ {size} is on the shelf
            </span>
          ) : (
            <button key={key} type="button" className="link block text-done" onClick={() => keep(offcut)}>
              Save the offcut {size}
            </button>
          );
        })}
      </p>
    </li>
  );
}

const isPinned = (pins: Pin[], lot: Lot, place: Place) =>
  pins.some(
    (pin) => pin.lot === lot.id && pin.piece === place.piece && pin.x_mm === place.x_mm && pin.y_mm === place.y_mm,
  );

const pieces = (sheet: Sheet) => (sheet.places.length === 1 ? '1 piece' : `${sheet.places.length} pieces`);

/** Sheets that follow each other and are the same are drawn once. */
function alike(lot: Lot): { sheet: Sheet; from: number; count: number }[] {
  const runs: { sheet: Sheet; from: number; count: number }[] = [];
  lot.sheets.forEach((sheet, at) => {
    const last = runs.at(-1);
    if (
      last !== undefined &&
      last.sheet.offcut === sheet.offcut &&
      JSON.stringify(last.sheet.places) === JSON.stringify(sheet.places)
    ) {
      last.count++;
    } else {
      runs.push({ sheet, from: at, count: 1 });
    }
  });
  return runs;
}

const SWATCH = ['#000000', '#00a0dc', '#d7146e', '#fadc00', '#d2281e', '#288c3c', '#32328c', '#bebebe', '#6e6e6e'];

function Placed({ piece, place, label }: { piece: Piece | undefined; place: Place; label: string }) {
  const { x_mm: x, y_mm: y, width_mm: w, height_mm: h, quarters } = place;
  const [dx, dy] = [
    [0, 0],
    [w, 0],
    [w, h],
    [0, h],
  ][quarters] ?? [0, 0];
  const transform = `translate(${x + (dx ?? 0)} ${y + (dy ?? 0)}) rotate(${90 * quarters})`;
  if (piece === undefined) {
    const [wide, high] = quarters % 2 === 0 ? [w / 3, h / 3] : [h / 3, w / 3];
    return (
      <g transform={transform}>
        <title>{label}</title>
        {SWATCH.map((colour, i) => (
          <rect key={colour} x={wide * (i % 3)} y={high * Math.floor(i / 3)} width={wide} height={high} fill={colour} />
        ))}
      </g>
    );
  }
  const lines = piece.lines.map((loop) => `M${loop.map((p) => p.join(' ')).join('L')}Z`).join('');
  const { picture } = piece;
  return (
    <g transform={transform} opacity={place.spare ? 0.75 : 1}>
      <title>{label}</title>
      {piece.artwork === null ? (
        <rect {...box(picture)} fill="none" stroke="#969696" strokeWidth={0.4} />
      ) : (
        <PrintedPicture sha256={piece.artwork} bent={piece.bent} at={picture} mirrored={piece.mirrored} />
      )}
      <path d={lines} fill="transparent" stroke="#6e6e6e" strokeWidth={0.4} strokeDasharray="2 2" />
    </g>
  );
}

const box = (rect: Piece['picture']) => ({
  x: rect.x_mm,
  y: rect.y_mm,
  width: rect.width_mm,
  height: rect.height_mm,
});
