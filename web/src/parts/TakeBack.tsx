import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Redo2, Undo2 } from 'lucide-react';
import { useCallback, useSyncExternalStore } from 'react';
import { beginTakingBack, forgetChange, lastChange, lastUndone, onChanges } from '../api/changes';
import { api, got } from '../api/client';
import { useKeys } from './useKeys';

/**
 * Takes back what was changed last of something, as this window did it. The server knows how it was, and leaves alone what
 * somebody has changed again since.
 *
 * @param of what it was changed of: `job row-tags`, `shelf`, or a kind of which any is meant, `order`
 */
function useTakeBack(of: string) {
  const queries = useQueryClient();
  const last = useSyncExternalStore(onChanges, () => lastChange(of));
  const undone = useSyncExternalStore(onChanges, () => lastUndone(of));
  const { mutate, error, reset } = useMutation({
    // After what is being sent of the same thing.
    scope: { id: of },
    networkMode: 'always',
    mutationFn: async (back: boolean) => {
      const number = back ? lastChange(of) : lastUndone(of);
      if (number !== undefined) {
        if (back) {
          beginTakingBack(number);
        }
        try {
          await got(api.POST('/api/changes/{number}/undo', { params: { path: { number } } }));
        } finally {
          forgetChange(number);
          // Where it could not be taken back, somebody has changed what is shown.
          await queries.invalidateQueries();
        }
      }
    },
  });
  const turn = useCallback(
    (back: boolean) => {
      reset();
      mutate(back);
    },
    [mutate, reset],
  );
  useKeys(
    () => {
      turn(true);
      return true;
    },
    { control: 'z' },
  );
  useKeys(
    () => {
      turn(false);
      return true;
    },
    { control: 'y' },
  );
  return { turn, can: last !== undefined, canAgain: undone !== undefined, trouble: error?.message };
}

export function TakeBack({ of, className = '' }: { of: string; className?: string }) {
  const { turn, can, canAgain, trouble } = useTakeBack(of);
  return (
    <span className={className}>
      <button
        type="button"
        className="link disabled:text-soft disabled:no-underline"
        disabled={!can}
        onClick={() => turn(true)}
      >
        <Undo2 size={14} aria-hidden className="mr-1 inline" />
        Undo
      </button>
      {canAgain && (
        <button type="button" className="link ml-3" onClick={() => turn(false)}>
          <Redo2 size={14} aria-hidden className="mr-1 inline" />
          Redo
        </button>
      )}
      {trouble !== undefined && (
        <span role="alert" className="ml-3 text-hot">
          {trouble}
        </span>
      )}
    </span>
  );
}
