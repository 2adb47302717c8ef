import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { api, got, type ProblemError, problemOf, type Schemas } from '../api/client';
import { learn, serverNow } from '../api/clock';
import { keys, server } from '../api/queries';
import { useReading } from '../heat/Device';
import { keepPending, type Pending, pendingOf } from './pending';

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
 * Presses of the bench. One that could not be stored is kept in the browser with its id and sent again until it is, with
 * how long ago it was pressed.
 */
export function usePresses(run: string | undefined) {
  const queries = useQueryClient();
  const reading = useReading();
  const [busy, setBusy] = useState(false);
  const [trouble, setTrouble] = useState<ProblemError>();
  const [pending, setPending] = useState<Pending>();
  const sending = useRef(false);

  useEffect(() => setPending(run === undefined ? undefined : pendingOf(run)), [run]);

  const send = useCallback(
    async (id: string, one: Pending) => {
      if (sending.current) {
        return false;
      }
      sending.current = true;
      setBusy(true);
      keepPending(id, one);
      try {
        const ago = Math.max(0, (Date.now() - one.at) / 1000);
        const body = { ...one.body, ago_s: ago < 1 ? 0 : ago };
        const view = await got(api.POST('/api/runs/{id}/presses', { params: { path: { id } }, body }));
        queries.setQueryData(keys.run(id), learn(view));
        // The board follows at once with what is known, and in its true order when the server has told it.
        queries.setQueryData(keys.bench, (board: { hands: Hand[]; now: string } | undefined) =>
          board === undefined
            ? board
            : { ...board, hands: [...view.hands, ...board.hands.filter((hand) => hand.run !== id)] },
        );
        queries.refetchQueries({ queryKey: keys.bench });
        keepPending(id, undefined);
        setPending(undefined);
        setTrouble(undefined);
        return true;
      } catch (e) {
        const problem = problemOf(e);
        setTrouble(problem);
        if (problem.status !== 0 && problem.status < 500) {
          keepPending(id, undefined);
          setPending(undefined);
          await Promise.all([
            queries.refetchQueries({ queryKey: keys.run(id) }),
            queries.refetchQueries({ queryKey: keys.bench }),
          ]);
        } else {
          setPending(one);
        }
        return false;
      } finally {
        sending.current = false;
        setBusy(false);
      }
    },
    [queries],
  );

  useEffect(() => {
    if (run === undefined || pending === undefined) {
      return;
    }
    const again = () => send(run, pending);
    const timer = setInterval(again, TRY_AGAIN);
    addEventListener('online', again);
    return () => {
      clearInterval(timer);
      removeEventListener('online', again);
    };
  }, [run, pending, send]);

  // A press waits for the one before it, and goes nowhere while that one waits for the network.
  const { mutateAsync } = useMutation({
    scope: { id: `bench ${run}` },
    networkMode: 'always',
    mutationFn: async (next: { run: string; one: Pending }) =>
      pendingOf(next.run) === undefined && send(next.run, next.one),
  });
  const press = useCallback(
    (what: Pressed) => {
      if (run === undefined || pending !== undefined) {
        return Promise.resolve(false);
      }
      const one = { body: { ...reading(), ...what, id: crypto.randomUUID() }, at: Date.now() };
      return mutateAsync({ run, one });
    },
    [run, pending, reading, mutateAsync],
  );
  const again = useCallback(
    () => run !== undefined && pending !== undefined && send(run, pending),
    [run, pending, send],
  );

  return { press, again, busy, trouble, unsent: pending !== undefined };
}

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
