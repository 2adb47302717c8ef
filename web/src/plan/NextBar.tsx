import { ArrowRight } from 'lucide-react';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import type { Check, JobView } from '../api/client';
import { PicturePicker } from '../artwork/PicturePicker';
import type { JobHandle } from '../job/useJob';
import { useFormat } from '../measure/settings';

/** Shows a line of the ticket and opens it. */
function openLine(id: string) {
  const line = document.querySelector<HTMLElement>(`[data-line="${id}"] > button`);
  if (line?.getAttribute('aria-expanded') === 'false') {
    line.click();
  }
  line?.scrollIntoView({ block: 'nearest' });
  line?.focus();
}

/** The one thing to do next about this job, with the button that does it. */
export function NextBar({
  view,
  handle,
  onPick,
  children,
}: {
  view: JobView;
  handle: JobHandle;
  /** Takes a picture of the piece in hand. */
  onPick: (at: number) => void;
  /** What makes the sheet, or goes to the bench. */
  children: ReactNode;
}) {
  const { next, plan } = view;
  const check = plan.transfers[next.transfer]?.checks.find((one) => one.id === next.check);
  return (
    <section aria-label="Next" className="border-l-6 border-face bg-shade px-3 py-2">
      {next.does === 'picture' ? (
        <>
          <p className="mb-1.5 font-bold">
            <ArrowRight size={16} aria-hidden className="mr-1 inline" />
            Choose the picture
          </p>
          <PicturePicker
            current={undefined}
            onPicked={({ sha256 }) => {
              onPick(next.transfer);
              handle.change({ artwork: sha256 });
            }}
          />
          <p className="mt-1 text-sm">
            Or{' '}
            <Link
              to={`/jobs/${view.job.id}/ready${next.transfer === 0 ? '' : `?picture=${next.transfer + 1}`}`}
              className="link"
            >
              begin with words
            </Link>
            .
          </p>
        </>
      ) : next.does === 'settle' ? (
        <Settle
          check={check}
          what={plan.transfers[next.transfer]?.decisions.find((line) => line.id === check?.field)?.what}
          handle={handle}
          onSee={() => onPick(next.transfer)}
        />
      ) : next.does === 'done' ? (
        <p>
          <b className="text-done">✓ All pieces are made or at the bench.</b> See them in the{' '}
          <Link to={`/logbook?words=${encodeURIComponent(view.job.name)}`} className="link">
            logbook
          </Link>
          , or write a larger number to make more.
        </p>
      ) : (
        <div className="flex flex-wrap items-center gap-x-3 gap-y-1.5">
          <p className="min-w-0 flex-1 basis-32 font-bold">
            <ArrowRight size={16} aria-hidden className="mr-1 inline" />
            {next.does === 'sheet'
              ? `Make the ${view.work.sheets === 1 ? 'sheet' : 'sheets'} and print.`
              : 'The sheet is made. Take it to the bench.'}
          </p>
          {children}
        </div>
      )}
    </section>
  );
}

/** What stands against it is said among the checks; here is what mends it. */
function Settle({
  check,
  what,
  handle,
  onSee,
}: {
  check: Check | undefined;
  /** The line of the ticket that it is about. */
  what: string | undefined;
  handle: JobHandle;
  onSee: () => void;
}) {
  const format = useFormat();
  if (check === undefined) {
    return <p className="font-bold">Something does not fit yet. See the lines that are marked.</p>;
  }
  const { fix } = check;
  return (
    <>
      <p className="font-bold">
        <ArrowRight size={16} aria-hidden className="mr-1 inline" />
        {what === undefined ? 'Settle one thing first' : `Settle “${what}” first`}
      </p>
      <p className="mt-1.5 flex flex-wrap gap-2">
        {fix !== null && (
          <button type="button" className="key-main" onClick={() => handle.change(fix.changes)}>
            {format.phrase(fix.label)}
          </button>
        )}
        <button
          type="button"
          className={fix === null ? 'key-main' : 'key'}
          onClick={() => {
            onSee();
            setTimeout(() => openLine(check.field));
          }}
        >
          Change it myself
        </button>
      </p>
    </>
  );
}
