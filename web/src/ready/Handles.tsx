import { type PointerEvent, useRef } from 'react';

export interface Point {
  x: number;
  y: number;
}

/** A picture with points on it that can be dragged, or moved with the arrow keys: their places are shares of it. */
export function Handles({
  image,
  points,
  closed,
  labels,
  onMove,
}: {
  image: string;
  points: Point[];
  /** A line goes back from the last to the first. */
  closed: boolean;
  labels: string[];
  onMove: (at: number, to: Point) => void;
}) {
  const frame = useRef<HTMLDivElement>(null);
  const clamp = (share: number) => Math.min(1, Math.max(0, share));
  const drag = (at: number) => (e: PointerEvent) => {
    const box = frame.current?.getBoundingClientRect();
    if (e.buttons === 0 || box === undefined) {
      return;
    }
    onMove(at, { x: clamp((e.clientX - box.left) / box.width), y: clamp((e.clientY - box.top) / box.height) });
  };
  return (
    <div className="flex h-full min-h-0 items-center justify-center p-6">
      <div ref={frame} className="on-paper relative max-h-full max-w-full touch-none bg-white">
        <img src={image} alt="As it is before this step" className="block max-h-[70vh] max-w-full select-none" />
        <svg
          viewBox="0 0 1 1"
          preserveAspectRatio="none"
          className="pointer-events-none absolute inset-0 size-full"
          aria-hidden
        >
          <path
            d={`M${points.map(({ x, y }) => `${x} ${y}`).join('L')}${closed ? 'Z' : ''}`}
            fill="none"
            className="stroke-face"
            strokeWidth={2}
            vectorEffect="non-scaling-stroke"
          />
        </svg>
        {points.map((point, at) => (
          <button
            key={labels[at]}
            type="button"
            aria-label={labels[at]}
            className="absolute size-11 -translate-x-1/2 -translate-y-1/2 cursor-grab rounded-full border-3 border-face bg-face/15"
            style={{ left: `${point.x * 100}%`, top: `${point.y * 100}%` }}
            onPointerDown={(e) => e.currentTarget.setPointerCapture(e.pointerId)}
            onPointerMove={drag(at)}
            onKeyDown={(e) => {
              const [dx, dy] = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[
                e.key
              ] ?? [0, 0];
              if (dx !== 0 || dy !== 0) {
                e.preventDefault();
                const by = e.shiftKey ? 0.05 : 0.005;
                onMove(at, { x: clamp(point.x + (dx ?? 0) * by), y: clamp(point.y + (dy ?? 0) * by) });
              }
            }}
          />
        ))}
      </div>
    </div>
  );
}
