import { type KeyboardEvent, type PointerEvent, useEffect, useRef, useState } from 'react';
import type { Part } from '../api/client';
import type { JobHandle } from '../job/useJob';

const STEP_MM = 1;
const BIG_STEP_MM = 10;
/** Arrow presses within this time are one change. */
const SETTLE_MS = 350;

/**
 * Moves the picture at hand by pointer and by keys. Where it is moved to is shown at once and sent when it lies still.
 *
 * @param scale pixels for a millimetre
 */
export function useMovedPicture(view: Part, handle: JobHandle, scale: number) {
  const { transfer, whole } = view;
  const [moved, setMoved] = useState({ x: 0, y: 0 });
  const grip = useRef<{ x: number; y: number; id: number }>(null);
  const settle = useRef<number>(undefined);

  // biome-ignore lint/correctness/useExhaustiveDependencies: a new plan has taken the move in
  useEffect(
    () => setMoved({ x: 0, y: 0 }),
    [whole.id, view.at, transfer.placement.right_mm, transfer.placement.below_mm],
  );
  useEffect(() => () => clearTimeout(settle.current), []);

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

  return {
    moved,
    hold: { onKeyDown, onPointerDown, onPointerMove, onPointerUp, onPointerCancel: onPointerUp },
  };
}
