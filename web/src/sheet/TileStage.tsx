import { useEffect, useRef, useState } from 'react';
import type { Part, TransferPlan } from '../api/client';
import type { JobHandle } from '../job/useJob';
import { useFormat } from '../measure/settings';
import { PrintedPicture } from './PrintedPicture';
import { Printable, SheetMark } from './SheetMark';

type Tiling = NonNullable<TransferPlan['tiling']>;
type Whole = NonNullable<Part['transfer']['whole']>;

/** Smaller boxes are slips of the hand, as parts of the picture. */
const LEAST = 0.01;

const typed = (whole: Whole) =>
  whole.map((one) => [one.x, one.y, one.width, one.height].map((n) => n.toFixed(4)).join(' ')).join('; ');

/** How the parts come together, seen as the picture reads; boxes that are drawn on it are kept off by the joins. */
export function Assembly({ view, tiling, handle }: { view: Part; tiling: Tiling; handle: JobHandle }) {
  const format = useFormat();
  const svg = useRef<SVGSVGElement>(null);
  const [drawn, setDrawn] = useState<{ x: number; y: number; toX: number; toY: number }>();
  const whole = view.transfer.whole ?? [];
  const { width_mm: w, height_mm: h } = tiling;
  const unit = Math.max(w, h) / 100;

  function at(e: React.PointerEvent) {
    const matrix = svg.current?.getScreenCTM()?.inverse();
    const point = new DOMPoint(e.clientX, e.clientY).matrixTransform(matrix);
    return { x: Math.min(1, Math.max(0, point.x / w)), y: Math.min(1, Math.max(0, point.y / h)) };
  }

  async function end() {
    if (drawn === undefined) {
      return;
    }
    const box = {
      x: Math.min(drawn.x, drawn.toX),
      y: Math.min(drawn.y, drawn.toY),
      width: Math.abs(drawn.toX - drawn.x),
      height: Math.abs(drawn.toY - drawn.y),
    };
    if (box.width > LEAST && box.height > LEAST) {
      await handle.change({ whole: typed([...whole, box]) });
    }
    setDrawn(undefined);
  }

  return (
    <div className="grid h-full min-h-72 grid-cols-[minmax(0,1.6fr)_minmax(11rem,1fr)] gap-4 pt-2">
      <svg
        ref={svg}
        viewBox={`${-2 * unit} ${-2 * unit} ${w + 4 * unit} ${h + 4 * unit}`}
        className="h-full min-h-0 w-full touch-none cursor-crosshair"
        role="img"
        aria-label={`The picture in ${tiling.tiles.length} parts`}
        onPointerDown={(e) => {
          e.currentTarget.setPointerCapture(e.pointerId);
          const p = at(e);
          setDrawn({ ...p, toX: p.x, toY: p.y });
        }}
        onPointerMove={(e) => {
          if (drawn !== undefined) {
            const p = at(e);
            setDrawn({ ...drawn, toX: p.x, toY: p.y });
          }
        }}
        onPointerUp={end}
        onPointerCancel={() => setDrawn(undefined)}
      >
        <rect width={w} height={h} fill="#ffffff" />
        {view.artwork !== null && (
          <PrintedPicture
            sha256={view.artwork.sha256}
            bent={null}
            at={{ x_mm: 0, y_mm: 0, width_mm: w, height_mm: h }}
            mirrored={false}
          />
        )}
        {tiling.tiles.map((tile) => (
          <g key={tile.name}>
            <rect
              x={tile.x_mm}
              y={tile.y_mm}
              width={tile.width_mm}
              height={tile.height_mm}
              fill="none"
              stroke="#16212b"
              strokeWidth={unit * 0.3}
              strokeDasharray={`${unit * 1.5} ${unit}`}
            />
            <text
              x={tile.x_mm + tile.width_mm / 2}
              y={tile.y_mm + tile.height_mm / 2}
              fontSize={unit * 5}
              textAnchor="middle"
              dominantBaseline="central"
              fill="#16212b"
              stroke="#ffffff"
              strokeWidth={unit}
              paintOrder="stroke"
              className="pointer-events-none font-bold"
            >
              {tile.name}
            </text>
          </g>
        ))}
        {whole.map((box) => (
          <rect
            key={`${box.x} ${box.y}`}
            x={box.x * w}
            y={box.y * h}
            width={box.width * w}
            height={box.height * h}
            fill="#6a35ab"
            fillOpacity={0.15}
            stroke="#6a35ab"
            strokeWidth={unit * 0.4}
          />
        ))}
        {drawn !== undefined && (
          <rect
            x={Math.min(drawn.x, drawn.toX) * w}
            y={Math.min(drawn.y, drawn.toY) * h}
            width={Math.abs(drawn.toX - drawn.x) * w}
            height={Math.abs(drawn.toY - drawn.y) * h}
            fill="#6a35ab"
            fillOpacity={0.15}
            stroke="#6a35ab"
            strokeWidth={unit * 0.4}
          />
        )}
      </svg>
      <div className="overflow-auto text-sm">
        <p>
          <b>{tiling.tiles.length} parts</b> on {tiling.sheets.length} {tiling.sheets.length === 1 ? 'sheet' : 'sheets'}
          , overlapping by {format.length(tiling.overlap_mm)}. The names are row · column. Put them together as they are
          here, marks on marks.
        </p>
        <p className="mt-2 text-soft">
          Draw a box round a face or a word. Then no join runs through it.
          {whole.length > 0 && (
            <button type="button" className="link ml-1" onClick={() => handle.change({ whole: '' })}>
              Take {whole.length === 1 ? 'the box' : 'the boxes'} away
            </button>
          )}
        </p>
        <ol className="mt-2">
          {tiling.tiles.map((tile) => (
            <li key={tile.name} className="flex justify-between border-t border-rule py-0.5">
              <span>{tile.name}</span>
              <span className="text-soft">
                {format.bareLength(tile.width_mm)} × {format.length(tile.height_mm)}
              </span>
            </li>
          ))}
        </ol>
      </div>
    </div>
  );
}

