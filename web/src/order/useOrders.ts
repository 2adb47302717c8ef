import { useMutation, useQueryClient } from '@tanstack/react-query';
import { keys } from '../api/queries';

/** Sends something of an order, and shows what hangs on it anew. */
export function useOrders<T>(send: (given: T) => Promise<unknown>, onDone: () => void = () => undefined) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: send,
    onSuccess: () => {
      for (const queryKey of [keys.orders, keys.jobs, keys.day, keys.today]) {
        queries.invalidateQueries({ queryKey });
      }
      onDone();
    },
  });
}
