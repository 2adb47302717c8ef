import { useRef, useState } from 'react';
import type { Schemas } from '../api/client';
import { useFormat } from '../measure/settings';
import { type Axis, foldedAxis } from './axis';
import { colourOf } from './colours';

export type Day = Schemas['DayView'];
export type Block = Day['blocks'][number];
type Lane = Day['lanes'][number];

const ROW = 40;
const BAND = 46;
const LEFT = 150;
const WIDE = 1180;
const HOUR_S = 3600;
/** Blocks of places are drawn as how full they are, not one by one. */
const PLACE = 'place';
/** A tap is not a drag before it has gone so far, in the drawing's units. */
const TAP = 6;
/** So far beside a block a finger still means it, in the drawing's units. */
const FINGER = 14;
/** What is dragged snaps to so many seconds. */
const SNAP_S = 300;

export interface JobLook {
  id: string;
  name: string;
  /** From 1; stands on its blocks where its name has no room. */
  number: number;
}

interface Row {
  key: string;
  name: string;
  blocks: Block[];
  kind: string;
}

/**
 * The day by people, machines and places, or by job. Blocks have their job's colour, and its name or number; a tap tells
 * what one is. The block that was tapped can be dragged to another time.
 */
export function DayStrip({
  day,
  from,
  to,
  jobs,
  byJob,
  chosen,
  onChoose,
  onDrag,
  onDrop,
}: {
  day: Day;
  from: number;
  to: number;
  jobs: JobLook[];
  byJob: boolean;
  chosen: Block | undefined;
  onChoose: (block: Block | undefined) => void;
  /** While the chosen block is held over another time. */
  onDrag: (t: number) => void;
  onDrop: (t: number) => void;
}) {
  const axis = foldedAxis(day.stretches, from, to, LEFT, WIDE);
  const seen = (block: Block) => block.end > from && block.start < to;
  const rows: Row[] = byJob ? jobRows(day, jobs, seen) : laneRows(day, seen);
  const places = byJob ? [] : placesOf(day, seen);
  const bottom = rows.length * ROW + places.length * BAND;
  return (
    // biome-ignore lint/a11y/useSemanticElements: a drawing whose parts are pressed is no set of fields
    <svg viewBox={`0 0 ${WIDE + 20} ${bottom + 24}`} className="w-full" role="group" aria-label="The day plan as lanes">
      <defs>
        <pattern id="waiting" width={7} height={7} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <path d="M0 0V7" className="stroke-wait" strokeWidth={2} />
        </pattern>
      </defs>
      <Times axis={axis} bottom={bottom} zone={day.zone} />
      {rows.map((row, n) => (
        <g key={row.key} transform={`translate(0 ${n * ROW})`}>
          <path d={`M0 ${ROW}H${WIDE}`} className="stroke-rule" />
          <text x={0} y={ROW / 2} fontSize={14} dominantBaseline="central" className="fill-ink font-bold">
            {row.name.length > 19 ? `${row.name.slice(0, 18).trimEnd()}…` : row.name}
          </text>
          {row.blocks.map((block, at) => (
            <BlockShape
              key={`${block.lane} ${block.id} ${block.start}`}
              block={block}
              axis={axis}
              job={jobs.find((job) => job.id === block.job)}
              inJobRow={byJob}
              before={row.blocks[at - 1]?.end}
              after={row.blocks[at + 1]?.start}
              kind={byJob ? (day.lanes[block.lane]?.kind ?? row.kind) : row.kind}
              chosen={chosen !== undefined && chosen.id === block.id && chosen.lane === block.lane}
              onChoose={onChoose}
              onDrag={onDrag}
              onDrop={onDrop}
            />
          ))}
        </g>
      ))}
      {places.map((place, n) => (
        <PlaceBand key={place.name} place={place} axis={axis} y={rows.length * ROW + n * BAND} />
      ))}
    </svg>
  );
}

function laneRows(day: Day, seen: (block: Block) => boolean): Row[] {
  return day.lanes
    .map((lane, number) => ({
      key: `${number}`,
      name: laneName(lane, day),
      kind: lane.kind,
      blocks: day.blocks.filter((block) => block.lane === number && seen(block)),
    }))
    .filter((row) => row.kind !== PLACE && (row.kind === 'hands' || row.blocks.length > 0));
}

