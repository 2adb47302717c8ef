import { useQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import { server } from '../api/queries';
import { useFormat, useMoments } from '../measure/settings';
import { Waiting } from '../parts/Notice';
import { OutcomeWord } from '../run/outcome';

/** Two pieces of the logbook side by side, what differs marked. */
export function ComparePage() {
  const { one = '', other = '' } = useParams();
  const format = useFormat();
  const moments = useMoments();
  const pair = useQuery(server.logPair(one, other));
  if (pair.data === undefined) {
    return <Waiting error={pair.error} />;
  }
  const { rows } = pair.data;
  const show = (kind: string, value: string | number | null) =>
    value === null
      ? '–'
      : typeof value === 'string'
        ? value
        : kind === 'duration'
          ? format.duration(value)
          : format.temperature(value);
  const differing = rows.filter((row) => row.differs).length;
  return (
    <div className="mx-auto max-w-5xl px-6 py-6">
      <p>
        <Link to="/logbook" className="link">
          Logbook
        </Link>
      </p>
      <h1 className="mt-1 text-3xl">Side by side</h1>
      <p className="mt-1 text-soft">
        {differing === 0 ? 'Nothing that was written down differs.' : `${differing} of ${rows.length} lines differ.`}
      </p>
      <table className="mt-3 w-full table-fixed">
        <thead>
          <tr className="border-b border-ink align-bottom">
            <td className="w-1/4" />
            {[pair.data.one, pair.data.other].map((entry) => (
              <th key={entry.id} className="py-2 pr-3 text-left font-normal">
                <Link to={`/logbook/${entry.id}`} className="link text-lg font-bold">
                  {entry.name}, piece {entry.piece}
                </Link>
                <span className="block text-soft">{moments.at(entry.at)}</span>
                <OutcomeWord outcome={entry.outcome} />
                {entry.defects.length > 0 && ` · ${entry.defects.join(', ')}`}
                {entry.note !== '' && <span className="block">“{entry.note}”</span>}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr key={row.what} className={`border-b border-rule ${row.differs ? 'bg-shade font-bold' : ''}`}>
              <th className="py-1 text-left font-normal text-soft">
                {row.differs ? '≠ ' : ''}
                {row.what}
              </th>
              <td className="pr-3">{show(row.kind, row.one)}</td>
              <td>{show(row.kind, row.other)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
