import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { server } from '../api/queries';

/** What an empty shop is told to do first. */
export function FirstSteps() {
  const shelf = useQuery(server.shelf());
  const has = shelf.data;
  const stocked = has !== undefined && has.heat.length > 0 && has.markings.length > 0 && has.media.length > 0;
  return (
    <section className="mt-8 border-t border-ink pt-5" aria-labelledby="first">
      <h2 id="first" className="text-xl">
        This shop is empty. Two steps lead to the first piece:
      </h2>
      <ol className="mt-4 grid gap-4">
        <li className="grid grid-cols-[3rem_1fr] items-start">
          <span className={`text-3xl font-extrabold ${stocked ? 'text-done' : ''}`}>{stocked ? '✓' : '1'}</span>
          <span>
            <Link to="/shelf" className="link text-lg font-bold">
              Say what is on your shelf
            </Link>
            <br />
            Your iron or press with the size of its plate, your printer, your papers, and the base you press on.
          </span>
        </li>
        <li className="grid grid-cols-[3rem_1fr] items-start">
          <span className="text-3xl font-extrabold">2</span>
          <span>
            <Link to="/jobs/new" className="link text-lg font-bold">
              Start a job
            </Link>
            <br />
            Choose the piece, the picture and its size. Wubbin works out the rest and says why.
          </span>
        </li>
      </ol>
    </section>
  );
}
