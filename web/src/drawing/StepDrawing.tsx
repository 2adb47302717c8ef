import { memo, useEffect, useId, useRef } from 'react';
import type { Schemas } from '../api/client';
import { useFormat } from '../measure/settings';

export type Drawing = Schemas['drawing.schema'];
type Mark = Drawing['marks'][number];
type Pen = Schemas['Line']['pen'];
type Points = number[][];

/** How each pen looks: fill of a closed line, stroke, width and dashes; these in letters' heights. */
const LOOK: Record<Pen, { fill?: string; hatch?: string; stroke?: string; width?: number; dash?: number[] }> = {
  edge: {},
  thin: { stroke: 'stroke-line', width: 0.05 },
  hidden: { stroke: 'stroke-line', width: 0.06, dash: [0.35, 0.25] },
  centre: { stroke: 'stroke-line', width: 0.05, dash: [0.9, 0.25, 0.2, 0.25] },
  piece: {},
  paper: { fill: 'fill-white' },
  back: { hatch: 'dots' },
  face: { stroke: 'stroke-face', width: 0.2 },
  cut: { width: 0.09, dash: [0.6, 0.3] },
  fold: { stroke: 'stroke-wait', width: 0.09, dash: [0.9, 0.2, 0.15, 0.2] },
  tape: { fill: 'fill-wait [fill-opacity:0.35]', stroke: 'stroke-wait', width: 0.06 },
  cover: { fill: 'fill-shade [fill-opacity:0.7]', stroke: 'stroke-soft', width: 0.07 },
  water: { fill: 'fill-cold [fill-opacity:0.3]', stroke: 'stroke-cold', width: 0.06 },
  hot: { fill: 'fill-hotfill', stroke: 'stroke-hot', width: 0.18 },
  motion: { stroke: 'stroke-face', width: 0.18 },
  metal: { hatch: 'slant' },
  film: { fill: 'fill-shade' },
  cloth: { hatch: 'weave' },
  plain: { fill: 'fill-shade' },
  wood: { hatch: 'grain' },
  foam: { hatch: 'dots' },
  wax: { hatch: 'dashes' },
  ceramic: { hatch: 'slant' },
};

/** Hatches, in letters' heights: the side of the square that is repeated, and what is drawn in it. */
const HATCHES: Record<string, [number, string]> = {
  dots: [0.6, 'M0.3 0.25v0.12'],
  slant: [0.5, 'M0 0.5L0.5 0'],
  weave: [0.7, 'M0 0.2h0.4M0.35 0.55h0.35'],
  grain: [1.6, 'M0 0.4q0.4 -0.2 0.8 0t0.8 0M0 1.2q0.4 0.2 0.8 0t0.8 0'],
  dashes: [0.9, 'M0.1 0.2h0.3M0.5 0.65h0.3'],
};

const pathOf = (points: Points, closed = false) =>
  `M${points.map(([x = 0, y = 0]) => `${x} ${y}`).join('L')}${closed ? 'Z' : ''}`;

/**
 * The drawing of a step, as the server has made it of the plan. Where a clock runs, `done` tells how much of it is over:
 * the area that is due fills, and a dot goes the way that hands go.
 */
export function StepDrawing({
  of,
  done,
  running = false,
  className = '',
}: {
  of: Drawing;
  done?: (() => number) | undefined;
  running?: boolean;
  className?: string;
}) {
  const id = useId();
  const { x_mm: x, y_mm: y, width_mm: wide, height_mm: high } = of.frame;
  return (
    <svg
      viewBox={`${x} ${y} ${wide} ${high}`}
      className={`on-paper bg-ground ${className}`}
      role="img"
      aria-label={of.says}
      strokeLinejoin="round"
    >
      <Still of={of} id={id} />
      {done !== undefined && <Moving of={of} id={id} done={done} running={running} />}
    </svg>
  );
}

