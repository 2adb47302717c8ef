import { type KeyboardEvent, type PointerEvent, useEffect, useId, useRef, useState } from 'react';
import type { Part } from '../api/client';
import { Appearances, type Shown } from '../artwork/Appearances';
import { changes, Gloss, Worn } from '../artwork/Worn';
import { ClothPattern } from '../blank/Cloth';
import { Dimension } from '../blank/Dimension';
import { KeptClear } from '../blank/KeptClear';
import { contrasting, onCloth } from '../blank/onCloth';
import { PictureOn } from '../blank/PictureOn';
import type { JobHandle } from '../job/useJob';
import { useFormat } from '../measure/settings';
import { scaleLabel, useSize } from '../parts/useSize';
import { RoundFront } from './RoundFront';

const STEP_MM = 1;
const BIG_STEP_MM = 10;
/** Arrow presses within this time are one change. */
const SETTLE_MS = 350;

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
  const { plan, job, transfer, whole } = view;
  const format = useFormat();
  const { ref, width, height } = useSize<HTMLDivElement>();
  const [moved, setMoved] = useState({ x: 0, y: 0 });
  const grip = useRef<{ x: number; y: number; id: number }>(null);
  const settle = useRef<number>(undefined);
  const { placed, blank } = plan;
  const [filter, second, cloth, where, shine, stage] = [useId(), useId(), useId(), useId(), useId(), useId()];
  const { pattern } = job.blank;
  const onSecond = seen.shown?.id === 'worn' ? (plan.look?.on_second ?? null) : null;

  // biome-ignore lint/correctness/useExhaustiveDependencies: a new plan has taken the move in
  useEffect(
    () => setMoved({ x: 0, y: 0 }),
    [whole.id, view.at, transfer.placement.right_mm, transfer.placement.below_mm],
  );
  useEffect(() => () => clearTimeout(settle.current), []);

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

  function commit(dx: number, dy: number) {
    if (dx === 0 && dy === 0) {
      return;
    }
    const right = Math.round((transfer.placement.right_mm + dx) * 10) / 10;
    const below = Math.round((transfer.placement.below_mm + dy) * 10) / 10;
    handle.change({ right: `${right} mm`, below: `${below} mm` }).then((errors) => {
      if (Object.keys(errors).length > 0) {
        setMoved({ x: 0, y: 0 });
      }
    });
  }

  function onKeyDown(e: KeyboardEvent) {
    if (e.key.toLowerCase() === 'c' && !e.ctrlKey && !e.metaKey) {
      handle.change({ right: '0 mm' });
      return;
    }
    const step = e.shiftKey ? BIG_STEP_MM : STEP_MM;
    const way = { ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, -step], ArrowDown: [0, step] }[e.key];
    if (way === undefined) {
      return;
    }
    e.preventDefault();
    const next = { x: moved.x + (way[0] ?? 0), y: moved.y + (way[1] ?? 0) };
    setMoved(next);
    clearTimeout(settle.current);
    settle.current = window.setTimeout(() => commit(next.x, next.y), SETTLE_MS);
  }

  function onPointerDown(e: PointerEvent) {
    e.currentTarget.setPointerCapture(e.pointerId);
    grip.current = { x: e.clientX - moved.x * scale, y: e.clientY - moved.y * scale, id: e.pointerId };
  }
  function onPointerMove(e: PointerEvent) {
    if (grip.current?.id === e.pointerId) {
      setMoved({ x: (e.clientX - grip.current.x) / scale, y: (e.clientY - grip.current.y) / scale });
    }
  }
  function onPointerUp(e: PointerEvent) {
    if (grip.current?.id === e.pointerId) {
      grip.current = null;
      commit(moved.x, moved.y);
    }
  }

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
  const rect = placed === null ? null : { ...placed, x_mm: placed.x_mm + moved.x, y_mm: placed.y_mm + moved.y };
  const drawing = blank.drawing.map((line) => ({
    ...line,
    d: `${line.points.map(([px = 0, py = 0], i) => `${i === 0 ? 'M' : 'L'}${x(px)} ${y(py)}`).join('')}${line.closed ? 'Z' : ''}`,
  }));

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
          {pattern != null && (
            <>
              <ClothPattern id={cloth} of={pattern} perMm={scale} colour={pattern.colour} />
              {onSecond !== null && (
                <>
                  <Worn id={second} as={onSecond} perMm={scale} />
                  <ClothPattern id={`${where}p`} of={pattern} perMm={scale} colour="#fff" />
                  <mask id={where} maskUnits="userSpaceOnUse" x={0} y={0} width={width} height={height}>
                    <rect width={width} height={height} fill={`url(#${where}p)`} />
                  </mask>
                </>
              )}
            </>
          )}
          {drawing.map((line, i) => (
            <path
              key={line.d}
              d={line.d}
              fill={line.closed ? job.blank.colour : 'none'}
              className={line.style === 'hidden' ? 'stroke-line' : 'stroke-ink'}
              strokeWidth={line.style === 'hidden' ? 1 : 1.5}
              strokeDasharray={line.style === 'hidden' ? '5 4' : undefined}
              strokeLinejoin="round"
              data-line={i}
            />
          ))}
          {pattern != null && <path d={drawing[0]?.d} fill={`url(#${cloth})`} className="pointer-events-none" />}
          {blank.overscan_mm > 0 && (
            <path
              d={drawing[0]?.d}
              fill="none"
              className="stroke-line"
              strokeWidth={blank.overscan_mm * 2 * scale}
              strokeLinejoin="round"
              opacity={0.3}
            />
          )}
          <path
            d={`M${blank.print_area_line.map(([px = 0, py = 0]) => `${x(px)} ${y(py)}`).join('L')}Z`}
            fill="none"
            className="stroke-line"
            strokeDasharray="3 4"
          />
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
            // biome-ignore lint/a11y/useSemanticElements: a thing on a drawing has no element of its own
            <g
              key={other.at}
              clipPath={`url(#${stage})`}
              style={onCloth(job.blank.colour)}
              role="button"
              tabIndex={0}
              aria-label={`${other.name}: take it in hand`}
              className="cursor-pointer"
              onClick={() => onPick(other.at)}
              onKeyDown={(e) => e.key === 'Enter' && onPick(other.at)}
            >
              <PictureOn
                bent={other.bent}
                apex={taper?.apex_mm}
                rect={other.placed}
                down={0}
                sha256={other.artwork?.sha256}
                edge="stroke-ink [stroke-dasharray:6_3] [stroke-width:0.8]"
                x={x}
                y={y}
                scale={scale}
              />
              <text
                x={x(other.placed.x_mm) + 4}
                y={y(other.placed.y_mm) + 14}
                fontSize={12.5}
                fill="var(--c-ink)"
                stroke="var(--c-ground)"
                strokeWidth={4}
                paintOrder="stroke"
              >
                {other.name}
              </text>
            </g>
          ))}
          {rect !== null && (
            // biome-ignore lint/a11y/useSemanticElements: a movable thing on a drawing has no element of its own
            <g
              clipPath={`url(#${stage})`}
              style={onCloth(job.blank.colour)}
              role="button"
              tabIndex={0}
              aria-label={`The picture, ${format.length(rect.width_mm)} wide. Arrow keys move it, C centres it.`}
              className="cursor-move touch-none"
              onKeyDown={onKeyDown}
              onPointerDown={onPointerDown}
              onPointerMove={onPointerMove}
              onPointerUp={onPointerUp}
              onPointerCancel={onPointerUp}
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
          {rect !== null && (
            <g className="pointer-events-none">
              <g style={onCloth(job.blank.colour)}>
                <Dimension
                  from={[x(rect.x_mm), y(rect.y_mm + rect.height_mm) + (plan.bent === null ? 20 : 26)]}
                  to={[x(rect.x_mm + rect.width_mm), y(rect.y_mm + rect.height_mm) + (plan.bent === null ? 20 : 26)]}
                  label={format.length(rect.width_mm)}
                  strong
                />
                <Dimension
                  from={[x(rect.x_mm + rect.width_mm) + 24, y(rect.y_mm)]}
                  to={[x(rect.x_mm + rect.width_mm) + 24, y(rect.y_mm + rect.height_mm)]}
                  label={format.bareLength(rect.height_mm)}
                />
                {rect.y_mm > 0 && (
                  <Dimension
                    from={[x(0) + 9, y(0)]}
                    to={[x(0) + 9, y(rect.y_mm)]}
                    label={`${format.bareLength(rect.y_mm)} below ${blank.from}`}
                  />
                )}
              </g>
            </g>
          )}
          {blank.diameter_mm !== null && (
            <text x={x(0)} y={bottom + 64} textAnchor="middle" fontSize={12.5} className="fill-soft">
              unrolled, seam at both ends{drawing.length > 3 ? ', handle dashed' : ''}
            </text>
          )}
          {taper === null ? (
            <Dimension
              from={[x(-blank.width_mm / 2), bottom + 22]}
              to={[x(blank.width_mm / 2), bottom + 22]}
              label={`${format.bareLength(blank.width_mm)} ${blank.diameter_mm === null ? 'across' : 'round'}`}
            />
          ) : (
            <text x={x(0)} y={bottom + 26} textAnchor="middle" fontSize={13} className="fill-ink">
              {format.bareLength(taper.rim_mm)} round at the rim, {format.bareLength(taper.foot_mm)} at the foot,{' '}
              {format.length(taper.standing_mm)} high
            </text>
          )}
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
          Choose a picture on the ticket’s line “Picture”.
        </p>
      )}
    </div>
  );
}
