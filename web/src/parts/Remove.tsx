import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, got, type Schemas } from '../api/client';
import { Notice } from './Notice';

type Kind = Schemas['RemovedView']['kind'];

/** Deletes something after asking once; it can be taken back for thirty days, which is said before. */
export function Remove({ kind, id, name, onGone }: { kind: Kind; id: string; name: string; onGone?: () => void }) {
  const queries = useQueryClient();
  const [asking, setAsking] = useState(false);
  const remove = useMutation({
    mutationFn: () => got(api.PUT('/api/removed/{kind}/{id}', { params: { path: { kind, id } } })),
    onSuccess: () => {
      // Whatever lists it, lists it no more.
      queries.invalidateQueries();
      setAsking(false);
      onGone?.();
    },
  });
  if (!asking) {
    return (
      <button type="button" className="link" onClick={() => setAsking(true)}>
        Delete
      </button>
    );
  }
  return (
    <fieldset className="inline-block" aria-label={`Delete ${name}?`}>
      <span className="mr-3">Delete “{name}”? You can bring it back for 30 days.</span>
      <button type="button" className="link mr-3 font-bold" disabled={remove.isPending} onClick={() => remove.mutate()}>
        Yes, delete it
      </button>
      <button type="button" className="link" onClick={() => setAsking(false)}>
        Do not delete
      </button>
      {remove.error !== null && <Notice tone="hot">{remove.error.message}</Notice>}
    </fieldset>
  );
}
