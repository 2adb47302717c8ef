import type { Schemas } from '../api/client';
import { useFormat } from '../measure/settings';

export type Day = Schemas['DayView'];
type Block = Day['blocks'][number];
type Lane = Day['lanes'][number];
const ROW = 34;
const LEFT = 164;
/** A machine that nothing is heated on for so long is off, in s. */
const OFF_S = 3600;
const WIDE = 1160;
const DAY_S = 86_400;

/** Longer names of lanes are cut, to be read whole when they are hovered. */
const LONGEST = 23;

function lineName({ name: called, n, of }: Lane): string {
  const name = `${called}${of > 1 ? ` ${n + 1}` : ''}`;
  return name.length > LONGEST ? `${name.slice(0, LONGEST - 1).trimEnd()}…` : name;
}

/** Where the clocks of a zone show a full hour, or midnight. */
function ticks(from: number, to: number, zone: string, days: boolean) {
  const clock = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit', timeZone: zone });
  const day = new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', timeZone: zone });
  const found = [];
  for (let t = Math.ceil(from / 3600) * 3600; t <= to; t += 3600) {
    if (!days || clock.format(t * 1000) === '00:00') {
      found.push({ t, words: (days ? day : clock).format(t * 1000) });
    }
  }
  return found;
}

/** The temperature that a machine is set to along its lane, as one line. */
function heatLine(blocks: Block[], x: (t: number) => number, top: number): string {
  const hot = blocks.filter((block) => block.celsius !== null);
  const most = Math.max(...hot.map((block) => block.celsius ?? 0));
  const y = (celsius: number) => top + ROW - 5 - (celsius / most) * (ROW - 10);
  return hot
    .map((block, n) => {
      const at = y(block.celsius ?? 0);
      const before = hot[n - 1];
      const on = before !== undefined && block.start - before.end < OFF_S;
      return `${on ? 'L' : 'M'}${x(block.start)} ${at}L${x(block.end)} ${at}`;
    })
    .join('');
}

/** Hands, machines and places as lanes over a stretch of time, waiting hatched, the temperature of a machine along its lane. */
export function DayStrip({ day, from, to, names }: { day: Day; from: number; to: number; names: Map<string, string> }) {
  const format = useFormat();
  const x = (t: number) => LEFT + ((Math.max(from, Math.min(to, t)) - from) / (to - from)) * (WIDE - LEFT);
  const clock = new Intl.DateTimeFormat('en-GB', {
    weekday: 'short',
    hour: '2-digit',
    minute: '2-digit',
    timeZone: day.zone,
  });
  const lanes = day.lanes
    .map((lane, number) => ({
      ...lane,
      number,
      blocks: day.blocks.filter((block) => block.lane === number && block.end > from && block.start < to),
    }))
    .filter((lane) => lane.kind === 'hands' || lane.blocks.length > 0);
  const high = lanes.length * ROW + 24;
  return (
    <svg viewBox={`0 0 ${WIDE + 20} ${high}`} className="w-full" role="img" aria-label="The day plan as lanes">
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
      {ticks(from, to, day.zone, to - from > 2 * DAY_S).map(({ t, words }) => (
        <g key={t}>
          <path d={`M${x(t)} 0V${high - 22}`} className="stroke-rule" strokeWidth={1} />
          <text x={x(t)} y={high - 6} fontSize={12} textAnchor="middle" className="fill-soft">
            {words}
          </text>
        </g>
      ))}
      {lanes.map((lane, row) => (
        <g key={lane.number}>
          <text
            x={LEFT - 8}
            y={row * ROW + ROW / 2}
            fontSize={13}
            textAnchor="end"
            dominantBaseline="central"
            className="fill-ink"
          >
            <title>{lane.name}</title>
            {lineName(lane)}
          </text>
          {lane.blocks.map((block) => {
            const left = x(block.start);
            const wide = Math.max(1.5, x(block.end) - left);
            const name = names.get(block.job) ?? '';
            const words = `${name}: ${block.labels.join(', ')}`;
            const hot = block.celsius !== null && lane.kind !== 'hands';
            return (
              <g key={`${block.id} ${block.start}`}>
                <title>{`${clock.format(block.start * 1000)} to ${clock.format(block.end * 1000)} · ${words}${block.began ? ' · under way' : ''}${block.pinned ? ' · pinned' : ''}`}</title>
                <rect
                  x={left}
                  y={row * ROW + 4}
                  width={wide}
                  height={ROW - 8}
                  fill={block.hands || lane.kind === 'machine' ? undefined : 'url(#waiting)'}
                  className={
                    block.hands
                      ? lane.kind === 'hands'
                        ? 'fill-ink stroke-ground'
                        : 'fill-hotfill stroke-hot'
                      : 'stroke-wait'
                  }
                  fillOpacity={block.hands || lane.kind !== 'machine' ? 1 : 0}
                  strokeWidth={block.pinned || block.began ? 3 : 1}
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
                    {(hot ? `${format.temperature(block.celsius ?? 0)} ${name}` : name).slice(0, Math.floor(wide / 7))}
                  </text>
                )}
              </g>
            );
          })}
          {lane.kind === 'machine' && lane.blocks.some((block) => block.celsius !== null) && (
            <path
              d={heatLine(lane.blocks, x, row * ROW)}
              className="pointer-events-none stroke-hot"
              strokeWidth={1.5}
              fill="none"
            />
          )}
        </g>
      ))}
    </svg>
  );
}
