import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { server } from '../api/queries';
import { useMoments } from '../measure/settings';
import { Waiting } from '../parts/Notice';
import { ReadyList } from './ReadyList';

export function BenchList() {
  const runs = useQuery(server.runs());
  const moments = useMoments();
  if (runs.data === undefined) {
    return <Waiting error={runs.error} />;
  }
  const open = runs.data.filter((run) => run.finished === null);
  const over = runs.data.filter((run) => run.finished !== null);
  const list = (some: typeof open) => (
    <ul className="mt-2 border-t border-ink">
      {some.map((run) => (
        <li key={run.id} className="flex items-baseline gap-4 border-b border-rule">
          <Link to={`/bench/${run.id}`} className="flex grow items-baseline gap-4 py-3 hover:bg-shade">
            <b className="text-lg">{run.name}</b>
            <span>
              {run.judged} of {run.pieces} judged
            </span>
            <span className="ml-auto text-soft">begun {moments.at(run.created)}</span>
          </Link>
          {run.finished === null && (
            <a className="link shrink-0" href={`/api/runs/${run.id}/labels.pdf`} target="_blank" rel="noreferrer">
              Labels
            </a>
          )}
        </li>
      ))}
    </ul>
  );
  return (
    <div className="mx-auto max-w-4xl px-6 py-6">
      <h1 className="text-3xl">Bench</h1>
      {open.length > 0 && (
        <section className="mt-4" aria-label="In work">
          <div className="flex flex-wrap items-baseline gap-4">
            <h2 className="text-xl">In work</h2>
            <Link to="/board" className="key ml-auto text-lg">
              Board for the wall
            </Link>
            <Link to="/bench/all" className="key key-on text-lg">
              All clocks on one screen
            </Link>
          </div>
          {list(open)}
        </section>
      )}
      <section className="mt-6" aria-label="Can begin now">
        <h2 className="text-xl">Can begin now</h2>
        <ReadyList />
      </section>
      {over.length > 0 && (
        <section className="mt-8" aria-label="Finished">
          <h2 className="text-xl">Finished</h2>
          {list(over)}
        </section>
      )}
    </div>
  );
}
