import { type PointerEvent, useEffect, useRef, useState } from 'react';
import type { Part } from '../api/client';
import type { JobHandle } from '../job/useJob';

const LEAST_MM = 5;
const STEP_MM = 5;
/** Presses within this time are one change. */
const SETTLE_MS = 350;

/**
 * Makes the picture at hand larger and smaller about its middle, by a grip at its corner or by plus and minus. How wide it
 * would be is shown at once, and sent when it is let go.
 *
 * @param scale pixels for a millimetre
 */
export function useSizedPicture(view: Part, handle: JobHandle, scale: number) {
  const placed = view.plan.placed;
  const width = placed?.width_mm ?? 0;
  const [wider, setWider] = useState(0);
  const grip = useRef<{ x: number; id: number }>(null);
  const settle = useRef<number>(undefined);

  // biome-ignore lint/correctness/useExhaustiveDependencies: a new plan has taken the size in
  useEffect(() => setWider(0), [view.whole.id, view.at, width]);
  useEffect(() => () => clearTimeout(settle.current), []);

  const within = (by: number) => Math.max(LEAST_MM - width, by);
  function commit(by: number) {
    if (by !== 0) {
      handle.change({ width: `${Math.round((width + by) * 10) / 10} mm` }).then((errors) => {
        if (Object.keys(errors).length > 0) {
          setWider(0);
        }
      });
    }
  }
  function onKey(key: string): boolean {
    const by = { '+': STEP_MM, '=': STEP_MM, '-': -STEP_MM }[key];
    if (by === undefined) {
      return false;
    }
    const next = within(wider + by);
    setWider(next);
    clearTimeout(settle.current);
    settle.current = window.setTimeout(() => commit(next), SETTLE_MS);
    return true;
  }
  function onPointerDown(e: PointerEvent) {
    e.stopPropagation();
    e.currentTarget.setPointerCapture(e.pointerId);
    grip.current = { x: e.clientX, id: e.pointerId };
  }
  function onPointerMove(e: PointerEvent) {
    if (grip.current?.id === e.pointerId) {
      // Its middle stays where it is, so both sides move.
      setWider(within((2 * (e.clientX - grip.current.x)) / scale));
    }
  }
  function onPointerUp(e: PointerEvent) {
    if (grip.current?.id === e.pointerId) {
      grip.current = null;
      commit(wider);
    }
  }

  const height = placed === null || placed === undefined ? 0 : placed.height_mm;
  return {
    /** How much larger it is shown than it is, in mm. */
    larger: { width: wider, height: width === 0 ? 0 : (wider * height) / width },
    onKey,
    grip: { onPointerDown, onPointerMove, onPointerUp, onPointerCancel: onPointerUp },
  };
}
