import type { TransferPlan } from '../api/client';
import { useFormat } from '../measure/settings';

type Layer = TransferPlan['stack']['layers'][number];

const WIDTH = 116;
const GAP = 9;

/** Thin layers are drawn thick enough to see; the order and the faces are what this drawing is about. */
function drawnHeight(layer: Layer): number {
  return { heat: 38, cover: 9, medium: 15, blank: 24, guard: 11, cloth: 14, base: 40 }[layer.role];
}

function Hatches() {
  return (
    <defs>
      <pattern id="hatch-metal" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <path d="M0 0V7" className="stroke-line" />
      </pattern>
      <pattern id="hatch-cloth" width="9" height="6" patternUnits="userSpaceOnUse">
        <path d="M0 3l2.25 -2l4.5 4l2.25 -2" className="stroke-line" fill="none" strokeWidth="0.9" />
      </pattern>
      <pattern id="hatch-wood" width="40" height="7" patternUnits="userSpaceOnUse">
        <path d="M0 4q10 -4 20 0t20 0" stroke="#b48a4e" fill="none" />
      </pattern>
      <pattern id="hatch-foam" width="8" height="8" patternUnits="userSpaceOnUse">
        <circle cx="2" cy="2" r="1" className="fill-line" />
        <circle cx="6" cy="6" r="1" className="fill-line" />
      </pattern>
      <pattern id="hatch-wax" width="10" height="8" patternUnits="userSpaceOnUse">
        <path d="M1 2h3M6 6h3" className="stroke-line" />
      </pattern>
      <pattern id="hatch-ceramic" width="8" height="8" patternUnits="userSpaceOnUse" patternTransform="rotate(-45)">
        <path d="M0 2H8M0 5H3" className="stroke-line" />
      </pattern>
    </defs>
  );
}

const FILL: Record<Layer['hatch'], string> = {
  metal: 'url(#hatch-metal)',
  film: 'none',
  cloth: 'url(#hatch-cloth)',
  plain: '#e9dcc3',
  wood: 'url(#hatch-wood)',
  foam: 'url(#hatch-foam)',
  wax: 'url(#hatch-wax)',
  ceramic: 'url(#hatch-ceramic)',
};

/** The outline of the heat source seen from the side: a sole plate, a platen, a nozzle, or the bowl of a spoon. */
function heatShape(kind: TransferPlan['heat'], y: number, bottom: number): string {
  switch (kind) {
    case 'flat-press':
    case 'mug-press':
      return `M2 ${bottom}V${y + 16}H${WIDTH / 2 - 14}V${y + 2}H${WIDTH / 2 + 14}V${y + 16}H${WIDTH}V${bottom}Z`;
    case 'dryer':
    case 'gun':
      return `M${WIDTH / 2 - 30} ${bottom - 8}L${WIDTH / 2 - 12} ${y}H${WIDTH / 2 + 12}L${WIDTH / 2 + 30} ${bottom - 8}Z`;
    case 'spoon':
    case 'burnisher':
      return `M10 ${y + 8}Q${WIDTH / 2} ${bottom + 22} ${WIDTH - 10} ${y + 8}Q${WIDTH / 2} ${y - 6} 10 ${y + 8}Z`;
    default:
      return `M2 ${bottom}V${y + 20}Q2 ${y + 12} 14 ${y + 8}Q60 ${y - 3} ${WIDTH - 12} ${y + 2}L${WIDTH} ${y + 14}V${bottom}Z`;
  }
}

