import { useCallback, useState } from 'react';

export type Point = { x: number; y: number; id: number };

export interface Marks {
  corners: Point[];
  points: Point[];
}

let next = 1;
export const mark = (x: number, y: number): Point => ({ x, y, id: next++ });

/** Marks in a photo, each change of which can be taken back. A drag is one change. */
export function useMarks() {
  const [history, setHistory] = useState<{ now: Marks; before: Marks[] }>({
    now: { corners: [], points: [] },
    before: [],
  });
  const set = useCallback((change: (marks: Marks) => Marks, keep = true) => {
    setHistory(({ now, before }) => ({ now: change(now), before: keep ? [...before.slice(-99), now] : before }));
  }, []);
  const takeBack = useCallback(() => {
    setHistory(({ now, before }) => ({ now: before.at(-1) ?? now, before: before.slice(0, -1) }));
  }, []);
  return { marks: history.now, set, takeBack, canTakeBack: history.before.length > 0 };
}
