import { Link } from 'react-router';
import type { Schemas } from '../api/client';

/** What dries, cools or soaks, until when. */
export function WaitingList({ waiting, zone }: { waiting: Schemas['WaitingThing'][]; zone: string }) {
  if (waiting.length === 0) {
    return null;
  }
  const time = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit', timeZone: zone });
  const day = new Intl.DateTimeFormat('en-GB', { weekday: 'short', timeZone: zone });
  const at = (until: number) =>
    day.format(until * 1000) === day.format(Date.now())
      ? time.format(until * 1000)
      : `${day.format(until * 1000)} ${time.format(until * 1000)}`;
  return (
    <section aria-labelledby="waiting" className="mt-4">
      <h2 id="waiting" className="text-xl">
        Waiting
      </h2>
      <ul className="mt-1 border-t border-ink">
        {waiting.map((thing) => (
          <li key={thing.id} className="grid grid-cols-[1fr_auto] gap-x-3 border-b border-rule py-1.5">
            <span className="min-w-0">
              {thing.run === null ? (
                <b className="block truncate">{thing.name}</b>
              ) : (
                <Link to={`/bench/${thing.run}`} className="block truncate font-bold hover:underline">
                  {thing.name}
                </Link>
              )}
              <span className="block truncate text-sm text-soft">
                {thing.what}
                {thing.count > 1 && `, ${thing.count}`}
              </span>
            </span>
            <span className="text-lg text-wait">until {at(thing.until)}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