/** The cross-section of what lies on what, from the heat down to the base; the printed face violet, with its arrow. */
export function StackSection({ plan }: { plan: TransferPlan }) {
  const format = useFormat();
  const { layers, mirrored } = plan.stack;
  const printed = layers.find((layer) => layer.printed_face !== null);
  let top = 4;
  const placed = layers.map((layer) => {
    if (layer.printed_face === 'up') {
      top += 9;
    }
    const at = { layer, y: top, height: drawnHeight(layer) };
    top += at.height + GAP + (layer.printed_face === 'down' ? 9 : 0);
    return at;
  });
  return (
    <>
      <h2 className="text-base">Layers, from top to bottom</h2>
      <p className="text-sm text-soft">
        {printed === undefined
          ? 'The heat comes from the top.'
          : `The printed face looks ${printed.printed_face}${mirrored ? ', onto the piece' : ''}.`}
      </p>
      <svg
        viewBox={`0 0 264 ${top}`}
        className="mt-2 w-full"
        role="img"
        aria-label={`From the top: ${layers.map((l) => l.label ?? `${l.role} not chosen`).join(', ')}`}
      >
        <Hatches />
        {placed.map(({ layer, y, height }) => {
          const missing = layer.label === null;
          const bottom = y + height;
          return (
            <g key={y}>
              {layer.role === 'heat' ? (
                <>
                  <path
                    d={heatShape(plan.heat, y, bottom)}
                    fill="url(#hatch-metal)"
                    className="stroke-ink"
                    strokeWidth={1.3}
                    strokeDasharray={missing ? '5 4' : undefined}
                  />
                  <path d={`M2 ${bottom}H${WIDTH}`} className="stroke-hot" strokeWidth={4} />
                </>
              ) : (
                <rect
                  x={2}
                  y={y}
                  width={WIDTH - 2}
                  height={height}
                  fill={missing ? 'none' : FILL[layer.hatch]}
                  className={missing ? 'stroke-wait' : 'stroke-ink'}
                  strokeWidth={1.3}
                  strokeDasharray={missing ? '5 4' : undefined}
                />
              )}
              {layer.printed_face !== null && (
                <>
                  <path
                    d={layer.printed_face === 'down' ? `M2 ${bottom}H${WIDTH}` : `M2 ${y}H${WIDTH}`}
                    className="stroke-face"
                    strokeWidth={4}
                  />
                  <path
                    d={
                      layer.printed_face === 'down'
                        ? `M${WIDTH / 2} ${bottom + 2}v12m-5 -5l5 5l5 -5`
                        : `M${WIDTH / 2} ${y - 2}v-12m-5 5l5 -5l5 5`
                    }
                    className="stroke-face"
                    fill="none"
                    strokeWidth={1.8}
                  />
                </>
              )}
              <text
                x={WIDTH + 10}
                y={y + height / 2}
                fontSize={12}
                dominantBaseline="central"
                className={missing ? 'fill-wait' : 'fill-ink'}
              >
                <tspan
                  fontWeight={layer.role === 'heat' || layer.printed_face !== null || missing ? 700 : 400}
                  x={WIDTH + 10}
                  dy={layer.beside === null && layer.printed_face === null ? 0 : -7}
                >
                  {missing ? `${layer.role}: none yet` : layer.label}
                </tspan>
                {layer.beside !== null && (
                  <tspan x={WIDTH + 10} dy={14} className={layer.role === 'heat' ? 'fill-hot' : 'fill-soft'}>
                    {format.phrase(layer.beside)}
                  </tspan>
                )}
                {layer.printed_face !== null && (
                  <tspan x={WIDTH + 10} dy={14} className="fill-face" fontWeight={700}>
                    printed face {layer.printed_face}
                  </tspan>
                )}
              </text>
            </g>
          );
        })}
      </svg>
      {plan.coverage !== null && plan.placed !== null && (
        <>
          <h2 className="mt-4 border-t border-rule pt-3 text-base">{placesTitle(plan.heat)}</h2>
          <IronPlaces plan={plan} />
          <p className="text-sm text-soft">
            {plan.coverage.places.length === 1 ? 'One area' : `${plan.coverage.places.length} areas, in this order`}.
            {plan.coverage.sweep_s != null &&
              plan.coverage.sweep_mm > 0 &&
              ` The iron moves all the time: ${format.length(plan.coverage.sweep_mm)} in ${format.duration(plan.coverage.sweep_s)}.`}
            {plan.heat === 'iron' && ' The point and the rim of the plate press only a little, so they do not count.'}
            {plan.coverage.shift_mm > 0 &&
              ` The iron has steam holes. In each place, move it ${format.length(plan.coverage.shift_mm)} back after half of the time.`}
          </p>
        </>
      )}
    </>
  );
}

type Place = NonNullable<TransferPlan['coverage']>['places'][number];

/** Where the places on either side of one end and begin, along x in its row or along y in its column. */
function neighbours(all: Place[], own: Place, axis: 'x' | 'y'): { end: number; start: number } {
  const [at, other, length] =
    axis === 'x' ? (['x_mm', 'y_mm', 'width_mm'] as const) : (['y_mm', 'x_mm', 'height_mm'] as const);
  const line = all.filter((place) => place[other] === own[other]);
  return {
    end: Math.max(...line.filter((p) => p[at] < own[at]).map((p) => p[at] + p[length])),
    start: Math.min(...line.filter((p) => p[at] > own[at]).map((p) => p[at])),
  };
}

/** A place's number stands in the part that is its own, so that numbers of overlapping places do not cover each other. */
function numberAt(from: number, length: number, { end, start }: { end: number; start: number }): number {
  const [low, high] = [Math.max(from, end), Math.min(from + length, start)];
  return low < high ? (low + high) / 2 : from + length / 2;
}

