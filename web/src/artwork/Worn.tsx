import type { TransferPlan } from '../api/client';

export type Appearance = NonNullable<TransferPlan['look']>['appearances'][number];

/** Noise of two octaves spreads about so much round its middle. */
const NOISE_SPREAD = 0.13;

/** Noise lies above this for so large a part of it: Tukey's approximation of the normal distribution. */
const above = (part: number) => 0.5 + NOISE_SPREAD * 4.91 * ((1 - part) ** 0.14 - part ** 0.14);

/** Draws a picture as it looks at a moment of the work: its colours by the plan's matrix in linear light, its gaps as grain. */
export function Worn({ id, as, perMm }: { id: string; as: Appearance; perMm: number }) {
  const m = as.matrix;
  const row = (at: number) => `${m[at]} ${m[at + 1]} ${m[at + 2]} 0 ${m[at + 3]}`;
  return (
    <filter id={id} colorInterpolationFilters="linearRGB" x="0" y="0" width="100%" height="100%">
      <feColorMatrix type="matrix" values={`${row(0)} ${row(4)} ${row(8)} 0 0 0 1 0`} result="ink" />
      {as.gaps > 0 && (
        <>
          <feTurbulence type="fractalNoise" baseFrequency={1 / (as.grain_mm * perMm)} numOctaves={2} seed={7} />
          <feComponentTransfer result="missing">
            <feFuncA type="linear" slope={30} intercept={-30 * above(as.gaps)} />
          </feComponentTransfer>
          <feComposite in="ink" in2="missing" operator="out" />
        </>
      )}
    </filter>
  );
}

/** A picture that nothing happens to needs no filter. */
export const changes = (as: Appearance | undefined): as is Appearance =>
  as !== undefined && (as.gaps > 0 || as.matrix.some((value, at) => value !== (at % 5 === 0 ? 1 : 0)));

/** The shine of a glossy finish, over a picture. */
export function Gloss({ id }: { id: string }) {
  return (
    <linearGradient id={id} x1="0" y1="0" x2="1" y2="1">
      <stop offset="0.2" stopColor="#fff" stopOpacity="0" />
      <stop offset="0.4" stopColor="#fff" stopOpacity="0.3" />
      <stop offset="0.5" stopColor="#fff" stopOpacity="0.05" />
      <stop offset="0.62" stopColor="#fff" stopOpacity="0.22" />
      <stop offset="0.75" stopColor="#fff" stopOpacity="0" />
    </linearGradient>
  );
}
