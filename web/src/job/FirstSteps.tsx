import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import { Link, useOutletContext } from 'react-router';
import { server } from '../api/queries';

/** What an empty shop is told to do first: one thing after the other, and the next of them stands out. */
export function FirstSteps() {
  const outlet = useOutletContext<{ tour?: () => void } | undefined>();
  const has = useQuery(server.shelf()).data;
  const stocked = has !== undefined && has.heat.length > 0 && has.markings.length > 0 && has.media.length > 0;
  const steps: [string, string, string, boolean][] = [
    [
      '/start',
      'What do you have?',
      'Tap pictures of your iron or press, your printer and your papers. It takes about two minutes.',
      stocked,
    ],
    [
      '/can',
      'What can I make with this?',
      'Every piece that your shelf makes, and what one thing more would add.',
      false,
    ],
    [
      '/jobs/new',
      'Start the first job',
      'Choose the picture and the piece. Wubbin works out the rest and says why.',
      false,
    ],
  ];
  const next = steps.findIndex(([, , , done]) => !done);
  const first = useRef<HTMLAnchorElement>(null);
  // An empty page has nothing else to do.
  // biome-ignore lint/correctness/useExhaustiveDependencies: another step is next
  useEffect(() => first.current?.focus(), [next]);
  return (
    <section className="mt-6 border-t border-ink pt-4" aria-labelledby="first">
      <h2 id="first" className="text-xl">
        {stocked ? 'Nothing is planned yet.' : 'This shop is empty. Begin here:'}
      </h2>
      <ol className="mt-3 grid gap-3">
        {steps.map(([to, label, what, done], n) => (
          <li key={to} className="grid grid-cols-[2.6rem_minmax(0,1fr)] items-start">
            <span className={`text-3xl font-extrabold ${done ? 'text-done' : n === next ? '' : 'text-soft'}`}>
              {done ? '✓' : n + 1}
            </span>
            <span>
              <Link
                to={to}
                className={n === next ? 'key-main text-lg' : 'link text-lg font-bold'}
                ref={n === next ? first : undefined}
              >
                {label}
              </Link>
              <span className="mt-1 block text-soft">{what}</span>
            </span>
          </li>
        ))}
      </ol>
      <p className="mt-4">
        <Link to="/sums" className="link">
          Quick sums
        </Link>{' '}
        need no shelf and no job.{' '}
        {outlet?.tour !== undefined && (
          <>
            Or take{' '}
            <button type="button" className="link" onClick={outlet.tour}>
              a tour of the rooms
            </button>
            .
          </>
        )}
      </p>
    </section>
  );
}