function laneName(lane: Lane, day: Day): string {
  const person = lane.kind === 'hands' ? day.hours.people[lane.n] : undefined;
  return (
    person ?? (lane.kind === 'hands' && lane.of === 1 ? 'Hands' : `${lane.name}${lane.of > 1 ? ` ${lane.n + 1}` : ''}`)
  );
}

function jobRows(day: Day, jobs: JobLook[], seen: (block: Block) => boolean): Row[] {
  return jobs
    .map((job) => ({
      key: job.id,
      name: `${job.number} ${job.name}`,
      kind: 'hands',
      // What waits lies below what is done.
      blocks: day.blocks
        .filter((block) => block.job === job.id && seen(block))
        .sort((a, b) => Number(a.hands) - Number(b.hands)),
    }))
    .filter((row) => row.blocks.length > 0);
}

interface Place {
  name: string;
  of: number;
  blocks: Block[];
}

function placesOf(day: Day, seen: (block: Block) => boolean): Place[] {
  const places = new Map<string, Place>();
  day.lanes.forEach((lane, number) => {
    if (lane.kind === PLACE) {
      const place = places.get(lane.name) ?? { name: lane.name, of: lane.of, blocks: [] };
      place.blocks.push(...day.blocks.filter((block) => block.lane === number && seen(block)));
      places.set(lane.name, place);
    }
  });
  return [...places.values()].filter((place) => place.blocks.length > 0);
}

/** Working hours as ground, full hours below, and what is folded as a thin line. */
function Times({ axis, bottom, zone }: { axis: Axis; bottom: number; zone: string }) {
  const clock = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit', timeZone: zone });
  const day = new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', timeZone: zone });
  return axis.spans.map((span) => {
    if (span.folded) {
      const x = span.x + span.wide / 2;
      return (
        <path key={span.from} d={`M${x} 0V${bottom}`} className="stroke-line" strokeWidth={3} strokeDasharray="1 5" />
      );
    }
    const hours = [];
    const step = span.wide / ((span.to - span.from) / HOUR_S) < 46 ? 4 : 1;
    for (let t = Math.ceil(span.from / HOUR_S) * HOUR_S; t <= span.to; t += HOUR_S * step) {
      hours.push(t);
    }
    return (
      <g key={span.from}>
        <rect x={span.x} y={0} width={span.wide} height={bottom} className="fill-shade" />
        {hours.map((t, n) => (
          <g key={t}>
            <path d={`M${axis.x(t)} 0V${bottom}`} className="stroke-rule" />
            <text x={axis.x(t)} y={bottom + 16} fontSize={12} textAnchor="middle" className="fill-soft">
              {step > 1 && n === 0 ? day.format(t * 1000) : clock.format(t * 1000)}
            </text>
          </g>
        ))}
      </g>
    );
  });
}

