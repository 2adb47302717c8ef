import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { api, done, got, type Schemas, type Task } from '../api/client';

/** Makes the sheets that jobs share: laid out, then made; they are due instead of their own. */
export function useShare(shared: Schemas['SharedView'] | undefined, onShared: () => void) {
  const [doing, setDoing] = useState<Task>();
  const share = useMutation({
    mutationFn: async () => {
      let task = '';
      await done<Schemas['GangView']>(
        api.POST('/api/gangs', {
          body: { jobs: shared?.jobs ?? [], gap: '3 mm', seconds: 2, offcuts: false },
        }),
        (now) => {
          task = now.id;
          setDoing(now);
        },
      );
      await done<Schemas['SheetView']>(api.POST('/api/gangs/{task}/sheets', { params: { path: { task } } }), setDoing);
    },
    onSettled: () => {
      setDoing(undefined);
      onShared();
    },
  });
  return { share: () => share.mutate(), doing, error: share.error?.message ?? null };
}

/** Prints a group, or what some jobs have of it. */
export function usePrint(group: string, only: string[], onPrinted: () => void) {
  return useMutation({
    scope: { id: `print ${group}` },
    mutationFn: () => got(api.POST('/api/print/due', { body: { group, jobs: only.length === 0 ? null : only } })),
    onSuccess: onPrinted,
  });
}
