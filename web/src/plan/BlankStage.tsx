import { useId } from 'react';
import type { Part } from '../api/client';
import { Appearances, type Shown } from '../artwork/Appearances';
import { changes, Gloss, Worn } from '../artwork/Worn';
import { KeptClear } from '../blank/KeptClear';
import { contrasting, onCloth } from '../blank/onCloth';
import { PictureOn } from '../blank/PictureOn';
import type { JobHandle } from '../job/useJob';
import { useFormat } from '../measure/settings';
import { scaleLabel, useSize } from '../parts/useSize';
import { OtherPicture, PictureDimensions, PieceDimensions, PieceDrawing, SecondCloth } from './PieceDrawing';
import { RoundFront } from './RoundFront';
import { useMovedPicture } from './useMovedPicture';
import { useSizedPicture } from './useSizedPicture';

/**
 * The blank to scale with its picture; a round one unrolled. Dragging moves the picture on the screen at once; where it is let go, the
 * server is told and says what follows.
 */
export function BlankStage({
  view,
  handle,
  seen,
  onPick,
}: {
  view: Part;
  handle: JobHandle;
  seen: Shown;
  /** Takes another picture of this side in hand. */
  onPick: (at: number) => void;
}) {
  const { plan, job, whole } = view;
  const format = useFormat();
  const { ref, width, height } = useSize<HTMLDivElement>();
  const { placed, blank } = plan;
  const [filter, second, cloth, where, shine, stage] = [useId(), useId(), useId(), useId(), useId(), useId()];
  const { pattern } = job.blank;
  const onSecond = seen.shown?.id === 'worn' ? (plan.look?.on_second ?? null) : null;

  const xs = blank.drawing.flatMap((line) => line.points.map((p) => p[0] ?? 0));
  const ys = blank.drawing.flatMap((line) => line.points.map((p) => p[1] ?? 0));
  const box = { left: Math.min(...xs), right: Math.max(...xs), top: Math.min(...ys), bottom: Math.max(...ys) };
  // A round piece is drawn twice: unrolled, and below that from the front.
  const rows = blank.views.length === 0 ? 1 : 2;
  const scale = Math.max(
    0.05,
    Math.min((width - 24) / (box.right - box.left), (height - 124) / (box.bottom - box.top) / rows),
  );
  const x = (mm: number) => Math.round((width / 2 + mm * scale) * 10) / 10;
  const y = (mm: number) => Math.round((18 + (mm - box.top) * scale) * 10) / 10;

  const { moved, hold } = useMovedPicture(view, handle, scale);
  const { larger, onKey, grip } = useSizedPicture(view, handle, scale);
  const area = blank.print_area;
  const { taper } = blank;
  const bottom = y(box.bottom);
  // A garment has room on it for what is written; the others have it beneath.
  const garment = blank.drawing.length > 1 && blank.diameter_mm === null && blank.from === 'collar';
  // What else is on this side, for its place beside the picture at hand.
  const others = whole.transfers.flatMap((other, at) =>
    at !== view.at && other.side === plan.side && other.placed !== null
      ? [{ at, name: other.name, placed: other.placed, bent: other.bent, artwork: view.artworks[at] ?? null }]
      : [],
  );
  const rect =
    placed === null
      ? null
      : {
          ...placed,
          x_mm: placed.x_mm + moved.x - larger.width / 2,
          y_mm: placed.y_mm + moved.y,
          width_mm: placed.width_mm + larger.width,
          height_mm: placed.height_mm + larger.height,
        };

  return (
    <div ref={ref} className="relative h-full min-h-64">
      <span className="absolute top-0 right-0 text-sm text-soft">{width > 0 && scaleLabel(scale)}</span>
      {width > 0 && (
        <svg
          width={width}
          height={height}
          className="absolute inset-0 overflow-visible"
          aria-label="The blank to scale"
          role="application"
        >
          {/* A picture larger than the stage must not lie over the rest of the page, nor take its clicks. */}
          <clipPath id={stage}>
            <rect width={width} height={height} />
          </clipPath>
          {seen.shown !== undefined && <Worn id={filter} as={seen.shown} perMm={scale} />}
          {seen.shown?.gloss && <Gloss id={shine} />}
          <PieceDrawing view={view} x={x} y={y} scale={scale} cloth={cloth}>
            {pattern != null && onSecond !== null && (
              <SecondCloth
                id={second}
                where={where}
                as={onSecond}
                of={pattern}
                scale={scale}
                wide={width}
                high={height}
              />
            )}
          </PieceDrawing>
          {blank.zones.map((zone) => (
            <KeptClear
              key={`${zone.x_mm} ${zone.y_mm}`}
              zone={zone}
              x={x}
              y={y}
              scale={scale}
              ink={contrasting(job.blank.colour)}
              ground={job.blank.colour}
            />
          ))}
          <path
            d={`M${x(0)} ${y(0) - 22}V${bottom + 8}`}
            className="stroke-hot"
            strokeDasharray="14 4 2 4"
            strokeWidth={1}
            opacity={0.7}
          />
          <text
            x={x(0)}
            y={garment ? y(area.y_mm + area.height_mm) + 15 : bottom + 46}
            textAnchor="middle"
            fontSize={12.5}
            className="fill-soft"
          >
            <tspan
              stroke={garment ? job.blank.colour : 'none'}
              strokeWidth={4}
              paintOrder="stroke"
              fill={garment ? contrasting(job.blank.colour) : undefined}
            >
              print area {format.bareLength(area.width_mm)} × {format.length(area.height_mm)}
            </tspan>
          </text>
          {others.map((other) => (
            <OtherPicture
              key={other.at}
              of={other}
              view={view}
              clip={stage}
              x={x}
              y={y}
              scale={scale}
              onPick={onPick}
            />
          ))}
          {rect !== null && (
            // biome-ignore lint/a11y/useSemanticElements: a movable thing on a drawing has no element of its own
            <g
              clipPath={`url(#${stage})`}
              style={onCloth(job.blank.colour)}
              role="button"
              tabIndex={0}
              aria-label={`The picture, ${format.length(rect.width_mm)} wide. Arrow keys move it, C centres it, plus and minus make it larger and smaller.`}
              className="cursor-move touch-none"
              {...hold}
              onKeyDown={(e) => (onKey(e.key) ? e.preventDefault() : hold.onKeyDown(e))}
            >
              <PictureOn
                bent={plan.bent}
                apex={taper?.apex_mm}
                rect={rect}
                down={moved.y}
                sha256={view.artwork?.sha256}
                filter={changes(seen.shown) ? `url(#${filter})` : undefined}
                second={onSecond === null ? undefined : { filter: `url(#${second})`, mask: `url(#${where})` }}
                shine={seen.shown?.gloss ? `url(#${shine})` : undefined}
                edge="stroke-face [stroke-width:1.2]"
                x={x}
                y={y}
                scale={scale}
              />
            </g>
          )}
          {rect !== null && plan.bent === null && (
            <g
              className="cursor-nwse-resize touch-none"
              transform={`translate(${x(rect.x_mm + rect.width_mm)} ${y(rect.y_mm + rect.height_mm)})`}
              aria-hidden
              {...grip}
            >
              <circle r={18} className="fill-transparent" />
              <rect x={-6} y={-6} width={12} height={12} className="fill-ground stroke-face" strokeWidth={2} />
            </g>
          )}
          {rect !== null && <PictureDimensions view={view} rect={rect} x={x} y={y} />}
          <PieceDimensions view={view} x={x} bottom={bottom} />
        </svg>
      )}
      {blank.views.length > 0 && width > 0 && (
        <div className="absolute inset-x-0 flex justify-center" style={{ top: bottom + 74 }}>
          <RoundFront view={view} scale={scale} seen={seen} />
        </div>
      )}
      {seen.all.length > 0 && placed !== null && (
        <div className="absolute bottom-0 left-0">
          <Appearances of={seen} />
        </div>
      )}
      {placed === null && (
        <p
          className={`absolute inset-x-0 ${others.length > 0 ? 'bottom-8' : 'top-1/3'} mx-auto w-fit bg-ground px-4 py-2 text-soft`}
        >
          Choose a picture first.
        </p>
      )}
    </div>
  );
}
