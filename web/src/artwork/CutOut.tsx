import { type KeyboardEvent, type PointerEvent, useEffect, useState } from 'react';
import { api, type ChangeJob, type Part, problemOf } from '../api/client';
import { useRemoval } from './useRemoval';

interface Line {
  keep: boolean;
  points: [number, number][];
}

/** How thick a line is, of the picture's longer side. */
const WIDE = 0.015;
/** Points nearer than this to the one before tell nothing new. */
const NEAR = 0.006;
const KEYS: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

const written = (lines: Line[]) =>
  lines
    .map(
      ({ keep, points }) =>
        `${keep ? 'keep' : 'remove'} ${WIDE} ${points.map(([x, y]) => `${x.toFixed(4)} ${y.toFixed(4)}`).join(' ')}`,
    )
    .join(';');

/** Tells the thing in a photograph from what is round it by a few lines drawn over it; the server finds its edges. */
export function CutOut({ view, change, onClose }: { view: Part; change: ChangeJob; onClose: () => void }) {
  const { artwork } = view;
  const [keep, setKeep] = useState(true);
  const [lines, setLines] = useState<Line[]>([]);
  const [drawing, setDrawing] = useState<Line>();
  const [at, setAt] = useState<[number, number]>([0.5, 0.5]);
  const [veil, setVeil] = useState<string>();
  const [problem, setProblem] = useState<string>();
  const [looking, setLooking] = useState(false);
  const sha256 = artwork?.sha256 ?? '';
  const removal = useRemoval(sha256, change);
  const strokes = written(lines);
  const kept = lines.some((line) => line.keep);

  useEffect(() => {
    if (!kept) {
      setVeil(undefined);
      setLooking(false);
      return;
    }
    const abort = new AbortController();
    let url: string | undefined;
    setLooking(true);
    api
      .POST('/api/artwork/{sha256}/background', {
        params: { path: { sha256 } },
        body: { tolerance: 0, islands: false, strokes },
        parseAs: 'blob',
        signal: abort.signal,
      })
      .then(({ data, error }) => {
        if (abort.signal.aborted) {
          return;
        }
        if (data === undefined) {
          throw error;
        }
        url = URL.createObjectURL(data as Blob);
        setVeil(url);
        setProblem(undefined);
        setLooking(false);
      })
      .catch((e) => {
        if (!abort.signal.aborted) {
          const { errors, message } = problemOf(e);
          setProblem(errors.strokes ?? message);
          setLooking(false);
        }
      });
    return () => {
      abort.abort();
      if (url !== undefined) {
        URL.revokeObjectURL(url);
      }
    };
  }, [sha256, strokes, kept]);

  if (artwork === null) {
    return null;
  }
  const longer = Math.max(artwork.width, artwork.height);
  const box = { width: artwork.width / longer, height: artwork.height / longer };

  const placed = (e: PointerEvent<SVGSVGElement>): [number, number] => {
    const seen = e.currentTarget.getBoundingClientRect();
    const scale = Math.min(seen.width / box.width, seen.height / box.height);
    const [left, top] = [(seen.width - box.width * scale) / 2, (seen.height - box.height * scale) / 2];
    return [
      Math.min(1, Math.max(0, (e.clientX - seen.left - left) / (box.width * scale))),
      Math.min(1, Math.max(0, (e.clientY - seen.top - top) / (box.height * scale))),
    ];
  };
  const finish = (line: Line | undefined) => {
    if (line !== undefined) {
      setLines((all) => [...all, line]);
    }
    setDrawing(undefined);
  };
  const onKeyDown = (e: KeyboardEvent) => {
    const way = KEYS[e.key];
    if (way !== undefined) {
      const step = e.shiftKey ? 0.05 : 0.01;
      const next: [number, number] = [
        Math.min(1, Math.max(0, at[0] + way[0] * step)),
        Math.min(1, Math.max(0, at[1] + way[1] * step)),
      ];
      setAt(next);
      setDrawing((line) => line && { ...line, points: [...line.points, next] });
    } else if (e.key === ' ') {
      drawing === undefined ? setDrawing({ keep, points: [at] }) : finish(drawing);
    } else if (e.key === 'Backspace') {
      setLines((all) => all.slice(0, -1));
    } else {
      return;
    }
    e.preventDefault();
  };

  async function remove() {
    if (await removal.remove({ tolerance: 0, islands: false, strokes })) {
      onClose();
    }
  }
  const wrong = problem ?? removal.problem;

  return (
    <div className="flex h-full min-h-80 flex-col gap-2 pt-2">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <fieldset className="flex gap-4">
          <legend className="sr-only">The next line</legend>
          <label className="font-semibold text-done">
            <input type="radio" name="line" className="accent-ink" checked={keep} onChange={() => setKeep(true)} /> keep
            this
          </label>
          <label className="font-semibold text-hot">
            <input type="radio" name="line" className="accent-ink" checked={!keep} onChange={() => setKeep(false)} />{' '}
            remove this
          </label>
        </fieldset>
        <button
          type="button"
          className="key"
          disabled={lines.length === 0}
          onClick={() => setLines((all) => all.slice(0, -1))}
        >
          Undo the last line
        </button>
        <span className="text-sm text-soft" role="status">
          {looking ? 'Looking for the edges …' : ''}
        </span>
      </div>
      <p className="text-sm text-soft">
        {kept
          ? 'The violet part will be removed. Where the edge is wrong, draw another line.'
          : 'Draw a line over what you want to keep, from one end to the other.'}
      </p>
      <svg
        viewBox={`0 0 ${box.width} ${box.height}`}
        className="min-h-0 w-full flex-1 cursor-crosshair touch-none bg-shade"
        role="application"
        aria-label="Lines over the picture. Move with the arrow keys, begin and end a line with the space bar."
        // biome-ignore lint/a11y/noNoninteractiveTabindex: it is drawn on, by pointer and by keyboard
        tabIndex={0}
        onKeyDown={onKeyDown}
        onPointerDown={(e) => {
          e.currentTarget.setPointerCapture(e.pointerId);
          setDrawing({ keep, points: [placed(e)] });
        }}
        onPointerMove={(e) => {
          const next = placed(e);
          setDrawing((line) => {
            const last = line?.points.at(-1);
            return line === undefined ||
              last === undefined ||
              Math.hypot(next[0] - last[0], next[1] - last[1]) < NEAR ||
              line.points.length >= 500
              ? line
              : { ...line, points: [...line.points, next] };
          });
        }}
        onPointerUp={() => finish(drawing)}
        onPointerCancel={() => setDrawing(undefined)}
      >
        <image href={`/api/artwork/${sha256}/preview`} {...box} preserveAspectRatio="none" />
        {veil !== undefined && <image href={veil} {...box} preserveAspectRatio="none" />}
        {[...lines, ...(drawing === undefined ? [] : [drawing])].map((line, i) => (
          <polyline
            // biome-ignore lint/suspicious/noArrayIndexKey: lines are only added and taken off at the end
            key={i}
            points={[...line.points, line.points.at(-1) ?? [0, 0]]
              .map(([x, y]) => `${x * box.width},${y * box.height}`)
              .join(' ')}
            fill="none"
            stroke={line.keep ? '#1d7a3a' : '#c43818'}
            strokeWidth={WIDE}
            strokeLinecap="round"
            strokeLinejoin="round"
            opacity={0.85}
          />
        ))}
        <path
          d={`M${at[0] * box.width - 0.02} ${at[1] * box.height}h0.04m-0.02 -0.02v0.04`}
          stroke="#1c1b19"
          strokeWidth={0.003}
          className="opacity-0 [svg:focus-visible_&]:opacity-100"
        />
      </svg>
      {wrong !== undefined && (
        <p role="alert" className="font-semibold text-hot">
          {wrong}
        </p>
      )}
      <p className="flex gap-2 pb-1">
        <button type="button" className="key-main" onClick={remove} disabled={!kept || looking || removal.busy}>
          {removal.says}
        </button>
        <button type="button" className="key" onClick={() => (removal.busy ? removal.cancel() : onClose())}>
          {removal.busy ? 'Cancel' : 'Close'}
        </button>
      </p>
    </div>
  );
}
