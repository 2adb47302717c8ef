import { Link } from 'react-router';
import type { RunView } from '../api/client';
import { usePresses } from './useRun';

/** Everything that was at hand is pressed, and the server has not heard of it yet. */
export function Kept({ run }: { run: string }) {
  const { again, busy, waiting } = usePresses(run);
  return (
    <main className="px-6 py-10">
      <h1 className="text-5xl">Wubbin does not answer.</h1>
      <p className="mt-4 text-2xl">
        {waiting === 1 ? 'One entry is stored here' : `${waiting} entries are stored here`}, each with its time. Wubbin
        sends them again until they are stored.
      </p>
      <button type="button" className="key mt-4" onClick={again} disabled={busy}>
        Try now
      </button>
    </main>
  );
}

export function AllDone({ run }: { run: RunView | undefined }) {
  const judged = Object.keys(run?.outcomes ?? {}).length;
  const spoiled = Object.values(run?.outcomes ?? {}).filter((outcome) => outcome === 'spoiled').length;
  return (
    <main className="px-6 py-10">
      <h1 className="text-5xl">{run === undefined ? 'Nothing is in work.' : 'All done.'}</h1>
      <p className="mt-4 text-2xl">
        {run === undefined ? (
          <>
            Open a{' '}
            <Link to="/" className="link">
              job
            </Link>{' '}
            and take it to the bench.
          </>
        ) : (
          <>
            {judged === 1 ? 'One piece is' : `${judged} pieces are`} in the{' '}
            <Link to="/logbook" className="link">
              logbook
            </Link>
            .
          </>
        )}
      </p>
      {run !== undefined && spoiled > 0 && (
        <p className="mt-4 text-2xl">
          {spoiled === 1 ? 'One piece was spoiled.' : `${spoiled} pieces were spoiled.`}{' '}
          <Link to={`/jobs/${run.job}`} className="link">
            Print {spoiled === 1 ? 'its sheet' : 'their sheets'} again
          </Link>
        </p>
      )}
      <p className="mt-4 text-xl">
        <Link to="/bench" className="link">
          All sessions
        </Link>
      </p>
    </main>
  );
}
