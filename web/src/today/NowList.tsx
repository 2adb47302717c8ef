import { Link } from 'react-router';
import { api, type Task } from '../api/client';
import { clock } from '../measure/format';
import { useFormat } from '../measure/settings';
import { inHand, tone } from '../run/Clocks';
import { type Hand, left, useTicking } from '../run/useRun';

/** Clocks that run, and what prints: what wants hands next in front. */
export function NowList({ hands, printing, onChange }: { hands: Hand[]; printing: Task[]; onChange: () => void }) {
  const format = useFormat();
  useTicking(hands.some((hand) => hand.running));
  if (hands.length === 0 && printing.length === 0) {
    return null;
  }
  return (
    <section aria-labelledby="now" className="mt-3">
      <div className="flex items-baseline gap-4">
        <h2 id="now" className="text-xl">
          Now
        </h2>
        {hands.length > 1 && (
          <Link to="/bench/all" className="link ml-auto">
            All clocks on one screen
          </Link>
        )}
      </div>
      <ul className="mt-1 grid gap-2 sm:grid-cols-2">
        {hands.map((hand) => {
          const seconds = left(hand) ?? 0;
          const over = seconds <= 0;
          return (
            <li key={`${hand.run} ${hand.position} ${hand.judging ? hand.piece : ''}`}>
              <Link
                to={`/bench/${hand.run}`}
                className={`grid min-h-16 grid-cols-[1fr_auto] items-center gap-x-3 border-2 px-3 py-1 hover:bg-shade ${over ? 'border-hot bg-hotfill' : 'border-rule'}`}
              >
                <span className="min-w-0">
                  <b className="block truncate">{hand.name}</b>
                  <span className="block truncate text-sm text-soft">
                    {hand.judging ? 'How did it come out? ' : hand.running ? (over ? 'now: ' : '') : 'paused: '}
                    {!hand.judging && `${format.phrase(hand.step.title)}, `}
                    {inHand(hand)}
                  </span>
                </span>
                <b className={`text-3xl ${tone(hand, over)}`}>
                  {hand.judging ? '?' : `${over ? '+' : ''}${clock(Math.abs(seconds))}`}
                </b>
              </Link>
            </li>
          );
        })}
        {printing.map((task) => (
          <li
            key={task.id}
            className="grid min-h-16 grid-cols-[1fr_auto] items-center gap-x-3 border-2 border-rule px-3 py-1"
          >
            <span className="min-w-0">
              <b className="block">Printing</b>
              <span className="block truncate text-sm text-soft" aria-live="polite">
                {task.doing}
              </span>
              <progress className="w-full accent-ink" value={task.share} max={1} aria-label="How far it has come" />
            </span>
            <button
              type="button"
              className="key"
              onClick={() => api.DELETE('/api/tasks/{id}', { params: { path: { id: task.id } } }).then(onChange)}
            >
              Cancel
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
