import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useState } from 'react';
import { api, got, type JobView, ProblemError, problemOf } from '../api/client';
import { keys, server } from '../api/queries';

export type Changes = Record<string, string>;

/**
 * A job on the screen, with the picture on it that is at hand. Changes go to the server one after another, each from the
 * revision the last one gave; one that meets a change made elsewhere is kept until the person has decided.
 */
export function useJob(id: string, at = 0) {
  const queries = useQueryClient();
  const query = useQuery(server.job(id));
  const [clash, setClash] = useState<{ changes: Changes; transfer: number }>();
  const [trouble, setTrouble] = useState<string>();

  const send = useCallback(
    async (changes: Changes, transfer: number): Promise<Record<string, string>> => {
      const before = queries.getQueryData<JobView>(keys.job(id));
      if (before === undefined) {
        return {};
      }
      try {
        const after = await got(
          api.PATCH('/api/jobs/{id}', {
            params: { path: { id } },
            body: { revision: before.revision, changes, transfer },
          }),
        );
        queries.setQueryData(keys.job(id), after);
        setTrouble(undefined);
        return {};
      } catch (e) {
        if (!(e instanceof ProblemError)) {
          throw e;
        }
        if (e.status === 409) {
          setClash((held) => ({ changes: { ...held?.changes, ...changes }, transfer }));
        } else if (e.status !== 422) {
          setTrouble(e.message);
        }
        return e.status === 422 ? e.errors : Object.fromEntries(Object.keys(changes).map((f) => [f, e.message]));
      }
    },
    [id, queries],
  );

  // One after another: each goes from the revision that the last one gave.
  const { mutateAsync } = useMutation({
    scope: { id: `job ${id}` },
    networkMode: 'always',
    mutationFn: (one: { changes: Changes; transfer: number }) => send(one.changes, one.transfer),
  });

  /** Resolves with what is wrong, by field; with nothing where all is well. */
  const change = useCallback(
    (changes: Changes, transfer = at) => mutateAsync({ changes, transfer }),
    [mutateAsync, at],
  );

  /** After a clash: shows how the job stands now, with or without the change that was held back. */
  const settle = useCallback(
    async (mine: boolean) => {
      const held = clash;
      await queries.refetchQueries({ queryKey: keys.job(id) });
      setClash(undefined);
      if (mine && held !== undefined) {
        await change(held.changes, held.transfer);
      }
    },
    [clash, change, id, queries],
  );

  const refresh = useCallback(() => queries.invalidateQueries({ queryKey: keys.job(id) }), [id, queries]);

  /** Takes the job off the list, or puts it back; what was made from it stays in the logbook. True when it is done. */
  const archive = useCallback(
    async (archived: boolean) => {
      const revision = queries.getQueryData<JobView>(keys.job(id))?.revision ?? 0;
      try {
        const after = await got(
          api.PATCH('/api/jobs/{id}', {
            params: { path: { id } },
            body: { revision, changes: {}, transfer: 0, archived },
          }),
        );
        queries.setQueryData(keys.job(id), after);
        return true;
      } catch (e) {
        setTrouble(problemOf(e).message);
        return false;
      }
    },
    [id, queries],
  );

  return {
    refresh,
    archive,
    view: query.data,
    error: query.error,
    change,
    clash: clash?.changes,
    settle,
    trouble,
  };
}

export type JobHandle = ReturnType<typeof useJob>;
