import type { TransferPlan } from '../api/client';
import { Bent } from './Bent';

type Box = NonNullable<TransferPlan['placed']>;

/** Places a picture on the drawing: straight, or bent where the piece tapers; with its edge. */
export function PictureOn({
  bent,
  apex,
  rect,
  down,
  sha256,
  filter,
  second,
  shine,
  edge,
  x,
  y,
  scale,
}: {
  bent: TransferPlan['bent'];
  /** Of the drawing of a piece that tapers, what it turns about. */
  apex: number | null | undefined;
  rect: Box;
  /** How far down it was moved since the plan, in mm. */
  down: number;
  sha256: string | undefined;
  filter?: string | undefined;
  /** Filter and mask of how it looks on the second colour of patterned cloth. */
  second?: { filter: string; mask: string } | undefined;
  shine?: string | undefined;
  edge: string;
  x: (mm: number) => number;
  y: (mm: number) => number;
  scale: number;
}) {
  if (bent !== null && apex != null) {
    return (
      <Bent
        bent={bent}
        apex={apex}
        right={rect.x_mm + rect.width_mm / 2}
        down={down}
        sha256={sha256}
        filter={filter}
        x={x}
        y={y}
        scale={scale}
      />
    );
  }
  const box = { x: x(rect.x_mm), y: y(rect.y_mm), width: rect.width_mm * scale, height: rect.height_mm * scale };
  const image = (by: string | undefined) =>
    sha256 !== undefined && (
      <image href={`/api/artwork/${sha256}/preview`} {...box} preserveAspectRatio="none" filter={by} />
    );
  return (
    <>
      {image(filter)}
      {second !== undefined && <g mask={second.mask}>{image(second.filter)}</g>}
      {shine !== undefined && <rect {...box} fill={shine} />}
      <rect {...box} fill="transparent" className={edge} />
    </>
  );
}
