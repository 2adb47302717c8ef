import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Link, useSearchParams } from 'react-router';
import type { Schemas } from '../api/client';
import { keys, server } from '../api/queries';
import { Waiting } from '../parts/Notice';
import { DueGroupCard } from './DueGroupCard';
import { PrintVerdicts } from './PrintVerdicts';

const SOON = 1000;

/** All that there is to print: sheets that are due, by printer and paper; and how those came out that were printed. */
export function PrintPage() {
  const queries = useQueryClient();
  const [search] = useSearchParams();
  const only = search.getAll('job');
  const due = useQuery({
    ...server.due(),
    refetchInterval: (query) => (query.state.data?.groups.some((group) => group.printing !== null) ? SOON : false),
  });
  const devices = useQuery(server.devices());
  const shared = useQuery(server.sharedSheets());
  const again = () => {
    for (const queryKey of [keys.due, keys.today]) {
      queries.invalidateQueries({ queryKey });
    }
  };
  if (due.data === undefined || devices.data === undefined) {
    return <Waiting error={due.error ?? devices.error} />;
  }
  const { unseen } = due.data;
  const groups = only.length === 0 ? due.data.groups : due.data.groups.flatMap((group) => narrowed(group, only));
  const sheets = groups.reduce((sum, group) => sum + group.sheets, 0);
  return (
    <div className="mx-auto max-w-6xl px-5 py-4">
      <div className="flex flex-wrap items-baseline gap-4 border-b border-ink pb-2">
        <h1 className="text-3xl">Print</h1>
        <p className="text-soft">
          {sheets === 0 ? 'No sheet has to be printed.' : `${sheets} sheets are due, what is due first in front.`}
        </p>
        {only.length > 0 && (
          <Link to="/print" className="link ml-auto">
            Show all that is due
          </Link>
        )}
        {sheets > 0 && (
          <a className="link" href="/api/print/due.pdf" target="_blank" rel="noreferrer">
            Print list
          </a>
        )}
        <Link to="/sheets/queue" className={`link ${only.length > 0 ? '' : 'ml-auto'}`}>
          Print any sheet
        </Link>
      </div>
      <PrintVerdicts unseen={unseen} onSaid={again} />
      {groups.length === 0 && unseen.length === 0 && (
        <p className="mt-5 text-lg">
          What is due is printed. Sheets come here by themselves when a{' '}
          <Link to="/jobs" className="link">
            job
          </Link>{' '}
          has a day and no check stands against it.
        </p>
      )}
      {groups.map((group) => (
        <DueGroupCard
          key={group.key}
          group={group}
          devices={devices.data}
          shared={shared.data?.find((one) => one.group === group.key)}
          only={only}
          onChange={again}
        />
      ))}
    </div>
  );
}

/** What some jobs alone add to a group; nothing where they add nothing. */
function narrowed(group: Schemas['DueGroup'], jobs: string[]): Schemas['DueGroup'][] {
  const entries = group.entries.filter((entry) => jobs.includes(entry.job));
  return entries.length === 0
    ? []
    : [{ ...group, entries, sheets: entries.reduce((sum, entry) => sum + entry.sheets, 0) }];
}
