import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import { FileUp, Plus } from 'lucide-react';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { api, fileBody, got, type ProblemError, problemOf } from '../api/client';
import { keys, server } from '../api/queries';
import { useMoments } from '../measure/settings';
import { Condition } from '../parts/Condition';
import { Notice, Waiting } from '../parts/Notice';
import { SearchField } from '../parts/SearchField';
import { FirstSteps } from './FirstSteps';

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

/** Jobs of a page, and from how many on one wants to search them. */
const A_PAGE = 60;
const SEARCHED_FROM = 20;

export function JobList() {
  const [words, setWords] = useState('');
  const [after, setAfter] = useState(0);
  const [archived, setArchived] = useState(false);
  const jobs = useQuery({ ...server.jobs(words, after, archived), staleTime: 0, placeholderData: keepPreviousData });
  const moments = useMoments();
  if (jobs.data === undefined) {
    return <Waiting error={jobs.error} />;
  }
  return (
    <div className="mx-auto max-w-5xl px-6 py-6">
      <div className="flex flex-wrap items-center gap-3">
        <h1 className="mr-auto text-3xl">Jobs</h1>
        <ImportJob />
        <Link to="/jobs/new" className="key-main">
          <Plus size={18} aria-hidden /> New job
        </Link>
      </div>
      <Condition />
      {(words !== '' || after > 0 || jobs.data.length > SEARCHED_FROM) && (
        <SearchField
          label="Words of its name"
          value={words}
          onChange={(typed) => {
            setAfter(0);
            setWords(typed);
          }}
        />
      )}
      {jobs.data.length === 0 && words === '' && after === 0 && !archived ? (
        <FirstSteps />
      ) : jobs.data.length === 0 ? (
        <p className="mt-5 text-lg">{words === '' ? 'There are no closed jobs.' : 'No job has this name.'}</p>
      ) : (
        <ul className="mt-5 border-t border-ink">
          {jobs.data.map((job) => (
            <li key={job.id} className="border-b border-rule">
              <Link
                to={`/jobs/${job.id}`}
                className="grid grid-cols-[4.5rem_1fr_9rem_11rem] items-center gap-4 py-3 hover:bg-shade"
              >
                <span
                  className="flex h-14 w-16 items-center justify-center border border-line p-1"
                  style={{ background: job.colour }}
                >
                  {job.artwork !== null && (
                    <img src={`/api/artwork/${job.artwork}/preview`} alt="" className="max-h-full max-w-full" />
                  )}
                </span>
                <span>
                  <span className="block text-lg font-bold">{job.name}</span>
                  <span className="text-soft">{job.blank}</span>
                </span>
                <span>
                  <span className="block">
                    {job.good} of {job.quantity} good
                  </span>
                  <span className="text-soft">{job.due === null ? 'no day set' : `by ${moments.day(job.due)}`}</span>
                </span>
                <span className={job.ready ? 'text-done' : 'font-semibold text-wait'}>
                  {job.ready ? '○ ready for the bench' : `◆ ${job.open} to settle`}
                </span>
              </Link>
            </li>
          ))}
        </ul>
      )}
      <p className="mt-3 text-sm">
        <button
          type="button"
          className="link"
          onClick={() => {
            setAfter(0);
            setArchived(!archived);
          }}
        >
          {archived ? 'Show open jobs' : 'Show closed jobs'}
        </button>
      </p>
      {(after > 0 || jobs.data.length === A_PAGE) && (
        <p className="mt-3 flex gap-3">
          <button type="button" className="key" disabled={after === 0} onClick={() => setAfter(after - A_PAGE)}>
            Sooner
          </button>
          <button
            type="button"
            className="key"
            disabled={jobs.data.length < A_PAGE}
            onClick={() => setAfter(after + A_PAGE)}
          >
            Later
          </button>
        </p>
      )}
    </div>
  );
}
