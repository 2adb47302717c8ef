import { useId, useState } from 'react';
import type { Part } from '../api/client';
import type { Shown } from '../artwork/Appearances';
import { changes, Worn } from '../artwork/Worn';
import { useFormat } from '../measure/settings';

/**
 * A round piece from the front, to the scale of the drawing: what of the wall is seen, and how
 * narrow it looks towards the sides. Where each arc is seen comes from the plan, for the height of the picture at hand;
 * above and below that a wall that tapers is seen wider or narrower by as much as it is. Turning it shifts the wall.
 */
export function RoundFront({ view, scale, seen }: { view: Part; scale: number; seen: Shown }) {
  const { plan, whole, job } = view;
  const { views, height_mm: height, width_mm: round, taper } = plan.blank;
  const format = useFormat();
  const [far, setFar] = useState(0);
  const from = views[far] ?? views[0];
  const filter = useId();
  const shade = useId();
  const [turn, setTurn] = useState(0);
  if (from === undefined) {
    return null;
  }
  const front = from.points;
  const [left = [0, 0], right = [0, 0]] = [front[0], front.at(-1)];
  const width = (right[1] ?? 0) - (left[1] ?? 0);
  // How wide it is at rim and foot against where the picture is.
  const [rim, foot] = taper === null ? [1, 1] : [taper.rim_mm / round, taper.foot_mm / round];
  const standing = taper?.standing_mm ?? height;
  const level = rim === foot ? 0 : ((1 - rim) / (foot - rim)) * height;
  const widest = width * Math.max(rim, foot);
  const pictures = whole.transfers.flatMap((one, at) => {
    const artwork = view.artworks[at];
    return one.placed !== null && artwork ? [{ placed: one.placed, sha256: artwork.sha256, key: at }] : [];
  });
  // Strips of the wall between neighbouring arcs, each with the part of a picture that lies on it.
  const strips = front.slice(1).flatMap((to, i) => {
    const before = front[i] ?? to;
    return pictures.flatMap(({ placed, sha256, key }) =>
      [-round, 0, round].flatMap((lap) => {
        const start = Math.max((before[0] ?? 0) + turn, placed.x_mm + lap);
        const end = Math.min((to[0] ?? 0) + turn, placed.x_mm + placed.width_mm + lap);
        if (end <= start) {
          return [];
        }
        const arc = (to[0] ?? 0) - (before[0] ?? 0);
        const span = (to[1] ?? 0) - (before[1] ?? 0);
        const at = (s: number) => (before[1] ?? 0) + ((s - turn - (before[0] ?? 0)) / arc) * span;
        return [
          {
            key: `${key} ${lap} ${i}`,
            sha256,
            placed,
            x: at(start),
            end: at(end),
            source: start - placed.x_mm - lap,
            cut: end - start,
          },
        ];
      }),
    );
  });
  const most = Math.round(round / 2);
  // Each strip goes on a little under the next one, so that no seam shows between two.
  const hair = (taper === null ? 0.7 : 1.4) / scale;
  const wall = `M${(-width / 2) * rim} 0H${(width / 2) * rim}L${(width / 2) * foot} ${height}H${(-width / 2) * foot}Z`;
  return (
    <div className="flex items-end gap-4">
      <svg
        width={widest * scale}
        height={standing * scale}
        viewBox={`${-widest / 2} 0 ${widest} ${standing}`}
        role="img"
        aria-label={`The ${whole.piece} from the front${turn === 0 ? '' : ', turned'}`}
        overflow="visible"
      >
        {seen.shown !== undefined && <Worn id={filter} as={seen.shown} perMm={1} />}
        <linearGradient id={shade}>
          <stop offset="0" stopColor="#000" stopOpacity="0.28" />
          <stop offset="0.25" stopColor="#000" stopOpacity="0.04" />
          <stop offset="0.75" stopColor="#000" stopOpacity="0.04" />
          <stop offset="1" stopColor="#000" stopOpacity="0.28" />
        </linearGradient>
        <g transform={`scale(1 ${standing / height})`}>
          <path d={wall} fill={job.blank.colour} />
          {strips.map((strip) => {
            const lean = (((strip.x + strip.end) / 2) * (foot - rim)) / height;
            return (
              <g key={strip.key} transform={`matrix(1 0 ${lean} 1 ${-lean * level} 0)`}>
                <svg
                  x={strip.x}
                  y={strip.placed.y_mm}
                  width={strip.end - strip.x + hair}
                  height={strip.placed.height_mm}
                  viewBox={`${strip.source} 0 ${strip.cut * (1 + hair / (strip.end - strip.x))} ${strip.placed.height_mm}`}
                  preserveAspectRatio="none"
                  aria-hidden
                >
                  <image
                    href={`/api/artwork/${strip.sha256}/preview`}
                    width={strip.placed.width_mm}
                    height={strip.placed.height_mm}
                    preserveAspectRatio="none"
                    filter={changes(seen.shown) ? `url(#${filter})` : undefined}
                  />
                </svg>
              </g>
            );
          })}
          <path
            d={wall}
            fill={`url(#${shade})`}
            className="stroke-ink"
            strokeWidth={1.5}
            vectorEffect="non-scaling-stroke"
          />
        </g>
      </svg>
      <div className="max-w-60 text-sm text-soft">
        <label className="block">
          From the front{' '}
          <select
            className="border border-line bg-ground px-1 text-ink"
            value={far}
            onChange={(e) => setFar(Number(e.target.value))}
          >
            {views.map((one, at) => (
              <option key={one.label} value={at}>
                {one.label}
              </option>
            ))}
          </select>
        </label>
        <p>
          {format.bareLength(from.seen_mm)} of {format.length(round)} show at once. Half-way to the side, a strip looks{' '}
          {Math.round(from.at_45 * 100)} % as wide.
        </p>
        <label className="block">
          Turn it:
          <input
            type="range"
            min={-most}
            max={most}
            value={turn}
            className="mt-1 block w-44 accent-ink"
            onChange={(e) => setTurn(Number(e.target.value))}
          />
        </label>
        <a className="link mt-2 block" href={`/api/jobs/${job.id}/template.pdf`} target="_blank" rel="noreferrer">
          Paper template to try round it (PDF)
        </a>
      </div>
    </div>
  );
}
