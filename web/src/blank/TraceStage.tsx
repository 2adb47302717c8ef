import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react';
import type { Schemas } from '../api/client';
import { useSize } from '../parts/useSize';
import { type Marks, mark, type Point } from './useMarks';

const LOUPE = 176;
/** How much larger the loupe shows the photo than the stage does. */
const NEARER = 4;

type Which = 'corners' | 'points';

/** The photo with its marks: click to set one, drag it, click a side to split it; every one by keyboard too. */
export function TraceStage({
  photo,
  size,
  marks,
  set,
  traced,
  mirrored,
}: {
  photo: string;
  size: { width: number; height: number };
  marks: Marks;
  set: (change: (marks: Marks) => Marks, keep?: boolean) => void;
  traced: Schemas['TracedView'] | undefined;
  mirrored: boolean;
}) {
  const { ref, width: wide, height: high } = useSize<HTMLDivElement>();
  const [at, setAt] = useState<{ x: number; y: number }>();
  const drag = useRef<{ which: Which; id: number }>(null);
  const scale = Math.max(0.01, Math.min(wide / size.width, high / size.height));
  const [left, top] = [(wide - size.width * scale) / 2, (high - size.height * scale) / 2];
  const marking: Which = marks.corners.length < 4 ? 'corners' : 'points';
  const url = `/api/photos/${photo}`;

  const place = (e: { clientX: number; clientY: number; currentTarget: Element }) => {
    const box = (e.currentTarget.closest('svg') ?? e.currentTarget).getBoundingClientRect();
    return {
      x: Math.round(Math.min(Math.max((e.clientX - box.left) / scale, 0), size.width) * 10) / 10,
      y: Math.round(Math.min(Math.max((e.clientY - box.top) / scale, 0), size.height) * 10) / 10,
    };
  };
  const moveTo = (which: Which, id: number, x: number, y: number, keep: boolean) =>
    set((all) => ({ ...all, [which]: all[which].map((p) => (p.id === id ? { ...p, x, y } : p)) }), keep);
  const remove = (which: Which, id: number) =>
    set((all) => ({ ...all, [which]: all[which].filter((p) => p.id !== id) }));

  function onKeyDown(e: KeyboardEvent, which: Which, point: Point) {
    const step = (e.shiftKey ? 10 : 1) * Math.max(1, Math.round(0.5 / scale));
    const way = { ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, -step], ArrowDown: [0, step] }[e.key];
    if (way !== undefined) {
      e.preventDefault();
      const [x, y] = [point.x + (way[0] ?? 0), point.y + (way[1] ?? 0)];
      moveTo(which, point.id, Math.min(Math.max(x, 0), size.width), Math.min(Math.max(y, 0), size.height), true);
      setAt({ x, y });
    } else if (e.key === 'Delete' || e.key === 'Backspace') {
      e.preventDefault();
      remove(which, point.id);
    } else if (e.key.toLowerCase() === 's' && which === 'points') {
      e.preventDefault();
      const index = marks.points.findIndex((p) => p.id === point.id);
      const to = marks.points[(index + 1) % marks.points.length] ?? point;
      split(index, (point.x + to.x) / 2, (point.y + to.y) / 2);
    }
  }

  function split(after: number, x: number, y: number) {
    const added = mark(x, y);
    set((all) => ({ ...all, points: [...all.points.slice(0, after + 1), added, ...all.points.slice(after + 1)] }));
    return added;
  }

  function grip(e: PointerEvent, which: Which, id: number) {
    e.stopPropagation();
    e.currentTarget.closest('svg')?.setPointerCapture(e.pointerId);
    drag.current = { which, id };
    // From here on the drag is one change.
    set((all) => all);
  }

  const sides = marks.points.map((from, i) => ({
    from,
    i,
    to: marks.points[(i + 1) % marks.points.length] ?? from,
    // The side that closes a half is the line it is mirrored about.
    axis: mirrored && i === marks.points.length - 1,
  }));
  const path = (points: { x: number; y: number }[]) =>
    points.map((p, i) => `${i === 0 ? 'M' : 'L'}${p.x * scale} ${p.y * scale}`).join('');

  return (
    <div ref={ref} className="relative h-full min-h-80 touch-none select-none overflow-hidden bg-shade">
      {wide > 0 && (
        <>
          <img
            src={url}
            alt="The piece on a table, with a sheet of paper"
            draggable={false}
            className="absolute"
            style={{ left, top, width: size.width * scale, height: size.height * scale }}
          />
          <svg
            className="absolute cursor-crosshair"
            style={{ left, top }}
            width={size.width * scale}
            height={size.height * scale}
            role="application"
            aria-label="Marks in the photo"
            onPointerDown={(e) => {
              const p = place(e);
              const added = mark(p.x, p.y);
              set((all) => ({ ...all, [marking]: [...all[marking], added] }));
              e.currentTarget.setPointerCapture(e.pointerId);
              drag.current = { which: marking, id: added.id };
              setAt(p);
            }}
            onPointerMove={(e) => {
              const p = place(e);
              setAt(p);
              if (drag.current !== null) {
                moveTo(drag.current.which, drag.current.id, p.x, p.y, false);
              }
            }}
            onPointerUp={() => {
              drag.current = null;
            }}
            onPointerCancel={() => {
              drag.current = null;
            }}
            onPointerLeave={() => drag.current === null && setAt(undefined)}
          >
            {traced !== undefined && (
              <path
                d={`${path(traced.outline.map(([x = 0, y = 0]) => ({ x, y })))}Z`}
                fill="#6a35ab"
                fillOpacity={0.18}
                stroke="none"
                className="pointer-events-none"
              />
            )}
            <path
              d={`${path(marks.corners)}${marks.corners.length === 4 ? 'Z' : ''}`}
              fill="none"
              stroke="#fff"
              strokeWidth={4}
            />
            <path
              d={`${path(marks.corners)}${marks.corners.length === 4 ? 'Z' : ''}`}
              fill="none"
              stroke="#0c717d"
              strokeWidth={2}
            />
            {sides.map(({ from, to, i, axis }) => (
              <g key={from.id}>
                <path d={path([from, to])} stroke="#fff" strokeWidth={4} />
                <path
                  d={path([from, to])}
                  stroke="#6a35ab"
                  strokeWidth={2}
                  strokeDasharray={axis ? '8 5' : undefined}
                />
                {!axis && marks.points.length > 1 && (
                  <path
                    d={path([from, to])}
                    stroke="transparent"
                    strokeWidth={14}
                    className="cursor-copy"
                    onPointerDown={(e) => {
                      const p = place(e);
                      grip(e, 'points', split(i, p.x, p.y).id);
                    }}
                  />
                )}
              </g>
            ))}
            {(['corners', 'points'] as const).flatMap((which) =>
              marks[which].map((point, i) => (
                <MarkHandle
                  key={point.id}
                  which={which}
                  number={i + 1}
                  x={point.x * scale}
                  y={point.y * scale}
                  onKeyDown={(e) => onKeyDown(e, which, point)}
                  onFocus={() => setAt({ x: point.x, y: point.y })}
                  onPointerDown={(e) => grip(e, which, point.id)}
                  onDoubleClick={() => remove(which, point.id)}
                />
              )),
            )}
          </svg>
          {at !== undefined && <Loupe url={url} at={at} size={size} scale={scale} />}
        </>
      )}
    </div>
  );
}