/** All that stays as it is while a clock runs: drawn once. */
const Still = memo(function Still({ of, id }: { of: Drawing; id: string }) {
  const em = of.em_mm;
  return (
    <>
      <defs>
        {Object.entries(HATCHES).map(([name, [side, d]]) => (
          <pattern key={name} id={`${id}${name}`} width={side * em} height={side * em} patternUnits="userSpaceOnUse">
            <rect width={side * em} height={side * em} className="fill-ground" />
            <path d={d} transform={`scale(${em})`} className="fill-none stroke-line" strokeWidth={0.07} />
          </pattern>
        ))}
      </defs>
      {of.marks.map((mark, n) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: marks are told apart by their order alone
        <Drawn key={n} mark={mark} em={em} piece={of.piece} id={`${id}${n}`} hatches={id} />
      ))}
    </>
  );
});

function Drawn({
  mark,
  em,
  piece,
  id,
  hatches,
}: {
  mark: Mark;
  em: number;
  piece: string;
  id: string;
  hatches: string;
}) {
  switch (mark.mark) {
    case 'line':
      return mark.arrow ? (
        <Arrow points={mark.points} em={em} width={0.18} className="stroke-face" />
      ) : (
        <Stroke mark={mark} em={em} piece={piece} hatches={hatches} />
      );
    case 'patch':
      return (
        <path
          d={pathOf(mark.points, true)}
          className={
            {
              done: 'fill-donefill stroke-done',
              now: 'fill-ground stroke-hot',
              later: 'fill-none stroke-line',
            }[mark.turn]
          }
          fillOpacity={mark.turn === 'now' ? 0.25 : 0.75}
          strokeWidth={(mark.turn === 'now' ? 0.2 : 0.07) * em}
          strokeDasharray={mark.turn === 'later' ? `${0.5 * em} ${0.3 * em}` : undefined}
        />
      );
    case 'course':
      return <Arrow points={mark.points} em={em} width={0.1} className="stroke-face" />;
    case 'dimension':
      return (
        <g>
          <path d={pathOf([mark.from, mark.to])} className="stroke-ground" strokeWidth={0.25 * em} />
          <path d={pathOf([mark.from, mark.to])} className="stroke-ink" strokeWidth={0.06 * em} />
          <Head from={mark.from} to={mark.to} long={0.5 * em} width={0.06 * em} className="stroke-ink" />
          <Head from={mark.to} to={mark.from} long={0.5 * em} width={0.06 * em} className="stroke-ink" />
          <Words mark={mark.note} em={em} halo={0.5} />
        </g>
      );
    case 'note':
      return <Words mark={mark} em={em} />;
    case 'picture':
      return <Picture mark={mark} id={id} />;
  }
}

function Stroke({ mark, em, piece, hatches }: { mark: Schemas['Line']; em: number; piece: string; hatches: string }) {
  const look = LOOK[mark.pen];
  const fill = !mark.closed
    ? 'none'
    : mark.pen === 'piece'
      ? piece
      : look.hatch !== undefined
        ? `url(#${hatches}${look.hatch})`
        : undefined;
  return (
    <path
      d={pathOf(mark.points, mark.closed)}
      fill={fill}
      className={`${look.stroke ?? 'stroke-ink'} ${fill === undefined ? (look.fill ?? 'fill-none') : ''}`}
      strokeWidth={(look.width ?? 0.08) * em}
      strokeDasharray={look.dash?.map((one) => one * em).join(' ')}
    />
  );
}

/** @param halo around the letters, in their heights: on a line it reaches over the spaces between words */
function Words({ mark, em, halo = 0.3 }: { mark: Schemas['Note']; em: number; halo?: number }) {
  const format = useFormat();
  const size = em * (mark.large ? 1.5 : 1);
  return (
    <text
      x={mark.at[0]}
      y={mark.at[1]}
      fontSize={size}
      textAnchor={mark.anchor}
      dominantBaseline="central"
      className={`fill-ink stroke-ground ${mark.strong ? 'font-bold' : ''}`}
      strokeWidth={halo * size}
      paintOrder="stroke"
    >
      {format.phrase(mark.words)}
    </text>
  );
}

