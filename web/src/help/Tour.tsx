import { useEffect } from 'react';
import { useNavigate } from 'react-router';

/** Where the tour goes, and what is said there. */
const STOPS: [to: string, title: string, says: string][] = [
  ['/start', 'What do you have?', 'Tap what you own. Everything that Wubbin plans, it plans from this.'],
  ['/can', 'What can I make?', 'All pieces that your things make together, and what one thing more would add.'],
  [
    '/jobs/new',
    'A job',
    'One kind of piece with its picture. Wubbin works out route, size, sheet, heat, time and peel.',
  ],
  ['/print', 'Print', 'Sheets that are due. Wubbin has mirrored what must be mirrored and knows your trays.'],
  ['/bench', 'Bench', 'Step by step with a drawing and a clock. Rehearse it once before the first real piece.'],
  ['/logbook', 'Logbook', 'What came out, and what it teaches. Nothing has to be written down twice.'],
  ['/sums', 'Quick sums', 'Whatever you would work out on paper: round and across, dpi, areas, dials.'],
  ['/', 'Today', 'From now on everything begins here. Press Help on any page to read what it is for.'],
];

const KEPT = 'wubbin-tour';

/** Where a tour was left, for coming back to it. */
export const leftAt = () => Math.min(STOPS.length - 1, Number(localStorage.getItem(KEPT) ?? 0) || 0);

/** A tour of the rooms, that can be left at any time and goes on where it was left. */
export function Tour({ at, onAt, onLeave }: { at: number; onAt: (at: number) => void; onLeave: () => void }) {
  const navigate = useNavigate();
  const [to, title, says] = STOPS[at] ?? ['/', '', ''];
  // biome-ignore lint/correctness/useExhaustiveDependencies: it goes to a page once for each stop
  useEffect(() => {
    localStorage.setItem(KEPT, String(at));
    navigate(to);
  }, [at]);
  const last = at === STOPS.length - 1;
  return (
    <section
      aria-label="Tour"
      className="flex shrink-0 flex-wrap items-center gap-x-4 gap-y-1.5 border-t-4 border-face bg-shade px-5 py-2.5"
    >
      <p role="status" className="min-w-0 flex-1 basis-72">
        <span className="text-soft">
          {at + 1} of {STOPS.length}
        </span>{' '}
        <b>{title}.</b> {says}
      </p>
      <span className="flex gap-2">
        {at > 0 && (
          <button type="button" className="key" onClick={() => onAt(at - 1)}>
            Back
          </button>
        )}
        {!last && (
          <button type="button" className="key-main" onClick={() => onAt(at + 1)}>
            Next
          </button>
        )}
        <button
          type="button"
          className={last ? 'key-main' : 'key'}
          onClick={() => {
            if (last) {
              localStorage.removeItem(KEPT);
            }
            onLeave();
          }}
        >
          {last ? 'End of the tour' : 'Leave the tour'}
        </button>
      </span>
    </section>
  );
}