/** A mark in the photo: a cross for a corner of the sheet, a ring for a point of the outline. */
function MarkHandle({
  which,
  number,
  x,
  y,
  ...hands
}: {
  which: Which;
  number: number;
  x: number;
  y: number;
  onKeyDown: (e: KeyboardEvent) => void;
  onFocus: () => void;
  onPointerDown: (e: PointerEvent) => void;
  onDoubleClick: () => void;
}) {
  return (
    // biome-ignore lint/a11y/useSemanticElements: a movable thing on a drawing has no element of its own
    <g
      role="button"
      tabIndex={0}
      aria-label={`${which === 'corners' ? 'Corner' : 'Point'} ${number}. Arrow keys move it, Delete removes it${which === 'points' ? ', S splits the side after it' : ''}.`}
      className="cursor-move"
      {...hands}
    >
      <circle cx={x} cy={y} r={14} fill="transparent" />
      {which === 'corners' ? (
        <path d={`M${x - 9} ${y}h18M${x} ${y - 9}v18`} stroke="#0c717d" strokeWidth={2.5} />
      ) : (
        <circle cx={x} cy={y} r={5} fill="#fff" stroke="#6a35ab" strokeWidth={2.5} />
      )}
    </g>
  );
}

/** The photo near the pointer, larger. */
function Loupe({
  url,
  at,
  size,
  scale,
}: {
  url: string;
  at: { x: number; y: number };
  size: { width: number; height: number };
  scale: number;
}) {
  return (
    <div
      aria-hidden
      className={`pointer-events-none absolute top-2 border border-ink bg-shade ${at.x > size.width / 2 ? 'left-2' : 'right-2'}`}
      style={{
        width: LOUPE,
        height: LOUPE,
        backgroundImage: `url(${url})`,
        backgroundRepeat: 'no-repeat',
        backgroundSize: `${size.width * scale * NEARER}px ${size.height * scale * NEARER}px`,
        backgroundPosition: `${LOUPE / 2 - at.x * scale * NEARER}px ${LOUPE / 2 - at.y * scale * NEARER}px`,
      }}
    >
      <svg width={LOUPE} height={LOUPE} aria-hidden>
        <path d={`M${LOUPE / 2} 0V${LOUPE}M0 ${LOUPE / 2}H${LOUPE}`} stroke="#fff" strokeWidth={2.5} opacity={0.7} />
        <path d={`M${LOUPE / 2} 0V${LOUPE}M0 ${LOUPE / 2}H${LOUPE}`} stroke="#16212b" strokeWidth={1} />
      </svg>
    </div>
  );
}