function BlockShape({
  block,
  axis,
  job,
  inJobRow,
  before,
  after,
  kind,
  chosen,
  onChoose,
  onDrag,
  onDrop,
}: {
  block: Block;
  axis: Axis;
  /** When its neighbours end and begin: between them is room for a finger. */
  before: number | undefined;
  after: number | undefined;
  job: JobLook | undefined;
  inJobRow: boolean;
  kind: string;
  chosen: boolean;
  onChoose: (block: Block | undefined) => void;
  onDrag: (t: number) => void;
  onDrop: (t: number) => void;
}) {
  const format = useFormat();
  const held = useRef<{ x: number; moved: boolean }>(undefined);
  const [by, setBy] = useState(0);
  const left = axis.x(block.start);
  const wide = Math.max(3, axis.x(block.end) - left);
  const roomBefore = before === undefined ? FINGER : Math.min(FINGER, Math.max(0, (left - axis.x(before)) / 2));
  const roomAfter = after === undefined ? FINGER : Math.min(FINGER, Math.max(0, (axis.x(after) - left - wide) / 2));
  const [fill, ink] = colourOf((job?.number ?? 1) - 1);
  const machine = kind === 'machine';
  const waits = !block.hands && !machine;
  const hot = machine && block.celsius !== null;
  const words = `${hot ? `${format.temperature(block.celsius ?? 0)} ` : ''}${inJobRow ? block.labels.join(', ') : (job?.name ?? '')}`;
  const label = wide > words.length * 7.2 + 8 ? words : inJobRow ? '' : `${job?.number ?? ''}`;
  const movable = chosen && block.hands && !block.began && kind === 'hands';
  const unit = (e: React.PointerEvent<SVGGElement>) => {
    const box = e.currentTarget.ownerSVGElement?.getBoundingClientRect();
    return box === undefined ? 0 : ((e.clientX - box.left) / box.width) * (WIDE + 20);
  };
  const time = (moved: number) => Math.round(axis.t(left + moved) / SNAP_S) * SNAP_S;
  return (
    // biome-ignore lint/a11y/useSemanticElements: a thing on a drawing has no element of its own
    <g
      role="button"
      tabIndex={0}
      aria-pressed={chosen}
      aria-label={`${job?.name}: ${block.labels.join(', ')}`}
      className={`cursor-pointer ${movable ? 'touch-none' : ''}`}
      transform={by === 0 ? undefined : `translate(${by} 0)`}
      onKeyDown={(e) => {
        if (e.key === 'Enter' || e.key === ' ') {
          e.preventDefault();
          onChoose(chosen ? undefined : block);
        }
      }}
      onPointerDown={(e) => {
        held.current = { x: unit(e), moved: false };
        if (movable) {
          e.currentTarget.setPointerCapture(e.pointerId);
        }
      }}
      onPointerMove={(e) => {
        const from = held.current;
        if (from === undefined || !movable) {
          return;
        }
        const way = unit(e) - from.x;
        if (from.moved || Math.abs(way) > TAP) {
          from.moved = true;
          setBy(way);
          onDrag(time(way));
        }
      }}
      onPointerUp={(e) => {
        const from = held.current;
        held.current = undefined;
        if (from?.moved === true) {
          onDrop(time(unit(e) - from.x));
        } else if (from !== undefined) {
          onChoose(chosen ? undefined : block);
        }
        setBy(0);
      }}
      onPointerCancel={() => {
        held.current = undefined;
        setBy(0);
      }}
    >
      {/* As large for a finger as its neighbours let it be. */}
      <rect x={left - roomBefore} y={1} width={wide + roomBefore + roomAfter} height={ROW - 2} fill="transparent" />
      <rect
        x={left}
        y={waits ? ROW - 14 : 5}
        width={wide}
        height={waits ? 9 : ROW - 10}
        fill={waits ? 'url(#waiting)' : fill}
        className={chosen ? 'stroke-face' : hot ? 'stroke-hot' : 'stroke-ground'}
        strokeWidth={chosen ? 4 : block.pinned || block.began || hot ? 2.5 : 1}
      />
      {!waits && label !== '' && wide > label.length * 7 + 2 && (
        <text
          x={left + wide / 2}
          y={ROW / 2}
          fontSize={12.5}
          fontWeight={700}
          textAnchor="middle"
          dominantBaseline="central"
          fill={ink}
          className="pointer-events-none"
        >
          {label}
        </text>
      )}
    </g>
  );
}

/** How full a place is over the time, as a band up to what it holds. */
function PlaceBand({ place, axis, y }: { place: Place; axis: Axis; y: number }) {
  const times = [...new Set(place.blocks.flatMap((block) => [block.start, block.end]))].sort((a, b) => a - b);
  const high = BAND - 14;
  const base = y + BAND - 6;
  let most = 0;
  let d = '';
  times.forEach((t, n) => {
    const count = place.blocks.filter((block) => block.start <= t && block.end > t).length;
    most = Math.max(most, count);
    const level = base - Math.min(1, count / place.of) * high;
    const next = times[n + 1] ?? t;
    d += `M${axis.x(t)} ${base}V${level}H${axis.x(next)}V${base}Z`;
  });
  return (
    <g>
      <text
        x={0}
        y={y + 18}
        fontSize={14}
        dominantBaseline="central"
        className="fill-ink font-bold first-letter:uppercase"
      >
        {place.name}
      </text>
      <text x={0} y={y + 35} fontSize={12} dominantBaseline="central" className="fill-soft">
        up to {most} of {place.of}
      </text>
      <path d={`M${LEFT} ${base - high}H${WIDE}`} className="stroke-line" strokeDasharray="4 4" />
      <path d={d} className="fill-wait" fillOpacity={0.45} />
      <path d={`M0 ${y + BAND}H${WIDE}`} className="stroke-rule" />
    </g>
  );
}