/** What the drawing of the areas is called: a plate is set down on them, hot air is held over them. */
export const placesTitle = (heat: TransferPlan['heat']) =>
  heat === 'dryer' || heat === 'gun' ? 'Where the hot air goes' : 'Where the plate goes';

/** The spot that hot air heats. */
function spot({ plate: { x_mm: x, y_mm: y, width_mm: w } }: Place): string {
  const r = w / 2;
  return `M${x} ${y + r}a${r} ${r} 0 1 1 ${w} 0a${r} ${r} 0 1 1 ${-w} 0Z`;
}

/** The outline of a plate: straight sides as far as it presses with its full width, and its point beyond. */
function sole({ plate, points_sideways: sideways, ...pressed }: Place): string {
  const { x_mm: x, y_mm: y, width_mm: w, height_mm: h } = plate;
  const [right, bottom] = [x + w, y + h];
  if (sideways) {
    const full = pressed.x_mm + pressed.width_mm;
    const over = right - full;
    return `M${x} ${y}H${full}Q${full + over * 0.7} ${y + h * 0.12} ${right} ${y + h / 2}Q${full + over * 0.7} ${y + h * 0.88} ${full} ${bottom}H${x}Z`;
  }
  const over = pressed.y_mm - y;
  return `M${x} ${bottom}V${pressed.y_mm}Q${x + w * 0.12} ${pressed.y_mm - over * 0.7} ${x + w / 2} ${y}Q${x + w * 0.88} ${pressed.y_mm - over * 0.7} ${right} ${pressed.y_mm}V${bottom}Z`;
}

/** The picture seen from above with the iron set down on it; the place at hand hot, those before it done. */
export function IronPlaces({ plan, current }: { plan: TransferPlan; current?: number | undefined }) {
  const { coverage, placed } = plan;
  if (coverage === null || placed === null) {
    return null;
  }
  const plates = coverage.places.map(({ plate }) => plate);
  const left = Math.min(0, ...plates.map((plate) => plate.x_mm)) - 4;
  const topmost = Math.min(0, ...plates.map((plate) => plate.y_mm)) - 4;
  const right = Math.max(placed.width_mm, ...plates.map((plate) => plate.x_mm + plate.width_mm)) + 4;
  const bottom = Math.max(placed.height_mm, ...plates.map((plate) => plate.y_mm + plate.height_mm)) + 4;
  return (
    <svg
      viewBox={`${left} ${topmost} ${right - left} ${bottom - topmost}`}
      className="mt-2 max-h-72 w-full"
      role="img"
      aria-label="Areas that are heated, numbered"
    >
      {plan.artwork !== null && (
        <image
          href={`/api/artwork/${plan.artwork}/preview`}
          width={placed.width_mm}
          height={placed.height_mm}
          opacity={0.45}
          preserveAspectRatio="none"
        />
      )}
      <rect
        width={placed.width_mm}
        height={placed.height_mm}
        fill="none"
        className="stroke-face"
        strokeWidth={1.6}
        vectorEffect="non-scaling-stroke"
      />
      {coverage.places.map((place, i) => {
        const { x_mm: px, y_mm: py, width_mm: w, height_mm: h } = place;
        const state = current === undefined ? 'plan' : i + 1 < current ? 'done' : i + 1 === current ? 'now' : 'later';
        const look = {
          plan: 'fill-none stroke-line',
          done: 'fill-donefill stroke-done',
          now: 'fill-hotfill stroke-hot',
          later: 'fill-none stroke-line',
        }[state];
        return (
          <g key={`${px},${py}`}>
            <path
              d={plan.heat === 'dryer' || plan.heat === 'gun' ? spot(place) : sole(place)}
              className={look}
              fillOpacity={0.75}
              strokeWidth={state === 'now' ? 3 : 1.2}
              strokeDasharray={state === 'later' ? '5 4' : undefined}
              vectorEffect="non-scaling-stroke"
            />
            <text
              x={numberAt(px, w, neighbours(coverage.places, place, 'x'))}
              y={numberAt(py, h, neighbours(coverage.places, place, 'y'))}
              textAnchor="middle"
              dominantBaseline="central"
              fontSize={Math.min(right - left, bottom - topmost) * 0.11}
              fontWeight={700}
              className={state === 'now' ? 'fill-hot' : state === 'done' ? 'fill-done' : 'fill-soft'}
            >
              {state === 'done' ? '✓' : i + 1}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
