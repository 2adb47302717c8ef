import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { api, got } from '../api/client';
import { Waiting } from '../app/Notice';
import { useMoments } from '../measure/settings';
import { OutcomeWord } from './outcome';

export function Logbook() {
  const log = useQuery({ queryKey: ['logbook'], queryFn: () => got(api.GET('/api/logbook')), staleTime: 0 });
  const moments = useMoments();
  if (log.data === undefined) {
    return <Waiting error={log.error} />;
  }
  return (
    <div className="mx-auto max-w-5xl px-6 py-6">
      <h1 className="text-3xl">Logbook</h1>
      {log.data.length === 0 ? (
        <p className="mt-4 text-lg">
          Nothing written down yet. Pieces come here from the bench, with how they came out.
        </p>
      ) : (
        <ul className="mt-4 border-t border-ink">
          {log.data.map((entry) => (
            <li key={entry.id} className="border-b border-rule">
              <Link
                to={`/logbook/${entry.id}`}
                className="grid grid-cols-[8rem_7.5rem_1fr_auto] items-baseline gap-4 py-2.5 hover:bg-shade"
              >
                <span className="text-soft">{moments.at(entry.at)}</span>
                <OutcomeWord outcome={entry.outcome} />
                <span className="min-w-0">
                  <b>
                    {entry.name}, piece {entry.piece}
                  </b>
                  {entry.defects.length > 0 && <span> · {entry.defects.join(', ')}</span>}
                  <span className="block text-sm text-soft">{entry.note === '' ? entry.route : `“${entry.note}”`}</span>
                </span>
                {entry.photo !== null ? <img src={`/api/photos/${entry.photo}`} alt="" className="h-12" /> : <span />}
              </Link>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
