import { useEffect, useRef } from 'react';
import { announce } from './beep';
import { type Hand, left } from './useRun';

/** The screen stays awake while somebody stands before it with hot hands. */
export function useAwake() {
  useEffect(() => {
    let lock: WakeLockSentinel | undefined;
    const ask = async () => {
      if (document.visibilityState === 'visible') {
        lock = await navigator.wakeLock?.request('screen').catch(() => undefined);
      }
    };
    ask();
    document.addEventListener('visibilitychange', ask);
    return () => {
      document.removeEventListener('visibilitychange', ask);
      lock?.release();
    };
  }, []);
}

/** Rings once for every clock that comes to zero, whosever it is. */
export function useRinging(hands: Hand[], say: (hand: Hand) => string) {
  const rang = useRef(new Set<string>());
  // Looked at whenever the clocks are drawn.
  useEffect(() => {
    for (const hand of hands) {
      const seconds = left(hand);
      const name = `${hand.run} ${hand.position} ${hand.since} ${hand.seconds}`;
      if (hand.running && seconds !== null && seconds <= 0 && !rang.current.has(name)) {
        rang.current.add(name);
        // A page that is opened long after the end need not ring for it.
        if (seconds > -5) {
          announce(say(hand));
        }
      }
    }
  });
}
