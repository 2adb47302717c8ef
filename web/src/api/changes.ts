/**
 * What takes changes back, the latest last: the server names it in the header `Undo` of each answer to a change, with what
 * was changed. It lives as long as the window does.
 */
interface Change {
  number: number;
  of: string;
}

let changes: readonly Change[] = [];
/** What was taken back, and may be done again: as long as nothing else is changed of the same thing. */
let undone: readonly Change[] = [];
/** Of a change that is being taken back, the answer tells what does it again. */
const takingBack = new Set<number>();
const listeners = new Set<() => void>();

function set(next: readonly Change[]) {
  changes = next;
  for (const listener of listeners) {
    listener();
  }
}

/** `12; kind=job; thing=row-tags` is change 12 of `job row-tags`. */
export function noteChange(header: string, path: string) {
  const [number, kind, thing] = header.split(';').map((part) => part.replace(/^\s*(?:kind|thing)=/, ''));
  const change = { number: Number(number), of: `${kind} ${decodeURIComponent(thing ?? '')}`.trim() };
  const of = Number(/^\/api\/changes\/(\d+)\/undo$/.exec(path)?.[1] ?? Number.NaN);
  if (takingBack.delete(of)) {
    undone = [...undone, change];
    set(changes);
    return;
  }
  if (Number.isNaN(of)) {
    undone = undone.filter((one) => one.of !== change.of);
  }
  set([...changes, change]);
}

/** Told before a change is taken back: what is answered is what does it again. */
export function beginTakingBack(number: number) {
  takingBack.add(number);
}

export function forgetChange(number: number) {
  takingBack.delete(number);
  undone = undone.filter((change) => change.number !== number);
  set(changes.filter((change) => change.number !== number));
}

const latest = (of: string, all: readonly Change[]) =>
  all.findLast((change) => change.of === of || change.of.startsWith(`${of} `))?.number;

/** The number of the last change of something; of any of a kind, where only that is named. */
export const lastChange = (of: string) => latest(of, changes);

/** The same of what was taken back last. */
export const lastUndone = (of: string) => latest(of, undone);

export function onChanges(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}
