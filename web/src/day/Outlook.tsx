import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { server } from '../api/queries';

const FEW = 4;

/** Until when everything may lie; or, where something is late, what would mend it. */
export function Outlook({ at }: { at: (t: number) => string }) {
  const outlook = useQuery(server.outlook());
  if (outlook.data === undefined) {
    return (
      <p className="text-soft" aria-live="polite">
        {outlook.isError ? '' : 'Working out how much time is to spare …'}
      </p>
    );
  }
  const { latest, mends, late, short } = outlook.data;
  return (
    <div aria-live="polite">
      {short.length > 0 && (
        <p className="text-wait">
          ◆ There is not enough of {short.slice(0, FEW).join(' · ')}
          {short.length > FEW && ` and ${short.length - FEW} more`}:{' '}
          <Link to="/stock" className="link">
            what to buy
          </Link>
        </p>
      )}
      {latest !== null && (
        <p className="text-soft">
          It is enough to begin by <b className="text-ink">{at(latest)}</b>. Then everything is just in time.
        </p>
      )}
      {late.length > 0 && (
        <details className="mt-1">
          <summary className="link">What makes them late</summary>
          {late.map((one) => (
            <div key={one.jobs.join()} className="mt-1">
              <b>{one.jobs.join(', ')}</b> <span className="text-soft">waited longest for</span>
              <ol className="border-l-3 border-hot pl-3">
                {one.links.map((link) => (
                  <li key={link.start}>
                    <span className="text-soft">
                      {at(link.start)} to {at(link.end)}
                    </span>{' '}
                    {link.job}
                  </li>
                ))}
              </ol>
            </div>
          ))}
        </details>
      )}
      {mends.length > 0 && (
        <section aria-label="What would help" className="mt-2 border-l-3 border-done pl-3">
          <h2 className="text-lg">What would help</h2>
          <ul>
            {mends.map((mend) => (
              <li key={mend.what}>
                <b>{mend.what}</b>: {mend.kept.length > 0 ? `${mend.kept.join(', ')} in time` : 'the same ones late'}
                <span className="text-soft">, {Math.round(100 * mend.part)} % less late over all pieces</span>
              </li>
            ))}
          </ul>
        </section>
      )}
    </div>
  );
}
