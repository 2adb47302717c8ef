import type { Schemas } from '../api/client';
import { useFormat } from '../measure/settings';
import type { Spread } from './HeatStage';

type Window = NonNullable<Schemas['HeatView']['window']>;

const WIDE = 500;
const HIGH = 205;
const LEFT = 50;
const RIGHT = 112;
const FOOT = 34;

/** Lines that are told apart without colour: by their dashes, and by their names at the end. */
const LINES = [
  { stroke: 'stroke-hot', dash: undefined },
  { stroke: 'stroke-line', dash: '2 3' },
  { stroke: 'stroke-face', dash: undefined },
  { stroke: 'stroke-ink', dash: '7 3' },
  { stroke: 'stroke-soft', dash: '1 3' },
];

/** Temperatures at the faces over time; time runs by factors, since the first second matters as much as the last minute. */
export function HeatChart({
  window: found,
  recipe,
  ends,
  spread,
}: {
  window: Window;
  recipe: number | null | undefined;
  /** When the plan's time is over, after closing. */
  ends: number | null | undefined;
  spread: Spread | undefined;
}) {
  const format = useFormat();
  const end = found.curve.at(-1)?.s ?? 1;
  const first = 0.3;
  const x = (s: number) => LEFT + ((WIDE - LEFT) * Math.log(Math.max(s, first) / first)) / Math.log(end / first);
  const hottest = Math.max(60, ...found.curve.flatMap((point) => point.c));
  const y = (c: number) => HIGH - (HIGH * c) / (hottest * 1.06);
  const ticks = [1, 3, 10, 30, 60, 180, 600].filter((s) => s < end);
  const degrees = [50, 100, 150, 200, 300, 400].filter((c) => c < hottest);
  const points = found.curve.filter((point) => point.s >= first);
  const names = found.faces
    .map((name, face) => ({ name, face, at: points.at(-1)?.c[face] ?? 0 }))
    .sort((a, b) => b.at - a.at);
  // Names stand at their line's end, or below the one above where they would touch.
  let lowest = -20;
  const placed = names.map((one) => {
    lowest = Math.max(lowest + 14, y(one.at));
    return { ...one, y: lowest };
  });
  return (
    <svg
      viewBox={`0 0 ${WIDE + RIGHT} ${HIGH + FOOT + 8}`}
      className="w-full self-start"
      role="img"
      aria-label="Temperatures at the faces over time, with the window to press in"
    >
      {found.earliest_s !== null && (
        <g>
          <rect
            x={x(found.earliest_s)}
            y={0}
            width={Math.max(1, x(found.latest_s ?? end) - x(found.earliest_s))}
            height={HIGH}
            className="fill-donefill"
          />
          <path
            d={`M${x(found.earliest_s)} 0V${HIGH}${found.latest_s === null ? '' : `M${x(found.latest_s)} 0V${HIGH}`}`}
            className="stroke-done"
            strokeWidth={1.5}
          />
          <text x={x(found.earliest_s) + 4} y={HIGH - 54} fontSize={12.5} className="fill-done">
            from {format.about(found.earliest_s)}
          </text>
          {found.latest_s !== null && (
            <text
              x={x(found.latest_s) - 4}
              y={HIGH - 70}
              textAnchor="end"
              fontSize={12.5}
              className="fill-hot stroke-ground"
              strokeWidth={4}
              paintOrder="stroke"
            >
              too much from {format.about(found.latest_s)}
            </text>
          )}
        </g>
      )}
      {spread !== undefined &&
        [spread.earliest_s, spread.latest_s].map(
          (of, n) =>
            of[0] !== null &&
            of[0] !== undefined && (
              <path
                // biome-ignore lint/suspicious/noArrayIndexKey: the two ends of the window
                key={n}
                d={`M${x(of[0])} ${HIGH - 8 - 7 * n}H${x(Math.min(end, of[2] ?? end))}m0 -4v8M${x(of[0])} ${HIGH - 12 - 7 * n}v8`}
                className={n === 0 ? 'fill-none stroke-done' : 'fill-none stroke-hot'}
                strokeWidth={2}
              />
            ),
        )}
      {degrees.map((c) => (
        <g key={c}>
          <path d={`M${LEFT} ${y(c)}H${WIDE}`} className="stroke-rule" strokeWidth={1} />
          <text x={LEFT - 5} y={y(c)} fontSize={12.5} textAnchor="end" dominantBaseline="central" className="fill-soft">
            {format.temperature(c)}
          </text>
        </g>
      ))}
      {ticks.map((s) => (
        <g key={s}>
          <path d={`M${x(s)} ${HIGH}v5`} className="stroke-ink" strokeWidth={1} />
          <text x={x(s)} y={HIGH + 16} fontSize={12.5} textAnchor="middle" className="fill-soft">
            {format.duration(s)}
          </text>
        </g>
      ))}
      <path d={`M${LEFT} 0V${HIGH}H${WIDE}`} className="fill-none stroke-ink" strokeWidth={1} />
      {found.faces.map((name, face) => (
        <path
          key={name}
          d={points
            .map((point, i) => `${i === 0 ? 'M' : 'L'}${x(point.s).toFixed(1)} ${y(point.c[face] ?? 0).toFixed(1)}`)
            .join('')}
          className={`fill-none ${LINES[face]?.stroke}`}
          strokeWidth={face === 2 ? 2.5 : 1.5}
          strokeDasharray={LINES[face]?.dash}
        />
      ))}
      {placed.map((one) => (
        <text
          key={one.name}
          x={WIDE + 5}
          y={one.y}
          fontSize={12.5}
          dominantBaseline="central"
          className={one.face === 2 ? 'fill-face font-bold' : 'fill-ink'}
        >
          {one.name}
        </text>
      ))}
      {recipe != null && ends != null && ends >= first && ends <= end && (
        <g>
          <path d={`M${x(ends)} 0V${HIGH}`} className="stroke-ink" strokeWidth={1.5} strokeDasharray="3 3" />
          <text x={x(ends)} y={HIGH + 31} fontSize={12.5} textAnchor="middle" className="fill-ink font-bold">
            plan {format.duration(recipe)}
          </text>
        </g>
      )}
    </svg>
  );
}
