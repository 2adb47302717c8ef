import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, done, fileBody, got, problemOf, type Schemas, type Task } from '../api/client';
import { keys, server } from '../api/queries';
import { useMoments } from '../measure/settings';
import { Notice, Waiting } from '../parts/Notice';
import { Remove } from '../parts/Remove';
import { PicturePicker } from './PicturePicker';

type Entry = Schemas['PictureEntry'];

const KIND = { raster: 'pixels', vector: 'lines' } as const;

/** The shop's pictures: found again, used again, and a new version put in the place of an old one. */
export function PicturesPage() {
  const pictures = useQuery(server.pictures());
  const queries = useQueryClient();
  const [words, setWords] = useState('');
  if (pictures.data === undefined) {
    return <Waiting error={pictures.error} />;
  }
  const wanted = words.trim().toLowerCase();
  const found = pictures.data.filter(({ picture, jobs }) =>
    [picture.name, ...jobs.map((job) => job.name)].some((text) => text.toLowerCase().includes(wanted)),
  );
  return (
    <div className="mx-auto max-w-5xl px-6 py-6">
      <h1 className="text-3xl">Pictures</h1>
      <p className="text-soft">All pictures that you uploaded, unchanged. Beside each are the jobs that use it.</p>
      <div className="mt-3 max-w-xl">
        <PicturePicker current={undefined} onPicked={() => queries.invalidateQueries({ queryKey: keys.pictures })} />
      </div>
      {pictures.data.length === 0 ? (
        <p className="mt-8 text-lg">
          No pictures yet.{' '}
          <Link to="/jobs/new" className="link">
            Make a job
          </Link>{' '}
          and upload the first.
        </p>
      ) : (
        <>
          <input
            className="field mt-4 max-w-sm"
            type="search"
            placeholder="Find by file name or job"
            aria-label="Find by file name or job"
            value={words}
            onChange={(e) => setWords(e.target.value)}
          />
          <ul className="mt-4 grid grid-cols-3 gap-x-6 border-t border-ink max-md:grid-cols-1">
            {found.map((entry) => (
              <Line key={entry.picture.sha256} entry={entry} />
            ))}
          </ul>
          {found.length === 0 && <p className="mt-4 text-soft">No picture and no job has this name.</p>}
        </>
      )}
    </div>
  );
}

function Line({ entry: { picture, created, jobs } }: { entry: Entry }) {
  const moments = useMoments();
  const queries = useQueryClient();
  const [said, setSaid] = useState<{ text: string; wrong: boolean }>();
  const [busy, setBusy] = useState(false);
  const [task, setTask] = useState<Task>();
  const open = jobs.filter((job) => !job.archived);

  async function replace(file: File | undefined) {
    if (file === undefined) {
      return;
    }
    setBusy(true);
    setSaid(undefined);
    try {
      const made = await done<Schemas['ArtworkView']>(api.POST('/api/artwork', fileBody(file)), setTask);
      const taken = await got(
        api.POST('/api/pictures/{sha256}/replace', {
          params: { path: { sha256: picture.sha256 } },
          body: { by: made.sha256 },
        }),
      );
      queries.removeQueries({ queryKey: keys.anyJob });
      setSaid({ text: `${made.name} is on ${taken.map((job) => job.name).join(', ')} now.`, wrong: false });
      await queries.invalidateQueries({ queryKey: keys.pictures });
    } catch (e) {
      const { errors, message } = problemOf(e);
      setSaid({ text: errors.file ?? message, wrong: true });
    }
    setBusy(false);
  }

  return (
    <li className="flex gap-3 border-b border-rule py-3">
      <img
        src={`/api/artwork/${picture.sha256}/preview`}
        alt=""
        loading="lazy"
        className="size-24 shrink-0 border border-rule bg-white object-contain p-1"
      />
      <div className="min-w-0 text-sm">
        <p className="text-base font-bold break-words">{picture.name}</p>
        <p className="text-soft">
          {KIND[picture.kind]}
          {picture.kind === 'raster' && `, ${picture.width} × ${picture.height}`}
          {picture.made_of !== null && ', background removed'} · {moments.day(created.slice(0, 10))}
        </p>
        <p>
          {jobs.length === 0 ? (
            <span className="text-soft">Not used yet.</span>
          ) : (
            jobs.map((job, i) => (
              <span key={job.id}>
                {i > 0 && ', '}
                {job.archived ? (
                  <span className="text-soft">{job.name} (closed)</span>
                ) : (
                  <Link to={`/jobs/${job.id}`} className="link">
                    {job.name}
                  </Link>
                )}
              </span>
            ))
          )}
        </p>
        <p className="mt-1 flex flex-wrap gap-x-3">
          <Link to={`/jobs/new?picture=${picture.sha256}`} className="link">
            New job with it
          </Link>
          {open.length > 0 && (
            <label className="link cursor-pointer focus-within:outline-3 focus-within:outline-face">
              {busy
                ? task === undefined
                  ? 'Reading …'
                  : `${task.doing}, ${Math.round(task.share * 100)} %`
                : 'Replace it by a new version'}
              <input
                type="file"
                className="sr-only"
                disabled={busy}
                onChange={(e) => {
                  replace(e.target.files?.[0]);
                  e.target.value = '';
                }}
              />
            </label>
          )}
          {jobs.length === 0 && <Remove kind="picture" id={picture.sha256} name={picture.name} />}
        </p>
        {said !== undefined && <Notice tone={said.wrong ? 'hot' : 'wait'}>{said.text}</Notice>}
      </div>
    </li>
  );
}
