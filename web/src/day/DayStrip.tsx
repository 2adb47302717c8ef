import type { Schemas } from '../api/client';
import { useFormat } from '../measure/settings';

export type Day = Schemas['DayView'];
const ROW = 34;
const LEFT = 150;
const WIDE = 1160;

const lineName = (kind: string, n: number, of: number) =>
  `${kind.replace(/^(machine|place) /, '')}${of > 1 ? ` ${n + 1}` : ''}`;

/** One day as a strip: hands, machines and places as lanes, waiting hatched, the temperature of a machine written along. */
export function DayStrip({ day, from, to, names }: { day: Day; from: number; to: number; names: Map<string, string> }) {
  const format = useFormat();
  const x = (t: number) => LEFT + ((Math.max(from, Math.min(to, t)) - from) / (to - from)) * (WIDE - LEFT);
  const clock = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit', timeZone: day.zone });
  const lanes = day.lanes
    .map((lane) => ({
      ...lane,
      of: day.lanes.filter((one) => one.kind === lane.kind).length,
      blocks: day.blocks.filter(
        (block) => block.kind === lane.kind && block.lane === lane.n && block.end > from && block.start < to,
      ),
    }))
    .filter((lane) => lane.kind === 'hands' || lane.blocks.length > 0);
  const high = lanes.length * ROW + 24;
  const hours = [];
  for (let t = Math.ceil(from / 3600) * 3600; t <= to; t += 3600) {
    hours.push(t);
  }
  return (
    <svg viewBox={`0 0 ${WIDE + 20} ${high}`} className="w-full" role="img" aria-label="The day, lane by lane">
      <defs>
        <pattern id="waiting" width={7} height={7} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <path d="M0 0V7" className="stroke-wait" strokeWidth={2} />
        </pattern>
      </defs>
      {day.stretches
        .filter(([begin = 0, end = 0]) => end > from && begin < to)
        .map(([begin = 0, end = 0]) => (
          <rect
            key={begin}
            x={x(begin)}
            y={0}
            width={Math.max(0, x(end) - x(begin))}
            height={high - 22}
            className="fill-shade"
          />
        ))}
      {hours.map((t) => (
        <g key={t}>
          <path d={`M${x(t)} 0V${high - 22}`} className="stroke-rule" strokeWidth={1} />
          <text x={x(t)} y={high - 6} fontSize={12} textAnchor="middle" className="fill-soft">
            {clock.format(t * 1000)}
          </text>
        </g>
      ))}
      {lanes.map((lane, row) => (
        <g key={`${lane.kind} ${lane.n}`}>
          <text
            x={LEFT - 8}
            y={row * ROW + ROW / 2}
            fontSize={13}
            textAnchor="end"
            dominantBaseline="central"
            className="fill-ink"
          >
            {lineName(lane.kind, lane.n, lane.of)}
          </text>
          {lane.blocks.map((block) => {
            const left = x(block.start);
            const wide = Math.max(1.5, x(block.end) - left);
            const name = names.get(block.job) ?? '';
            const words = `${name}: ${block.labels.join(', ')}`;
            return (
              <g key={`${block.job} ${block.start}`}>
                <title>{`${clock.format(block.start * 1000)} to ${clock.format(block.end * 1000)} · ${words}`}</title>
                <rect
                  x={left}
                  y={row * ROW + 4}
                  width={wide}
                  height={ROW - 8}
                  fill={block.hands || lane.kind.startsWith('machine') ? undefined : 'url(#waiting)'}
                  className={
                    block.hands
                      ? lane.kind === 'hands'
                        ? 'fill-ink stroke-ground'
                        : 'fill-hotfill stroke-hot'
                      : 'stroke-wait'
                  }
                  fillOpacity={block.hands || !lane.kind.startsWith('machine') ? 1 : 0}
                  strokeWidth={1}
                />
                {wide > 46 && (
                  <text
                    x={left + 5}
                    y={row * ROW + ROW / 2}
                    fontSize={12}
                    dominantBaseline="central"
                    className={block.hands && lane.kind === 'hands' ? 'fill-ground' : 'fill-ink stroke-ground'}
                    strokeWidth={block.hands ? 0 : 4}
                    paintOrder="stroke"
                  >
                    {(block.celsius !== null && lane.kind !== 'hands'
                      ? `${format.temperature(block.celsius)} ${name}`
                      : name
                    ).slice(0, Math.floor(wide / 7))}
                  </text>
                )}
              </g>
            );
          })}
        </g>
      ))}
    </svg>
  );
}