function Picture({ mark, id }: { mark: Schemas['Printed']; id: string }) {
  const { x_mm: x, y_mm: y, width_mm: width, height_mm: height } = mark.rect;
  const turned = mark.degrees === 0 ? '' : `rotate(${mark.degrees} ${mark.about[0]} ${mark.about[1]}) `;
  const mirrored = mark.mirrored ? `translate(${2 * x + width} 0) scale(-1 1)` : '';
  return (
    <>
      {mark.within !== null && (
        <clipPath id={`${id}within`}>
          <path d={pathOf(mark.within, true)} />
        </clipPath>
      )}
      <g clipPath={mark.within === null ? undefined : `url(#${id}within)`}>
        <image
          href={`/api/artwork/${mark.artwork}/${mark.bend === null ? 'preview' : `bent?${mark.bend}`}`}
          x={x}
          y={y}
          width={width}
          height={height}
          preserveAspectRatio="none"
          opacity={mark.strength}
          transform={turned + mirrored || undefined}
        />
      </g>
    </>
  );
}

function Arrow({ points, em, width, className }: { points: Points; em: number; width: number; className: string }) {
  const [before, last] = [points.at(-2) ?? points[0], points.at(-1)];
  return (
    <>
      <path d={pathOf(points)} fill="none" className={className} strokeWidth={width * em} />
      {before !== undefined && last !== undefined && (
        <Head from={before} to={last} long={0.8 * em} width={width * em} className={className} />
      )}
    </>
  );
}

/** Both strokes of an arrow's head. */
function Head({
  from,
  to,
  long,
  width,
  className,
}: {
  from: number[];
  to: number[];
  long: number;
  width: number;
  className: string;
}) {
  const [x0 = 0, y0 = 0, x = 0, y = 0] = [...from, ...to];
  const angle = Math.atan2(y - y0, x - x0);
  const end = (turn: number) => `${x - long * Math.cos(angle + turn)} ${y - long * Math.sin(angle + turn)}`;
  return <path d={`M${end(0.45)}L${x} ${y}L${end(-0.45)}`} fill="none" className={className} strokeWidth={width} />;
}

/** What follows the clock: written into the drawing itself on each frame, so that nothing else is drawn anew. */
function Moving({ of, id, done, running }: { of: Drawing; id: string; done: () => number; running: boolean }) {
  const level = useRef<SVGRectElement>(null);
  const way = useRef<SVGPathElement>(null);
  const dot = useRef<SVGCircleElement>(null);
  const due = of.marks.filter((mark) => mark.mark === 'patch').filter((mark) => mark.turn === 'now');
  const course = of.marks.find((mark) => mark.mark === 'course');
  const ys = due.flatMap((mark) => mark.points.map(([, y = 0]) => y));
  const [top, bottom] = [Math.min(...ys), Math.max(...ys)];
  useEffect(() => {
    let frame = 0;
    const long = way.current?.getTotalLength() ?? 0;
    const draw = () => {
      const share = Math.min(1, Math.max(0, done()));
      const high = (bottom - top) * share;
      level.current?.setAttribute('y', `${bottom - high}`);
      level.current?.setAttribute('height', `${high}`);
      const at = way.current?.getPointAtLength(long * share);
      if (at !== undefined) {
        dot.current?.setAttribute('cx', `${at.x}`);
        dot.current?.setAttribute('cy', `${at.y}`);
      }
      if (running) {
        frame = requestAnimationFrame(draw);
      }
    };
    draw();
    return () => cancelAnimationFrame(frame);
  }, [done, running, top, bottom]);
  return (
    <>
      {due.length > 0 && (
        <>
          <clipPath id={`${id}level`}>
            <rect ref={level} x={of.frame.x_mm} width={of.frame.width_mm} y={bottom} height={0} />
          </clipPath>
          <g clipPath={`url(#${id}level)`} data-follows="clock">
            {due.map((mark) => (
              <path key={pathOf(mark.points)} d={pathOf(mark.points, true)} className="fill-hot" fillOpacity={0.35} />
            ))}
          </g>
        </>
      )}
      {course !== undefined && (
        <>
          <path ref={way} d={pathOf(course.points)} fill="none" />
          <circle ref={dot} r={0.6 * of.em_mm} className="fill-hot" data-follows="clock" />
        </>
      )}
    </>
  );
}
