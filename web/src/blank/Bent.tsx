import type { TransferPlan } from '../api/client';

type Bends = NonNullable<TransferPlan['bent']>;

/**
 * A picture on the unrolled wall of a piece that tapers: bent, and turned about the apex to where it lies. Moved by hand
 * it keeps its bend until the plan tells the one it has there.
 */
export function Bent({
  bent,
  apex,
  right,
  down,
  sha256,
  filter,
  x,
  y,
  scale,
}: {
  bent: Bends;
  apex: number;
  /** Its middle from the front, along the wall in mm. */
  right: number;
  /** How far it was moved along the wall since the plan, in mm. */
  down: number;
  sha256: string | undefined;
  filter: string | undefined;
  x: (mm: number) => number;
  y: (mm: number) => number;
  scale: number;
}) {
  const { box, edge, radius_mm: radius } = bent;
  const degrees = ((right / radius) * 180) / Math.PI;
  const [left, top] = [x(box.x_mm), y(box.y_mm)];
  return (
    <g transform={`rotate(${degrees} ${x(0)} ${y(apex)}) translate(0 ${down * scale})`}>
      {sha256 !== undefined && (
        <image
          href={`/api/artwork/${sha256}/bent?${bent.query}`}
          x={left}
          y={top}
          width={box.width_mm * scale}
          height={box.height_mm * scale}
          preserveAspectRatio="none"
          filter={filter}
        />
      )}
      <path
        d={`M${edge.map(([px = 0, py = 0]) => `${left + px * scale} ${top + py * scale}`).join('L')}Z`}
        fill="transparent"
        className="stroke-face"
        strokeWidth={1.2}
      />
    </g>
  );
}
