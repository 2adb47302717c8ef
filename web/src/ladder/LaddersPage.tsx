import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { server } from '../api/queries';
import { useMoments } from '../measure/settings';
import { Waiting } from '../parts/Notice';

/** All test ladders of the shop. */
export function LaddersPage() {
  const ladders = useQuery(server.ladders());
  const moments = useMoments();
  if (ladders.data === undefined) {
    return <Waiting error={ladders.error} />;
  }
  return (
    <div className="mx-auto max-w-4xl px-6 py-6">
      <h1 className="text-3xl">Test ladders</h1>
      <p className="mt-1 text-soft">
        A test ladder is a set of small swatches. Each is pressed with another setting. Mark how each came out. The
        safest setting becomes a recipe of your house.
      </p>
      {ladders.data.length === 0 ? (
        <p className="mt-4 text-lg">
          There is none yet. Open a{' '}
          <Link to="/jobs" className="link">
            job
          </Link>{' '}
          and plan one from its heat.
        </p>
      ) : (
        <ul className="mt-4 border-t border-ink">
          {ladders.data.map((ladder) => (
            <li key={ladder.id} className="border-b border-rule">
              <Link to={`/ladders/${ladder.id}`} className="flex items-baseline gap-4 py-3 hover:bg-shade">
                <b className="text-lg">{ladder.name}</b>
                <span>
                  {ladder.x.of} × {ladder.y.of}, {ladder.steps.length} swatches
                </span>
                <span className={ladder.recipe === null ? 'text-soft' : 'text-done'}>
                  {ladder.recipe !== null
                    ? '✓ saved as a recipe'
                    : ladder.chosen === null
                      ? `${Object.keys(ladder.marks).length} marked`
                      : `${ladder.chosen.name} looks best`}
                </span>
                <span className="ml-auto text-soft">{moments.at(ladder.created)}</span>
              </Link>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
