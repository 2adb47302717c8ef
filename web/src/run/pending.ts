import type { Schemas } from '../api/client';

/** A press that the server has not confirmed: kept in the browser, so that neither a reload nor a lost network loses it. */
export interface Pending {
  body: Schemas['Press'];
  /** By this device's clock: only how long ago that is counts, so a wrong clock does no harm. */
  at: number;
}

const name = (run: string) => `wubbin.press.${run}`;

export function pendingOf(run: string): Pending | undefined {
  try {
    const kept = localStorage.getItem(name(run));
    return kept === null ? undefined : (JSON.parse(kept) as Pending);
  } catch {
    return undefined;
  }
}

export function keepPending(run: string, pending: Pending | undefined) {
  try {
    if (pending === undefined) {
      localStorage.removeItem(name(run));
    } else {
      localStorage.setItem(name(run), JSON.stringify(pending));
    }
  } catch {
    // A browser without storage keeps it as long as the page is open.
  }
}
