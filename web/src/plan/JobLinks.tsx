import { Coins, Download, Eye, Heart, ListOrdered, Printer } from 'lucide-react';
import { Link } from 'react-router';
import type { JobHandle } from '../job/useJob';
import { Remove } from '../parts/Remove';
import { TakeBack } from '../parts/TakeBack';

/** What else can be done with a job. */
export function JobLinks({
  id,
  name,
  archived,
  handle,
  onCopy,
  onAway,
}: {
  id: string;
  name: string;
  archived: boolean;
  handle: JobHandle;
  onCopy: () => void;
  onAway: () => void;
}) {
  return (
    <div className="flex flex-wrap gap-x-4 gap-y-2 px-5 py-4 text-sm">
      <TakeBack of={`job ${id}`} />
      <a className="link" href={`/api/jobs/${id}/export`}>
        <Download size={14} aria-hidden className="mr-1 inline" />
        Export job file
      </a>
      <a className="link" href={`/api/jobs/${id}/card.pdf`} target="_blank" rel="noreferrer">
        <Printer size={14} aria-hidden className="mr-1 inline" />
        Bench card
      </a>
      <a className="link" href={`/api/jobs/${id}/care.pdf`} target="_blank" rel="noreferrer">
        <Heart size={14} aria-hidden className="mr-1 inline" />
        Care cards
      </a>
      <Link to={`/jobs/${id}/names`} className="link">
        <ListOrdered size={14} aria-hidden className="mr-1 inline" />A name on every piece
      </Link>
      <Link to={`/jobs/${id}/proof`} className="link">
        <Eye size={14} aria-hidden className="mr-1 inline" />
        Proof
      </Link>
      <Link to={`/jobs/${id}/cost`} className="link">
        <Coins size={14} aria-hidden className="mr-1 inline" />
        What it costs
      </Link>
      <button type="button" className="link" onClick={onCopy}>
        Copy as a new job
      </button>
      {archived ? (
        <button type="button" className="link" onClick={() => handle.archive(false)}>
          Open the job again
        </button>
      ) : (
        <button type="button" className="link" onClick={() => handle.archive(true).then((ok) => ok && onAway())}>
          Close the job
        </button>
      )}
      <Remove kind="job" id={id} name={name} onGone={onAway} />
    </div>
  );
}
