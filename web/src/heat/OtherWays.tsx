import { useQuery } from '@tanstack/react-query';
import type { Part, Schemas } from '../api/client';
import { server } from '../api/queries';
import { useFormat } from '../measure/settings';

type Point = Schemas['OtherHeatView']['sweep']['points'][number];

const WIDE = 280;
const HIGH = 170;
const LEFT = 52;
const FIRST = 1;
const LAST = 600;

const y = (s: number) => HIGH - (HIGH * Math.log(Math.min(LAST, Math.max(FIRST, s)) / FIRST)) / Math.log(LAST / FIRST);

/** How hot against how long, and the ways that people disagree about. */
export function OtherWays({ view }: { view: Part }) {
  const { id } = view.job;
  const others = useQuery(server.heatOthers(id, view.at, view.whole.id));
  if (others.data === undefined) {
    return null;
  }
  const { sweep, comparison } = others.data;
  return (
    <div className="mt-4 grid gap-6 border-t border-rule pt-3 @lg:grid-cols-2">
      <figure>
        <figcaption className="text-sm font-bold">
          Hotter or cooler: how long{' '}
          <span className="font-normal text-soft">(solid: works from; dashed: too much from)</span>
        </figcaption>
        <SweepChart points={sweep.points} usual={sweep.usual_c} />
      </figure>
      <Ways comparison={comparison} />
    </div>
  );
}

function SweepChart({ points, usual }: { points: Point[]; usual: number }) {
  const format = useFormat();
  const [least, most] = [points[0]?.c ?? 0, points.at(-1)?.c ?? 1];
  const x = (c: number) => LEFT + ((WIDE - LEFT) * (c - least)) / (most - least);
  const good = points.filter((point) => point.earliest_s !== null);
  const above = good.map((point) => `${x(point.c)} ${y(Math.max(point.latest_s ?? LAST, point.earliest_s ?? 0))}`);
  const below = good.map((point) => `${x(point.c)} ${y(point.earliest_s ?? LAST)}`);
  return (
    <svg
      viewBox={`0 -8 ${WIDE + 22} ${HIGH + 42}`}
      className="w-full"
      role="img"
      aria-label="Seconds and setting: where it works and nothing is spoiled"
    >
      {good.length > 1 && (
        <>
          <path d={`M${[...above, ...below.toReversed()].join('L')}Z`} className="fill-donefill" />
          <path d={`M${below.join('L')}`} className="fill-none stroke-done" strokeWidth={2} />
          {good.some((point) => point.latest_s !== null) && (
            <path
              d={`M${good
                .filter((point) => point.latest_s !== null)
                .map((point) => `${x(point.c)} ${y(point.latest_s ?? LAST)}`)
                .join('L')}`}
              className="fill-none stroke-hot"
              strokeWidth={2}
              strokeDasharray="6 3"
            />
          )}
        </>
      )}
      {[1, 10, 60, 600].map((s) => (
        <g key={s}>
          <path d={`M${LEFT} ${y(s)}H${WIDE}`} className="stroke-rule" strokeWidth={1} />
          <text x={LEFT - 5} y={y(s)} fontSize={11} textAnchor="end" dominantBaseline="central" className="fill-soft">
            {format.duration(s)}
          </text>
        </g>
      ))}
      {points
        .filter((_, n) => n % 2 === 0)
        .map((point) => (
          <text key={point.c} x={x(point.c)} y={HIGH + 15} fontSize={11} textAnchor="middle" className="fill-soft">
            {format.temperature(point.c)}
          </text>
        ))}
      {usual >= least && usual <= most && (
        <>
          <path d={`M${x(usual)} 0V${HIGH}`} className="stroke-ink" strokeWidth={1.5} strokeDasharray="3 3" />
          <text x={x(usual)} y={HIGH + 30} fontSize={11} textAnchor="middle" className="fill-ink font-bold">
            as set
          </text>
        </>
      )}
    </svg>
  );
}

function Ways({ comparison }: { comparison: Schemas['OtherHeatView']['comparison'] }) {
  const format = useFormat();
  const time = (s: number | null) => (s === null ? 'never' : format.duration(s));
  if (comparison.windows.length === 0 && comparison.quenches.length === 0) {
    return null;
  }
  return (
    <div className="text-sm">
      <h2 className="font-bold">
        {comparison.windows.length > 0 ? 'What people disagree about' : 'Water on the hot mug'}
      </h2>
      <table className="mt-1 w-full">
        <thead>
          <tr className="text-left text-soft">
            <th className="font-normal">way</th>
            <th className="pr-3 font-normal">
              {comparison.windows.length > 0 ? 'works from' : 'stress in the surface'}
            </th>
            <th className="font-normal">{comparison.windows.length > 0 ? 'too much from' : 'it can stand about'}</th>
          </tr>
        </thead>
        <tbody>
          {comparison.windows.map((one) => (
            <tr key={one.way} className="border-t border-rule">
              <td className="py-1">{one.way}</td>
              <td className="whitespace-nowrap">{time(one.earliest_s)}</td>
              <td className="whitespace-nowrap">{time(one.latest_s)}</td>
            </tr>
          ))}
          {comparison.quenches.map((one) => (
            <tr key={one.way} className="border-t border-rule">
              <td className="py-1">{one.way}</td>
              <td className={one.cracks ? 'font-bold text-hot' : ''}>{Math.round(one.stress_mpa)} MPa</td>
              <td>{Math.round(one.strength_mpa)} MPa</td>
            </tr>
          ))}
        </tbody>
      </table>
      {comparison.distances.length > 0 && (
        <table className="mt-3 w-full">
          <thead>
            <tr className="text-left text-soft">
              <th className="font-normal">distance of the nozzle</th>
              <th className="pr-3 font-normal">works from</th>
              <th className="font-normal">too much from</th>
            </tr>
          </thead>
          <tbody>
            {comparison.distances.map((one) => (
              <tr key={one.mm} className="border-t border-rule">
                <td className="py-1">{format.length(one.mm)}</td>
                <td className="whitespace-nowrap">{time(one.earliest_s)}</td>
                <td className="whitespace-nowrap">{time(one.latest_s)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <p className="mt-1 text-soft">
        {comparison.quenches.length > 0
          ? 'This is an estimate. Mugs differ by half and more, and a scratch or a handle makes them weaker. Let the mug cool, or use hot water first.'
          : 'With the middle of every range.'}
      </p>
    </div>
  );
}
