import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, done, got, type Task } from '../api/client';
import { keys, server } from '../api/queries';
import { useMoments } from '../measure/settings';
import { Condition } from '../parts/Condition';
import { Notice, Waiting } from '../parts/Notice';
import { Deleted } from './Deleted';

/** Sizes of files, as people know them from their own. */
const size = (bytes: number) =>
  bytes < 1e6 ? `${Math.max(1, Math.round(bytes / 1e3))} kB` : `${(bytes / 1e6).toFixed(bytes < 1e7 ? 1 : 0)} MB`;

/** Backups of the whole shop, the shop in open formats, and what was deleted. */
export function BackupPage() {
  const queries = useQueryClient();
  const backups = useQuery(server.backups());
  const moments = useMoments();
  const [task, setTask] = useState<Task>();
  const take = useMutation({
    mutationFn: () => done<{ name: string }>(api.POST('/api/backups'), setTask),
    onSettled: () => {
      setTask(undefined);
      queries.invalidateQueries({ queryKey: keys.backups });
      queries.invalidateQueries({ queryKey: keys.condition });
    },
  });
  if (backups.data === undefined) {
    return <Waiting error={backups.error} />;
  }
  const { directory, backups: all } = backups.data;
  return (
    <div className="mx-auto max-w-4xl px-6 py-6">
      <div className="flex flex-wrap items-center gap-3">
        <h1 className="mr-auto text-3xl">Backup</h1>
        <a className="key" href="/api/export.tar" download>
          Everything in open formats
        </a>
        <button type="button" className="key-main" disabled={take.isPending} onClick={() => take.mutate()}>
          {take.isPending ? 'Making one …' : 'Make a backup now'}
        </button>
      </div>
      <p className="mt-1 text-soft">
        A backup is one file with the whole shop: jobs, recipes, logbook, stock, pictures and photos. Wubbin makes one
        every day. It stores one for each of the last 7 days, 4 weeks and 12 months.
      </p>
      <Condition />
      {task !== undefined && <Progress task={task} />}
      {take.error !== null && <Notice tone="hot">{take.error.message}</Notice>}
      {take.isSuccess && <Notice tone="done">The backup is made and checked. It is complete.</Notice>}
      {all.length === 0 ? (
        <p className="mt-5 text-lg">There is no backup yet. Make the first one now. You can go on working.</p>
      ) : (
        <ul className="mt-4 border-t border-ink" aria-label="Backups">
          {all.map((backup) => (
            <li key={backup.name} className="flex items-baseline gap-4 border-b border-rule py-2">
              <b className="w-64">{moments.at(backup.made)}</b>
              <span className="grow">{size(backup.size)}</span>
              <a className="link" href={`/api/backups/${backup.name}`} download>
                Save a copy
              </a>
            </li>
          ))}
        </ul>
      )}
      <p className="mt-3 text-sm text-soft">
        They are in <code className="break-all">{directory}</code>. A disk can fail, so save a copy on another one now
        and then. To bring a shop back, stop Wubbin and write <code>bin/wubbin restore FILE</code>.
      </p>
      <Deleted />
    </div>
  );
}

function Progress({ task }: { task: Task }) {
  const queries = useQueryClient();
  const giveUp = () =>
    got(api.DELETE('/api/tasks/{id}', { params: { path: { id: task.id } } })).finally(() =>
      queries.invalidateQueries({ queryKey: keys.backups }),
    );
  return (
    <p className="mt-3 flex items-center gap-3" role="status">
      <progress value={task.share} max={1} className="w-48" /> {task.doing}
      <button type="button" className="link" onClick={giveUp}>
        Cancel
      </button>
    </p>
  );
}
