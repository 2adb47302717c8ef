/** By how much this device's clock is off from the server's, for all screens of the page. */
let offset = 0;

/** The server's clock, in ms since 1970. */
export const serverNow = () => Date.now() + offset;

/** Learns the time from an answer that tells it. */
export function learn<T extends { now: string }>(view: T): T {
  offset = Date.parse(view.now) - Date.now();
  return view;
}
