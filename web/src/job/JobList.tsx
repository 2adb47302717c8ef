import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { FileUp, Plus } from 'lucide-react';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { api, fileBody, got, type ProblemError, problemOf } from '../api/client';
import { type JobsWanted, keys, server } from '../api/queries';
import { Condition } from '../parts/Condition';
import { Filter } from '../parts/Filter';
import { Notice, Waiting } from '../parts/Notice';
import { SearchField } from '../parts/SearchField';
import { FirstSteps } from './FirstSteps';
import { JobRow } from './JobRow';

function ImportJob() {
  const [problem, setProblem] = useState<ProblemError>();
  const navigate = useNavigate();
  const queries = useQueryClient();
  async function take(file: File | undefined) {
    if (file === undefined) {
      return;
    }
    try {
      const view = await got(api.POST('/api/jobs/import', fileBody(file)));
      queries.setQueryData(keys.job(view.job.id), view);
      navigate(`/jobs/${view.job.id}`);
    } catch (e) {
      setProblem(problemOf(e));
    }
  }
  return (
    <>
      <label className="key focus-within:outline-3 focus-within:outline-face">
        <FileUp size={16} aria-hidden /> Import a job file
        <input
          type="file"
          accept=".json,application/json"
          className="sr-only"
          onChange={(e) => {
            take(e.target.files?.[0]);
            e.target.value = '';
          }}
        />
      </label>
      {problem !== undefined && (
        <div className="basis-full">
          <Notice tone="hot">
            <p className="font-bold">The job file could not be read. Nothing was changed.</p>
            <ul className="mt-1">
              {Object.entries(problem.errors).map(([field, message]) => (
                <li key={field}>
                  <b>{field}</b>: {message}
                </li>
              ))}
              {Object.keys(problem.errors).length === 0 && <li>{problem.message}</li>}
            </ul>
          </Notice>
        </div>
      )}
    </>
  );
}

/** Jobs of a page. */
const A_PAGE = 60;

const FILTERS: readonly [JobsWanted, string][] = [
  ['', 'All'],
  ['late', 'Late'],
  ['print', 'To print'],
  ['bench', 'At the bench'],
  ['finished', 'To hand over'],
  ['handed', 'Handed over'],
  ['archived', 'Closed'],
];

/** All jobs, each as far as it is: searched, narrowed, and many handled at once. */
export function JobList() {
  const [words, setWords] = useState('');
  const [after, setAfter] = useState(0);
  const [which, setWhich] = useState<JobsWanted>('');
  const [ticked, setTicked] = useState<string[]>([]);
  const jobs = useQuery({ ...server.jobs(words, after, which), staleTime: 0, placeholderData: keepPreviousData });
  if (jobs.data === undefined) {
    return <Waiting error={jobs.error} />;
  }
  const empty = jobs.data.length === 0 && words === '' && after === 0;
  // What was ticked while it was under way stays.
  const untick = (done: string[]) => setTicked((now) => now.filter((one) => !done.includes(one)));
  const here = jobs.data.filter((job) => ticked.includes(job.id)).map((job) => job.id);
  return (
    <div className="mx-auto max-w-6xl px-5 py-5">
      <div className="flex flex-wrap items-center gap-3">
        <h1 className="mr-auto text-3xl">Jobs</h1>
        <ImportJob />
        <Link to="/jobs/new" className="key-main">
          <Plus size={18} aria-hidden /> New job
        </Link>
      </div>
      <Condition />
      {empty && which === '' ? (
        <FirstSteps />
      ) : (
        <>
          <div className="mt-3 flex flex-wrap items-end gap-x-5 gap-y-2">
            <Filter
              label="Which jobs"
              options={FILTERS}
              value={which}
              onChange={(to) => {
                setAfter(0);
                setTicked([]);
                setWhich(to);
              }}
            />
            <SearchField
              label="Words of its name"
              value={words}
              onChange={(typed) => {
                setAfter(0);
                setWords(typed);
              }}
            />
          </div>
          {here.length > 0 && <Many jobs={here} archived={which === 'archived'} onDone={untick} />}
          {jobs.data.length === 0 ? (
            <p className="mt-5 text-lg">{words === '' ? 'There are no such jobs.' : 'No job has this name.'}</p>
          ) : (
            <ul className="mt-3 border-t border-ink">
              {jobs.data.map((job) => (
                <JobRow key={job.id} job={job}>
                  <input
                    type="checkbox"
                    aria-label={`Choose ${job.name}`}
                    className="size-5 shrink-0 accent-ink"
                    checked={ticked.includes(job.id)}
                    onChange={(e) =>
                      setTicked(e.target.checked ? [...ticked, job.id] : ticked.filter((one) => one !== job.id))
                    }
                  />
                </JobRow>
              ))}
            </ul>
          )}
        </>
      )}
      <div className="mt-4 flex gap-5">
        {after > 0 && (
          <button type="button" className="link" onClick={() => setAfter(Math.max(0, after - A_PAGE))}>
            Earlier
          </button>
        )}
        {jobs.data.length === A_PAGE && (
          <button type="button" className="link" onClick={() => setAfter(after + A_PAGE)}>
            More
          </button>
        )}
      </div>
    </div>
  );
}

/** What can be done to all jobs that are ticked. */
function Many({
  jobs,
  archived,
  onDone,
}: {
  jobs: string[];
  archived: boolean;
  /** Told which of them it was done to. */
  onDone: (jobs: string[]) => void;
}) {
  const queries = useQueryClient();
  const change = useMutation({
    mutationFn: (wish: { jobs: string[]; do: 'archive' | 'bring-back' | 'copy' }) =>
      got(api.POST('/api/jobs/many', { body: wish })),
    onSuccess: async (_, wish) => {
      // A list that is still on its way was asked for before.
      await queries.cancelQueries({ queryKey: keys.jobs });
      await queries.invalidateQueries();
      onDone(wish.jobs);
    },
  });
  return (
    <div
      role="toolbar"
      aria-label="Jobs that are ticked"
      className="mt-3 flex flex-wrap items-center gap-3 bg-shade px-3 py-2"
    >
      <b>{jobs.length === 1 ? '1 job' : `${jobs.length} jobs`}</b>
      <button
        type="button"
        className="key"
        disabled={change.isPending}
        onClick={() => change.mutate({ jobs, do: archived ? 'bring-back' : 'archive' })}
      >
        {archived ? 'Open again' : 'Close'}
      </button>
      <button
        type="button"
        className="key"
        disabled={change.isPending}
        onClick={() => change.mutate({ jobs, do: 'copy' })}
      >
        Copy
      </button>
      <Link to={`/sheets?${jobs.map((id) => `job=${encodeURIComponent(id)}`).join('&')}`} className="key">
        On sheets together
      </Link>
      <Link to={`/print?${jobs.map((id) => `job=${encodeURIComponent(id)}`).join('&')}`} className="key">
        Print
      </Link>
      {change.error !== null && (
        <span role="alert" className="font-semibold text-hot">
          {change.error.message}
        </span>
      )}
    </div>
  );
}
