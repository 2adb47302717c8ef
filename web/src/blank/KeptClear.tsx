import { useId } from 'react';
import type { TransferPlan } from '../api/client';

type Zone = TransferPlan['blank']['zones'][number];

/** A pocket, hole or seam on the drawing: hatched, with its name. */
export function KeptClear({
  zone,
  x,
  y,
  scale,
  ink,
  ground,
}: {
  zone: Zone;
  x: (mm: number) => number;
  y: (mm: number) => number;
  scale: number;
  ink: string;
  ground: string;
}) {
  const hatch = useId();
  const [width, height] = [zone.width_mm * scale, zone.height_mm * scale];
  const shape = {
    fill: `url(#${hatch})`,
    stroke: ink,
    strokeWidth: 1,
    strokeDasharray: zone.hole ? undefined : '5 3',
  };
  return (
    <g className="pointer-events-none">
      <pattern id={hatch} width={7} height={7} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <path d="M0 0V7" stroke={ink} strokeWidth={1} opacity={0.45} />
      </pattern>
      {zone.hole ? (
        <>
          <ellipse
            cx={x(zone.x_mm) + width / 2}
            cy={y(zone.y_mm) + height / 2}
            rx={width / 2}
            ry={height / 2}
            {...shape}
          />
          <path
            d={`M${x(zone.x_mm) - 4} ${y(zone.y_mm) + height / 2}h${width + 8}M${x(zone.x_mm) + width / 2} ${y(zone.y_mm) - 4}v${height + 8}`}
            stroke={ink}
            strokeWidth={0.8}
          />
        </>
      ) : (
        <>
          <rect x={x(zone.x_mm)} y={y(zone.y_mm)} width={width} height={height} {...shape} />
          <text
            x={x(zone.x_mm) + 4}
            y={y(zone.y_mm) + height - 5}
            fontSize={12.5}
            fill={ink}
            stroke={ground}
            strokeWidth={4}
            paintOrder="stroke"
          >
            {zone.label}
          </text>
        </>
      )}
    </g>
  );
}
