/** By how much this device's clock is off from the server's, for all screens of the page. */
let offset = 0;

/** While something is rehearsed, clocks run so many times as fast since it began; a rehearsal is not stored. */
let rehearsed: { began: number; times: number } | undefined;

/** The server's clock, in ms since 1970. */
export const serverNow = () => {
  const now = Date.now() + offset;
  return rehearsed === undefined ? now : rehearsed.began + (now - rehearsed.began) * rehearsed.times;
};

/** Lets all clocks of the page run faster from now on; resolves when it began. */
export function rehearse(times: number): number {
  rehearsed = { began: Date.now() + offset, times };
  return rehearsed.began;
}

export function endRehearsal() {
  rehearsed = undefined;
}

/** Learns the time from an answer that tells it. */
export function learn<T extends { now: string }>(view: T): T {
  offset = Date.parse(view.now) - Date.now();
  return view;
}