/** Every sheet of a picture in parts, as it comes out, print side up. */
export function TileSheets({ view, tiling }: { view: Part; tiling: Tiling }) {
  return (
    <ol className="flex flex-wrap gap-4 pt-2">
      {tiling.sheets.map((sheet, n) => (
        <li key={sheet.tiles[0]?.tile} className="w-40">
          <svg
            viewBox={`0 0 ${sheet.page_width_mm} ${sheet.page_height_mm}`}
            className="w-full border border-ink bg-white"
            role="img"
            aria-label={`Sheet ${n + 1}: part ${sheet.tiles.map((one) => one.tile).join(', ')}`}
          >
            <Printable at={sheet.printable} />
            {sheet.tiles.map((placed) => (
              <PlacedPart key={placed.tile} placed={placed} view={view} tiling={tiling} />
            ))}
            {sheet.marks.map((mark) => (
              <SheetMark key={`${mark.kind}${mark.x_mm},${mark.y_mm}`} mark={mark} />
            ))}
          </svg>
          <p className="mt-0.5 text-sm">
            <b>{n + 1}</b> · part {sheet.tiles.map((one) => one.tile).join(', ')}
          </p>
        </li>
      ))}
    </ol>
  );
}

function PlacedPart({
  placed,
  view,
  tiling,
}: {
  placed: Tiling['sheets'][number]['tiles'][number];
  view: Part;
  tiling: Tiling;
}) {
  const clip = `part-${placed.tile.replace('·', '-')}`;
  const tile = tiling.tiles.find((one) => one.name === placed.tile);
  if (tile === undefined || view.artwork === null) {
    return null;
  }
  const left = tiling.mirrored ? tiling.width_mm - tile.x_mm - tile.width_mm : tile.x_mm;
  const { takes } = placed;
  return (
    <g
      transform={
        placed.sideways
          ? `translate(${takes.x_mm + takes.width_mm} ${takes.y_mm}) rotate(90) translate(${-takes.x_mm} ${-takes.y_mm})`
          : undefined
      }
    >
      <clipPath id={clip}>
        <rect x={placed.x_mm} y={placed.y_mm} width={placed.width_mm} height={placed.height_mm} />
      </clipPath>
      <g clipPath={`url(#${clip})`}>
        <PrintedPicture
          sha256={view.artwork.sha256}
          bent={null}
          at={{
            x_mm: placed.x_mm - left,
            y_mm: placed.y_mm - tile.y_mm,
            width_mm: tiling.width_mm,
            height_mm: tiling.height_mm,
          }}
          mirrored={tiling.mirrored}
        />
      </g>
      {placed.marks.map((mark) => (
        <SheetMark key={`${mark.kind}${mark.x_mm},${mark.y_mm}`} mark={mark} />
      ))}
    </g>
  );
}

/** Turns to the first view when what there is to see changes. */
export function useView<T extends string>(views: readonly T[], first: T) {
  const [view, setView] = useState<T>(first);
  const known = views.join();
  useEffect(() => {
    setView((now) => (known.split(',').includes(now) ? now : first));
  }, [known, first]);
  return [views.includes(view) ? view : first, setView] as const;
}
