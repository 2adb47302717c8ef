import { useMutation, useQuery } from '@tanstack/react-query';
import { Link, useNavigate } from 'react-router';
import { api, got, type Schemas } from '../api/client';
import { server } from '../api/queries';
import type { Block, JobLook } from './DayStrip';

/** What a block of the plan is, and what starts it. */
export function BlockCard({
  block,
  job,
  zone,
  onStep,
  onClose,
}: {
  block: Block;
  job: JobLook;
  zone: string;
  /** To the block before it, or after it, on the same lane. */
  onStep: (by: number) => void;
  onClose: () => void;
}) {
  const navigate = useNavigate();
  const ready = useQuery(server.readyAtBench());
  const time = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit', timeZone: zone });
  const own = ready.data?.flatMap((heat) => heat.jobs).find((one) => one.id === block.job);
  const begin = useMutation({
    scope: { id: `begin ${block.job}` },
    mutationFn: async (one: Schemas['ReadyJob']) => {
      const made = await got(
        api.POST('/api/jobs/{job}/runs', {
          params: { path: { job: one.id } },
          body: { id: crypto.randomUUID(), pieces: one.pieces, share: one.share, left: one.left },
        }),
      );
      navigate(`/bench/${made.id}`);
    },
  });
  const main = 'key-main px-5 py-2.5 text-base';
  return (
    <section
      aria-label="What this is"
      className="mt-2 flex flex-wrap items-center gap-x-6 gap-y-2 border-l-6 border-face bg-shade px-4 py-3"
    >
      <button type="button" className="key px-4 py-2.5" aria-label="What comes before" onClick={() => onStep(-1)}>
        ‹
      </button>
      <button type="button" className="key px-4 py-2.5" aria-label="What comes after" onClick={() => onStep(1)}>
        ›
      </button>
      <div className="min-w-0 grow">
        <h3 className="text-xl">
          {job.name}
          {block.celsius !== null && <span className="text-hot"> · heat</span>}
        </h3>
        <p className="text-lg">
          {time.format(block.start * 1000)} to {time.format(block.end * 1000)}: {block.labels.join(', ')}
          {block.pieces.length > 0 && ` · ${block.pieces.length === 1 ? '1 piece' : `${block.pieces.length} pieces`}`}
        </p>
        <p className="text-soft">
          {block.began ? 'Under way.' : block.pinned ? 'Set to this time.' : ''}
          {block.hands &&
            !block.began &&
            ' Move it to another time with a finger. You see what that costs before you let go.'}
        </p>
        {begin.error !== null && (
          <p role="alert" className="font-semibold text-hot">
            {begin.error.message}
          </p>
        )}
      </div>
      {block.session !== null ? (
        <Link to={`/bench/${block.session}`} className={main}>
          Go on at the bench
        </Link>
      ) : own === undefined ? null : own.printed ? (
        <button type="button" className={main} disabled={begin.isPending} onClick={() => begin.mutate(own)}>
          Begin {own.pieces === 1 ? '1 piece' : `${own.pieces} pieces`}
        </button>
      ) : (
        <Link to="/print" className={main}>
          Print its sheets
        </Link>
      )}
      <Link to={`/jobs/${job.id}`} className="key py-2.5">
        Open the job
      </Link>
      <button type="button" className="key py-2.5" onClick={onClose}>
        Close
      </button>
    </section>
  );
}
