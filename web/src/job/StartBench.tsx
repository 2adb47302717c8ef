import { useQuery } from '@tanstack/react-query';
import { Dialog } from 'radix-ui';
import { useRef, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { api, got, type JobView, problemOf, type Schemas } from '../api/client';
import { server } from '../api/queries';
import { SelectField, TextField } from '../measure/Field';

/** In one session at the most. */
const MOST = 200;

/** How many are left, and where they are more than one session takes, in which sessions. */
function leftIn(offer: Schemas['Offer'] | undefined, lots: number[]): string {
  const most = 'Up to 200 in one session.';
  if (offer === undefined || lots.length === 0) {
    return most;
  }
  const left = offer.left === 1 ? '1 piece is left.' : `${offer.left} pieces are left.`;
  return lots.length === 1 ? `${left} ${most}` : `${left} In sessions of whole sheets: ${lots.join(', ')}.`;
}

/** Asks how many pieces are made in this session, and goes to the bench; an open session is offered first. */
export function StartBench({
  view,
  open,
  onOpen: setOpen,
}: {
  view: JobView;
  open: boolean;
  onOpen: (open: boolean) => void;
}) {
  const { job, plan } = view;
  const [typed, setPieces] = useState<string>();
  const [error, setError] = useState<string>();
  const [share, setShare] = useState(0);
  const id = useRef(crypto.randomUUID());
  const navigate = useNavigate();
  const runs = useQuery({ ...server.runs(), enabled: open });
  const offer = useQuery({ ...server.offer(job.id), enabled: open }).data;
  const lots = plan.shares.length === 0 ? (offer?.lots ?? []) : [];
  const left = offer?.shares[share];
  const pieces = typed ?? String(left === undefined ? (lots[0] ?? 1) : Math.max(1, Math.min(left, MOST)));
  const running = runs.data?.filter((run) => run.job === job.id && run.finished === null) ?? [];

  async function begin() {
    if (!/^\d{1,3}$/.test(pieces.trim())) {
      setError('Write a whole number.');
      return;
    }
    try {
      const run = await got(
        api.POST('/api/jobs/{job}/runs', {
          params: { path: { job: job.id } },
          body: { id: id.current, pieces: Number(pieces), share: plan.shares.length === 0 ? null : share },
        }),
      );
      navigate(`/bench/${run.id}`);
    } catch (e) {
      const problem = problemOf(e);
      setError(problem.errors.pieces ?? problem.message);
    }
  }

  return (
    <Dialog.Root open={open} onOpenChange={setOpen}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 bg-black/40" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed top-1/2 left-1/2 w-[28rem] max-w-[94vw] -translate-1/2 border border-ink bg-ground p-6"
        >
          <Dialog.Title className="text-xl">To the bench: {job.name}</Dialog.Title>
          {running.map((run) => (
            <button
              key={run.id}
              type="button"
              className="key-main mt-4 w-full"
              onClick={() => navigate(`/bench/${run.id}`)}
            >
              Go on: {run.judged} of {run.pieces} done
            </button>
          ))}
          <form
            className="mt-4 flex items-start gap-3"
            onSubmit={(e) => {
              e.preventDefault();
              begin();
            }}
          >
            <div className="flex-1">
              {plan.shares.length > 0 && (
                <SelectField
                  label="Which of them?"
                  options={plan.shares.map((s, i) => ({ id: String(i), label: `${s.label} (${s.quantity})` }))}
                  value={String(share)}
                  onChange={(e) => {
                    setShare(Number(e.target.value));
                    setPieces(undefined);
                  }}
                />
              )}
              <TextField
                label="How many pieces in this session?"
                value={pieces}
                inputMode="numeric"
                error={error}
                hint={leftIn(offer, lots)}
                onChange={(e) => setPieces(e.target.value)}
              />
            </div>
            <button type="submit" className={`${running.length === 0 ? 'key-main' : 'key'} mt-5`}>
              Begin
            </button>
          </form>
          <p className="mt-4">
            {runs.data?.length === 0 && <b>The first time? </b>}
            <Link to={`/rehearsal/${job.id}`} className="link">
              Rehearse it
            </Link>
            : every step with clocks ten times as fast. Nothing is logged.
          </p>
          <Dialog.Close className="link mt-4">Not now</Dialog.Close>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
