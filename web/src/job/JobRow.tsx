import { Link } from 'react-router';
import type { Schemas } from '../api/client';
import { useMoments } from '../measure/settings';
import { Stages } from './Stages';

/** A job of a list: its picture on its blank, by when, and how far it is. */
export function JobRow({ job, children }: { job: Schemas['JobSummary']; children?: React.ReactNode }) {
  const moments = useMoments();
  return (
    <li className="flex items-center gap-3 border-b border-rule">
      {children}
      <Link
        to={`/jobs/${job.id}`}
        className="grid min-w-0 flex-1 grid-cols-[4.5rem_minmax(0,1fr)] items-center gap-x-4 gap-y-1 py-2.5 hover:bg-shade md:grid-cols-[4.5rem_minmax(0,1fr)_10rem]"
      >
        <span
          className="row-span-2 flex h-14 w-16 items-center justify-center border border-line p-1 md:row-span-1"
          style={{ background: job.colour }}
        >
          {job.artwork !== null && (
            <img src={`/api/artwork/${job.artwork}/preview`} alt="" className="max-h-full max-w-full" loading="lazy" />
          )}
        </span>
        <span className="min-w-0">
          <span className="flex min-w-0 items-baseline gap-x-3">
            <b className="max-w-full shrink-0 truncate text-lg">{job.name}</b>
            <span className="truncate text-soft">
              {job.quantity} × {job.blank}
              {job.order !== null && ` · ${job.order.label}`}
            </span>
          </span>
          <Stages stages={job.stages} />
        </span>
        <span className="md:text-right">
          <span className={job.late ? 'font-bold text-hot' : ''}>
            {job.due === null ? <span className="text-soft">no day set</span> : `by ${moments.day(job.due)}`}
            {job.late && ' ✕ late'}
          </span>
          {job.open > 0 && <span className="ml-2 font-semibold text-wait md:block">◆ {job.open} to settle</span>}
        </span>
      </Link>
    </li>
  );
}
