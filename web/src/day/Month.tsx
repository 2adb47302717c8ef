import type { Day } from './DayStrip';

/** The days to come with how full they are: what is free can be promised. */
export function Month({ day }: { day: Day }) {
  const name = new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'short', timeZone: 'UTC' });
  const hours = (seconds: number) => (seconds / 3600).toFixed(1).replace('.0', '');
  return (
    <section aria-labelledby="month" className="mt-6">
      <h2 id="month" className="border-b border-ink pb-1 text-xl">
        The weeks to come
      </h2>
      <p className="mt-1 text-sm text-soft">Full part: hours that are planned. Line: hours that people work.</p>
      <ol className="mt-1 grid grid-cols-7 gap-px bg-rule">
        {day.month.map((one) => {
          const share = one.hours_s === 0 ? 0 : Math.min(1, one.load_s / one.hours_s);
          return (
            <li key={one.day} className="bg-ground px-1.5 py-1 text-sm">
              <span className={one.hours_s === 0 ? 'text-soft' : 'font-bold'}>
                {name.format(Date.parse(`${one.day}T00:00:00Z`))}
              </span>
              <span className="mt-1 block h-4 border border-line">
                {share > 0 && (
                  <span
                    className={`block h-full ${share > 0.9 ? 'bg-hot' : share > 0.6 ? 'bg-wait' : 'bg-done'}`}
                    style={{ width: `${100 * share}%` }}
                  />
                )}
              </span>
              <span className="block text-soft">
                {one.hours_s === 0 ? 'closed' : `${hours(one.load_s)} of ${hours(one.hours_s)} h`}
              </span>
            </li>
          );
        })}
      </ol>
    </section>
  );
}
