import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useState } from 'react';
import { api, got, type ProblemError, problemOf, type Schemas } from '../api/client';
import { learn, serverNow } from '../api/clock';
import { keys, server } from '../api/queries';
import { useReading } from '../heat/Device';
import { keepPending, type Pending, pending, setAway, useAway, usePending } from './pending';

export type Hand = Schemas['HandView'];
export type Pressed = Omit<Schemas['Press'], 'id'>;

/** How often a screen asks how things stand, and how often it tries again to store a press, in ms. */
const ASK_AGAIN = 4000;
const TRY_AGAIN = 3000;

/** Everything at hand in all sessions; asked again when the next clock comes to its end. */
export function useBoard() {
  const board = useQuery({ ...server.bench(), refetchInterval: ASK_AGAIN });
  const { data, refetch } = board;
  useEffect(() => {
    const ends = (data?.hands ?? []).map((hand) => left(hand)).filter((s) => s !== null && s > 0);
    if (ends.length === 0) {
      return;
    }
    const timer = setTimeout(() => refetch(), Math.min(...(ends as number[])) * 1000 + 150);
    return () => clearTimeout(timer);
  }, [data, refetch]);
  return board;
}

export function useRunView(id: string | undefined) {
  return useQuery({ ...server.run(id), enabled: id !== undefined, refetchInterval: ASK_AGAIN });
}

/**
 * Presses of the bench. Those that could not be stored are kept in the browser with their ids, however many there are,
 * and sent again in their order until they are, each with how long ago it was pressed.
 */
export function usePresses(run: string) {
  const queries = useQueryClient();
  const reading = useReading();
  const waiting = usePending();
  const [busy, setBusy] = useState(false);
  const [trouble, setTrouble] = useState<ProblemError>();
  const away = useAway();

  /** One press of whatever session: true once it is stored or refused, false where the server does not answer. */
  const send = useCallback(
    async ({ run: id, body, at }: Pending) => {
      const ago = Math.max(0, (Date.now() - at) / 1000);
      try {
        const view = await got(
          api.POST('/api/runs/{id}/presses', {
            params: { path: { id } },
            body: { ...body, ago_s: ago < 1 ? 0 : ago },
          }),
        );
        queries.setQueryData(keys.run(id), learn(view));
        // The board follows at once with what is known, and in its true order when the server has told it.
        queries.setQueryData(keys.bench, (board: { hands: Hand[]; now: string } | undefined) =>
          board === undefined
            ? board
            : { ...board, hands: [...view.hands, ...board.hands.filter((hand) => hand.run !== id)] },
        );
        queries.refetchQueries({ queryKey: keys.bench });
        setTrouble(undefined);
        return { settled: true, stored: true };
      } catch (e) {
        const problem = problemOf(e);
        setTrouble(problem);
        if (problem.status === 0 || problem.status >= 500) {
          return { settled: false, stored: false };
        }
        await Promise.all([
          queries.refetchQueries({ queryKey: keys.run(id) }),
          queries.refetchQueries({ queryKey: keys.bench }),
        ]);
        return { settled: true, stored: false };
      }
    },
    [queries],
  );

  /** Sends what waits, one after another; true where the last of it is stored or kept. */
  const flush = useCallback(async () => {
    if (sending) {
      return true;
    }
    sending = true;
    setBusy(true);
    let last = true;
    try {
      for (let next = pending()[0]; next !== undefined; next = pending()[0]) {
        const { settled, stored } = await send(next);
        setAway(!settled);
        if (!settled) {
          return true;
        }
        last = stored;
        const { id } = next.body;
        keepPending(pending().filter((one) => one.body.id !== id));
      }
    } finally {
      sending = false;
      setBusy(false);
    }
    return last;
  }, [send]);

  const unsent = waiting.length > 0;
  useEffect(() => {
    if (!unsent) {
      return;
    }
    const timer = setInterval(flush, TRY_AGAIN);
    addEventListener('online', flush);
    return () => {
      clearInterval(timer);
      removeEventListener('online', flush);
    };
  }, [unsent, flush]);

  const press = useCallback(
    (what: Pressed) => {
      const own = pending().filter((one) => one.run === run);
      const latest = own.at(-1);
      if (what.type === 'undone' && away && latest !== undefined) {
        // What the server has never heard of is simply not said.
        keepPending(pending().filter((one) => one.body.id !== latest.body.id));
        return Promise.resolve(true);
      }
      keepPending([...pending(), { run, body: { ...reading(), ...what, id: crypto.randomUUID() }, at: Date.now() }]);
      return flush();
    },
    [run, away, reading, flush],
  );

  return { press, again: flush, busy: busy && !away, trouble, unsent: unsent && away, waiting: waiting.length };
}

export type Presses = ReturnType<typeof usePresses>;

/** One after another, whichever screen of this page it is pressed on. */
let sending = false;

/** Seconds left on a clock; negative once it is past zero, null while it has not been started. */
export function left(hand: Pick<Hand, 'since' | 'before' | 'running' | 'seconds'>): number | null {
  if (hand.since === null) {
    return null;
  }
  const elapsed = hand.before + (hand.running ? (serverNow() - Date.parse(hand.since)) / 1000 : 0);
  return hand.seconds - elapsed;
}

/** Draws anew several times a second while clocks run. */
export function useTicking(running: boolean) {
  const [, tick] = useState(0);
  useEffect(() => {
    if (!running) {
      return;
    }
    const timer = setInterval(() => tick((n) => n + 1), 200);
    return () => clearInterval(timer);
  }, [running]);
}
