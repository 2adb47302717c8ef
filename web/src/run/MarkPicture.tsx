import { useState } from 'react';

export interface Place {
  x: number;
  y: number;
}

/** The picture as it is seen on the piece, with marks on it; a tap, or the arrows and Enter, put one more. */
export function MarkPicture({
  src,
  marks,
  onMark,
}: {
  src: string;
  marks: (Place & { label: string })[];
  onMark?: ((place: Place) => void) | undefined;
}) {
  const [cross, setCross] = useState<Place>();
  const put = (place: Place) =>
    onMark?.({ x: Math.round(place.x * 1000) / 1000, y: Math.round(place.y * 1000) / 1000 });
  const move = (dx: number, dy: number) =>
    setCross(({ x, y } = { x: 0.5, y: 0.5 }) => ({
      x: Math.max(0, Math.min(1, x + dx)),
      y: Math.max(0, Math.min(1, y + dy)),
    }));
  const steps: Record<string, [number, number]> = {
    ArrowLeft: [-0.05, 0],
    ArrowRight: [0.05, 0],
    ArrowUp: [0, -0.05],
    ArrowDown: [0, 0.05],
  };
  const picture = (
    <>
      <img src={src} alt="" className="max-h-72 max-w-full bg-white" draggable={false} />
      {marks.map((mark, n) => (
        <span
          // biome-ignore lint/suspicious/noArrayIndexKey: marks are only added and taken off the end
          key={n}
          title={mark.label}
          className="absolute grid size-7 -translate-1/2 place-items-center rounded-full border-2 border-white bg-hot text-sm font-bold text-white outline-2 outline-hot"
          style={{ left: `${mark.x * 100}%`, top: `${mark.y * 100}%` }}
        >
          {n + 1}
        </span>
      ))}
      {cross !== undefined && (
        <span
          className="absolute size-8 -translate-1/2 border-2 border-face"
          style={{ left: `${cross.x * 100}%`, top: `${cross.y * 100}%` }}
        />
      )}
    </>
  );
  if (onMark === undefined) {
    return <span className="relative inline-block">{picture}</span>;
  }
  return (
    <button
      type="button"
      aria-label="The picture. Tap where it is, or use the arrow keys and Enter"
      className="relative inline-block cursor-crosshair touch-manipulation"
      onClick={(e) => {
        // Enter on the keyboard clicks without a place.
        if (e.detail === 0) {
          put(cross ?? { x: 0.5, y: 0.5 });
          return;
        }
        const box = e.currentTarget.getBoundingClientRect();
        put({
          x: Math.max(0, Math.min(1, (e.clientX - box.left) / box.width)),
          y: Math.max(0, Math.min(1, (e.clientY - box.top) / box.height)),
        });
      }}
      onKeyDown={(e) => {
        const step = steps[e.key];
        if (step !== undefined) {
          e.preventDefault();
          e.stopPropagation();
          move(...step);
        }
      }}
    >
      {picture}
    </button>
  );
}
