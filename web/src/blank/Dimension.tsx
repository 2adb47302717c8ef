/** A dimension line with arrows at both ends and its figure on the line, as in a shop drawing. */
export function Dimension({
  from,
  to,
  label,
  strong = false,
}: {
  from: [number, number];
  to: [number, number];
  label: string;
  strong?: boolean;
}) {
  const [x1, y1] = from;
  const [x2, y2] = to;
  const upright = x1 === x2;
  const length = Math.abs(upright ? y2 - y1 : x2 - x1);
  const halfText = upright ? 11 : label.length * 3.6 + 5;
  const cx = (x1 + x2) / 2;
  const cy = (y1 + y2) / 2;
  const inside = length > 2 * halfText + 14;
  const head = (x: number, y: number, sign: number) =>
    upright
      ? `M${x - 3} ${y + 7 * sign}L${x} ${y}L${x + 3} ${y + 7 * sign}`
      : `M${x + 7 * sign} ${y - 3}L${x} ${y}L${x + 7 * sign} ${y + 3}`;
  const gap = inside
    ? upright
      ? `M${x1} ${y1}V${cy - halfText}M${x1} ${cy + halfText}V${y2}`
      : `M${x1} ${y1}H${cx - halfText}M${cx + halfText} ${y1}H${x2}`
    : `M${x1} ${y1}L${x2} ${y2}`;
  return (
    <g className="stroke-ink" strokeWidth={1} fill="none">
      <path d={`${gap}${head(x1, y1, 1)}${head(x2, y2, -1)}`} />
      <text
        x={inside ? cx : upright ? x1 + 8 : cx}
        y={inside ? cy : upright ? cy : y1 - 9}
        textAnchor={inside || !upright ? 'middle' : 'start'}
        dominantBaseline="central"
        className={`fill-ink stroke-ground ${strong ? 'font-bold' : ''}`}
        strokeWidth={4}
        paintOrder="stroke"
        fontSize={13}
      >
        {label}
      </text>
    </g>
  );
}
