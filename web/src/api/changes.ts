/**
 * What takes changes back, the latest last: the server names it in the header `Undo` of each answer to a change, with what
 * was changed. It lives as long as the window does.
 */
interface Change {
  number: number;
  of: string;
}

let changes: readonly Change[] = [];
const listeners = new Set<() => void>();

function set(next: readonly Change[]) {
  changes = next;
  for (const listener of listeners) {
    listener();
  }
}

/** `12; kind=job; thing=row-tags` is change 12 of `job row-tags`. */
export function noteChange(header: string) {
  const [number, kind, thing] = header.split(';').map((part) => part.replace(/^\s*(?:kind|thing)=/, ''));
  set([...changes, { number: Number(number), of: `${kind} ${decodeURIComponent(thing ?? '')}`.trim() }]);
}

export function forgetChange(number: number) {
  set(changes.filter((change) => change.number !== number));
}

/** The number of the last change of something; of any of a kind, where only that is named. */
export function lastChange(of: string): number | undefined {
  return changes.findLast((change) => change.of === of || change.of.startsWith(`${of} `))?.number;
}

export function onChanges(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}
