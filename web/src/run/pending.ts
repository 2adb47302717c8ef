import { useSyncExternalStore } from 'react';
import type { Schemas } from '../api/client';
import { serverNow } from '../api/clock';

type Hand = Schemas['HandView'];

/** A press that the server has not confirmed: kept in the browser, so that neither a reload nor a lost network loses it. */
export interface Pending {
  run: string;
  body: Schemas['Press'];
  /** By this device's clock: only how long ago that is counts, so a wrong clock does no harm. */
  at: number;
}

const NAME = 'wubbin.presses';
const NONE: Pending[] = [];

/** What is kept, as it was read or written last; a browser without storage keeps it as long as the page is open. */
let kept: Pending[] | undefined;
const told = new Set<() => void>();

/** All presses that are not stored yet, of whatever session, in the order they were made. */
export function pending(): Pending[] {
  if (kept === undefined) {
    try {
      const text = localStorage.getItem(NAME);
      kept = text === null ? NONE : (JSON.parse(text) as Pending[]);
    } catch {
      kept = NONE;
    }
  }
  return kept;
}

export function keepPending(all: Pending[]) {
  kept = all;
  try {
    if (all.length === 0) {
      localStorage.removeItem(NAME);
    } else {
      localStorage.setItem(NAME, JSON.stringify(all));
    }
  } catch {
    // Kept as long as the page is open.
  }
  for (const tell of told) {
    tell();
  }
}

/** Other tabs of this browser keep theirs in the same place. */
function watch(tell: () => void) {
  const changed = (e: StorageEvent) => {
    if (e.key === NAME || e.key === null) {
      kept = undefined;
      tell();
    }
  };
  told.add(tell);
  addEventListener('storage', changed);
  return () => {
    told.delete(tell);
    removeEventListener('storage', changed);
  };
}

export const usePending = () => useSyncExternalStore(watch, pending);

/** Whether the server did not answer the last time; what is found kept when the page opens waits for it. */
let away = pending().length > 0;

export function setAway(is: boolean) {
  if (is !== away) {
    away = is;
    for (const tell of told) {
      tell();
    }
  }
}

export const useAway = () => useSyncExternalStore(watch, () => away);

/**
 * What is at hand as it is shown while presses wait for the network: what was pressed is seen to be pressed. What comes
 * after it is told by the server when it is there again; whatever else is at hand can be gone on with.
 */
export function shown(hands: Hand[], waiting: Pending[]): Hand[] {
  return waiting.reduce((all, { run, body, at }) => {
    const own = (hand: Hand) =>
      hand.run === run && hand.position === body.position && (body.type !== 'judged' || hand.judging);
    const since = new Date(at + serverNow() - Date.now()).toISOString();
    const with_ = (change: (hand: Hand) => Hand) => all.map((hand) => (own(hand) ? change(hand) : hand));
    switch (body.type) {
      case 'checked':
        return with_((hand) => ({ ...hand, questions: [] }));
      case 'started':
        return with_((hand) => ({ ...hand, since, running: true }));
      case 'paused':
        return with_((hand) => ({ ...hand, running: false, before: hand.before + gone(hand, since) }));
      case 'resumed':
        return with_((hand) => ({ ...hand, running: true, since }));
      case 'again':
        return with_((hand) => ({ ...hand, seconds: hand.seconds + (body.seconds ?? 0) }));
      case 'peeked':
        return body.ready ? all.filter((hand) => !own(hand)) : all;
      case 'done':
      case 'skipped':
      case 'judged':
        return all.filter((hand) => !own(hand));
      default:
        return all;
    }
  }, hands);
}

/** Seconds between a clock's start and an instant. */
const gone = (hand: Hand, until: string) =>
  hand.since === null ? 0 : Math.max(0, (Date.parse(until) - Date.parse(hand.since)) / 1000);
