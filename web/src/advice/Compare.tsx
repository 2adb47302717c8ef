import { useFormat } from '../measure/settings';
import type { RouteAdvice } from './AdvicePage';

/** Two routes side by side, point by point: what they are ranked by first, then what their tickets would say. */
export function Compare({ one, other }: { one: RouteAdvice; other: RouteAdvice }) {
  const format = useFormat();
  const both = [one, other] as const;
  const lines = [...new Set(both.flatMap((r) => r.decisions.map((d) => d.what)))];
  const said = (r: RouteAdvice, what: string) => {
    const decision = r.decisions.find((d) => d.what === what);
    return decision === undefined ? '—' : format.phrase(decision.value);
  };
  const row = (what: string, values: readonly string[], where?: string) => (
    <tr key={what} className="border-t border-rule align-baseline">
      <th scope="row" className="w-44 py-1 pr-3 text-left font-normal text-soft">
        {what}
      </th>
      {values.map((value, i) => (
        <td
          key={both[i]?.route}
          className={`py-1 pr-4 ${values[0] === values[1] ? '' : 'font-semibold'}`}
          title={where}
        >
          {value}
        </td>
      ))}
    </tr>
  );
  return (
    <section aria-label="Side by side" className="mt-5 border-t border-ink pt-2">
      <table className="w-full table-fixed">
        <thead>
          <tr className="align-baseline">
            <th scope="col" className="w-44 text-left font-normal text-soft">
              Side by side
            </th>
            {both.map((r) => (
              <th key={r.route} scope="col" className="pr-4 text-left text-lg">
                {r.label}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {one.criteria.map((criterion) => {
            const values = both.map((r) => {
              const c = r.criteria.find((x) => x.id === criterion.id);
              return c === undefined
                ? '—'
                : `${c.points === null ? '' : `${'●'.repeat(c.points)}${'○'.repeat(3 - c.points)} `}${format.phrase(c.words)}`;
            });
            return row(criterion.label, values, criterion.provenance.label);
          })}
          {row(
            'Points',
            both.map((r) => String(r.points)),
          )}
          {row(
            'Time for one',
            both.map((r) => format.about(r.one_s)),
          )}
          {lines.map((what) =>
            row(
              what,
              both.map((r) => said(r, what)),
            ),
          )}
        </tbody>
      </table>
    </section>
  );
}
