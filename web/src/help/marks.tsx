import type { ReactNode } from 'react';

/** What the drawings of the help are made of: all in one hand, on a field 120 wide and 60 high. */
export function Scene({ children }: { children: ReactNode }) {
  return (
    <svg
      viewBox="0 0 120 60"
      className="h-32 w-full shrink-0"
      aria-hidden
      strokeWidth={1.4}
      strokeLinejoin="round"
      strokeLinecap="round"
    >
      {children}
    </svg>
  );
}

interface At {
  x: number;
  y: number;
}

const at = ({ x, y }: At, of = 1) => `translate(${x} ${y})${of === 1 ? '' : ` scale(${of})`}`;

export const Shirt = ({ x, y, of = 1 }: At & { of?: number }) => (
  <path
    transform={at({ x, y }, of)}
    d="M8 0L0 6L4 12L8 9V26H24V9L28 12L32 6L24 0Q16 5 8 0Z"
    className="fill-ground stroke-ink"
  />
);

export const Mug = ({ x, y }: At) => (
  <path
    transform={at({ x, y })}
    d="M0 0H16V20H0ZM16 5C24 5 24 15 16 15"
    className="fill-ground stroke-ink"
    fillRule="evenodd"
  />
);

export const Candle = ({ x, y }: At) => (
  <path transform={at({ x, y })} d="M0 4H12V26H0ZM6 4V0" className="fill-ground stroke-ink" />
);

export const Iron = ({ x, y }: At) => (
  <g transform={at({ x, y })}>
    <path d="M0 16H30C30 6 24 2 14 2H9L0 16Z" className="fill-shade stroke-ink" />
    <path d="M0 16H30V18.5H0Z" className="fill-hotfill stroke-hot" />
  </g>
);

export const Paper = ({ x, y, wide = 20, high = 26 }: At & { wide?: number; high?: number }) => (
  <path transform={at({ x, y })} d={`M0 0H${wide}V${high}H0Z`} className="fill-ground stroke-ink" />
);

/** Lines of words. */
export const Words = ({ x, y, lines = 3, wide = 20 }: At & { lines?: number; wide?: number }) => (
  <path
    transform={at({ x, y })}
    d={Array.from({ length: lines }, (_, n) => `M0 ${n * 5}H${n % 2 === 1 ? wide * 0.7 : wide}`).join('')}
    className="stroke-line"
  />
);

export const Picture = ({ x, y, of = 1 }: At & { of?: number }) => (
  <g transform={at({ x, y }, of)}>
    <path d="M0 0H12V10H0Z" className="fill-ground stroke-face" />
    <path d="M1 9L4 4L7 7L9 5L11 9" className="fill-none stroke-face" />
  </g>
);

export const Clock = ({ x, y }: At) => (
  <g transform={at({ x, y })}>
    <circle r={9} className="fill-ground stroke-ink" />
    <path d="M0 -6V0L4 3" className="fill-none stroke-wait" />
  </g>
);

export const Arrow = ({ x, y, wide = 16 }: At & { wide?: number }) => (
  <path
    transform={at({ x, y })}
    d={`M0 0H${wide}M${wide - 4} -3L${wide} 0L${wide - 4} 3`}
    className="fill-none stroke-face"
  />
);

export const Tick = ({ x, y }: At) => (
  <path transform={at({ x, y })} d="M0 4L4 8L11 0" className="fill-none stroke-done" strokeWidth={2.4} />
);

export const Cross = ({ x, y }: At) => (
  <path transform={at({ x, y })} d="M0 0L8 8M8 0L0 8" className="stroke-hot" strokeWidth={2.4} />
);

export const Printer = ({ x, y }: At) => (
  <path transform={at({ x, y })} d="M6 8V0H24V8M0 8H30V22H0ZM6 18H24V30H6Z" className="fill-ground stroke-ink" />
);

export const Coins = ({ x, y }: At) => (
  <path
    transform={at({ x, y })}
    d="M0 4A8 3 0 0 1 16 4A8 3 0 0 1 0 4V9A8 3 0 0 0 16 9V4M0 9V14A8 3 0 0 0 16 14V9"
    className="fill-ground stroke-wait"
  />
);

/** Bars along a time. */
export const Bars = ({ x, y, of }: At & { of: [from: number, wide: number][] }) => (
  <g transform={at({ x, y })}>
    {of.map(([from, wide], n) => (
      <path key={`${from} ${wide}`} d={`M${from} ${n * 8}h${wide}v5h-${wide}Z`} className="fill-shade stroke-ink" />
    ))}
  </g>
);

export const Box = ({ x, y, wide, high }: At & { wide: number; high: number }) => (
  <path transform={at({ x, y })} d={`M0 0H${wide}V${high}H0Z`} className="fill-shade stroke-ink" />
);
