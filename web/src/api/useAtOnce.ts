import { type QueryKey, useMutation, useQueryClient } from '@tanstack/react-query';

/**
 * A change that is shown at once and sent after it: no answer still on its way, to a question or to a change before this
 * one, takes it back on the screen. Changes of the same thing are sent one after the other; after the last one, what the
 * server has is asked for again, whether it took them or not.
 *
 * @param of what is changed, as it is kept
 * @param send sends a change
 * @param shown how it looks with that change
 * @param after what else has to be asked for again
 */
export function useAtOnce<Body, Data>(
  of: QueryKey,
  send: (body: Body) => Promise<unknown>,
  shown: (before: Data, body: Body) => Data,
  after?: () => void,
) {
  const queries = useQueryClient();
  const mutationKey = ['change', ...of];
  return useMutation({
    mutationKey,
    scope: { id: of.join(' ') },
    mutationFn: send,
    onMutate: (body) => {
      queries.cancelQueries({ queryKey: of }, { revert: false });
      queries.setQueryData<Data>(of, (before) => before && shown(before, body));
    },
    onSettled: () => {
      if (queries.isMutating({ mutationKey }) === 1) {
        queries.invalidateQueries({ queryKey: of });
        after?.();
      }
    },
  });
}
