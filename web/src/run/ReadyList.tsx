import { useMutation, useQuery } from '@tanstack/react-query';
import { Link, useNavigate } from 'react-router';
import { api, got, type Schemas } from '../api/client';
import { server } from '../api/queries';
import { useFormat } from '../measure/settings';
import { Waiting } from '../parts/Notice';

type Heat = Schemas['ReadyHeat'];
type Ready = Schemas['ReadyJob'];

const many = (count: number) => (count === 1 ? '1 piece' : `${count} pieces`);

/** What can begin now, by what has to be set for it: one button begins a job, or several side by side. */
export function ReadyList() {
  const ready = useQuery(server.readyAtBench());
  if (ready.data === undefined) {
    return <Waiting error={ready.error} />;
  }
  if (ready.data.length === 0) {
    return (
      <p className="mt-4 text-lg">
        Nothing can begin now. A job needs a day and no open checks.{' '}
        <Link to="/jobs" className="link">
          All jobs
        </Link>
      </p>
    );
  }
  return ready.data.map((heat) => <HeatGroup key={heat.source + JSON.stringify(heat.setting)} heat={heat} />);
}

function HeatGroup({ heat }: { heat: Heat }) {
  const format = useFormat();
  const navigate = useNavigate();
  const printed = heat.jobs.filter((job) => job.printed);
  const begin = useMutation({
    // Two taps are one.
    scope: { id: `begin ${heat.source}` },
    mutationFn: async (jobs: Ready[]) => {
      const runs = [];
      for (const job of jobs) {
        runs.push(
          await got(
            api.POST('/api/jobs/{job}/runs', {
              params: { path: { job: job.id } },
              body: { id: crypto.randomUUID(), pieces: job.pieces, share: job.share, left: job.left },
            }),
          ),
        );
      }
      navigate(runs.length === 1 ? `/bench/${runs[0]?.id}` : '/bench/all');
    },
  });
  const setting = format.phrase(heat.setting);
  return (
    <section aria-label={`${heat.source}, ${setting}`} className="mt-5">
      <div className="flex flex-wrap items-baseline gap-x-4 border-b border-ink pb-1">
        <h3 className="text-lg first-letter:uppercase">{heat.source}</h3>
        <span className={heat.celsius === null ? 'text-soft' : 'font-bold text-hot'}>{setting}</span>
        {printed.length > 1 && (
          <button
            type="button"
            className="key ml-auto"
            disabled={begin.isPending}
            onClick={() => begin.mutate(printed)}
          >
            Begin all {printed.length} side by side
          </button>
        )}
      </div>
      <ul>
        {heat.jobs.map((job) => (
          <li
            key={job.id}
            className="grid grid-cols-[4rem_minmax(0,1fr)_auto] items-center gap-x-4 border-b border-rule py-2"
          >
            <span
              className="flex size-16 items-center justify-center border border-line p-0.5"
              style={{ background: job.colour }}
            >
              {job.artwork !== null && (
                <img src={`/api/artwork/${job.artwork}/preview`} alt="" className="max-h-full max-w-full" />
              )}
            </span>
            <span className="min-w-0">
              <Link to={`/jobs/${job.id}`} className="block truncate text-lg font-bold hover:underline">
                {job.name}
                {job.of !== '' && <span className="font-normal text-soft"> · {job.of}</span>}
              </Link>
              <span className="text-soft">
                {many(job.left)} left{job.pieces < job.left && `, ${job.pieces} in this session`}
              </span>
            </span>
            {job.printed ? (
              <button
                type="button"
                className="key-main w-44 justify-center py-3 text-base"
                disabled={begin.isPending}
                onClick={() => begin.mutate([job])}
              >
                Begin {many(job.pieces)}
              </button>
            ) : (
              <Link to="/print" className="key w-44 justify-center py-3 text-base">
                Print its sheets
              </Link>
            )}
          </li>
        ))}
      </ul>
      {begin.error !== null && (
        <p role="alert" className="mt-1 font-semibold text-hot">
          {begin.error.message}
        </p>
      )}
    </section>
  );
}
