import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { api, got, type ProblemError, type RunView, type Schemas } from '../api/client';

type Press = Omit<Schemas['Press'], 'id'>;

/**
 * A bench session on the screen. The clock is the server's: this device only knows how far its own is off, so that a
 * wrong one does no harm. A press whose storing failed keeps its id, so that trying again stores it once.
 */
export function useRun(id: string) {
  const queries = useQueryClient();
  const offset = useRef(0);
  const pending = useRef<Schemas['Press']>(null);
  const [busy, setBusy] = useState(false);
  const [trouble, setTrouble] = useState<ProblemError>();

  const learn = useCallback((run: RunView) => {
    offset.current = Date.parse(run.now) - Date.now();
    return run;
  }, []);
  const query = useQuery({
    queryKey: ['run', id],
    queryFn: () => got(api.GET('/api/runs/{id}', { params: { path: { id } } })).then(learn),
    staleTime: 0,
    refetchInterval: 5000,
  });

  const post = useCallback(
    async (body: Schemas['Press']) => {
      setBusy(true);
      pending.current = body;
      try {
        const run = await got(api.POST('/api/runs/{id}/presses', { params: { path: { id } }, body }));
        queries.setQueryData(['run', id], learn(run));
        pending.current = null;
        setTrouble(undefined);
        return true;
      } catch (e) {
        const problem = e as ProblemError;
        setTrouble(problem);
        if (problem.status !== 0 && problem.status < 500) {
          pending.current = null;
          await queries.refetchQueries({ queryKey: ['run', id] });
        }
        return false;
      } finally {
        setBusy(false);
      }
    },
    [id, learn, queries],
  );

  const press = useCallback(
    (what: Press) => (busy ? Promise.resolve(false) : post({ ...what, id: crypto.randomUUID() })),
    [busy, post],
  );
  const again = useCallback(() => pending.current !== null && post(pending.current), [post]);
  const serverNow = useCallback(() => Date.now() + offset.current, []);

  return {
    run: query.data,
    error: query.error,
    press,
    again,
    busy,
    trouble,
    unsent: pending.current !== null,
    serverNow,
  };
}

/** Seconds left on a step's clock, several times a second; negative once it is past zero, null while it stands. */
export function useRemaining(started: string | null, seconds: number, serverNow: () => number): number | null {
  const [, tick] = useState(0);
  useEffect(() => {
    if (started === null) {
      return;
    }
    const timer = setInterval(() => tick((n) => n + 1), 200);
    return () => clearInterval(timer);
  }, [started]);
  return started === null ? null : seconds - (serverNow() - Date.parse(started)) / 1000;
}
