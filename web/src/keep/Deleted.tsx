import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, got, type Schemas } from '../api/client';
import { server } from '../api/queries';
import { useMoments } from '../measure/settings';
import { Notice } from '../parts/Notice';

type Thing = Schemas['RemovedView'];

/** What was deleted and is not gone yet. */
export function Deleted() {
  const queries = useQueryClient();
  const removed = useQuery(server.removed());
  const moments = useMoments();
  const back = useMutation({
    mutationFn: ({ kind, id }: Thing) =>
      got(api.DELETE('/api/removed/{kind}/{id}', { params: { path: { kind, id } } })),
    onSettled: () => queries.invalidateQueries(),
  });
  return (
    <section aria-labelledby="deleted" className="mt-8 border-t border-ink pt-3">
      <h2 id="deleted" className="text-xl">
        Deleted
      </h2>
      {back.error !== null && <Notice tone="hot">{back.error.message}</Notice>}
      {removed.data === undefined || removed.data.length === 0 ? (
        <p className="mt-1 text-soft">Nothing was deleted. What you delete stays here for 30 days.</p>
      ) : (
        <ul className="mt-2">
          {removed.data.map((thing) => (
            <li key={`${thing.kind} ${thing.id}`} className="flex items-baseline gap-4 border-b border-rule py-2">
              <span className="w-20 text-soft">{thing.kind}</span>
              <b className="grow">{thing.label}</b>
              <span className="text-soft">deleted for good on {moments.day(thing.until.slice(0, 10))}</span>
              <button type="button" className="link" disabled={back.isPending} onClick={() => back.mutate(thing)}>
                Bring it back
              </button>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
