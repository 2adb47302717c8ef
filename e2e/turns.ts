import { createHash } from 'node:crypto';

/** Everything is tested, nothing left for another day. */
export const WHOLE = process.env.WUBBIN_FULL === '1';

export const SLICES = 3;
export const SLICE = Number(process.env.WUBBIN_SLICE ?? 0) % SLICES;

/** A journey that few go, or that another goes past: every day a third of them, and each where everything is tested. */
export const BY_TURNS = { tag: '@turns' };

/** Looks at one screen after another, of which there are more than a day has time for. */
export const LOOKS = { tag: '@screens' };

/** Whether a test is among those of today. */
export function isDue(title: string, tags: readonly string[]): boolean {
  if (WHOLE || process.env.WUBBIN_TURNS === 'all' || !tags.includes(BY_TURNS.tag)) {
    return true;
  }
  return createHash('sha256').update(title).digest().readUInt8() % SLICES === SLICE;
}
