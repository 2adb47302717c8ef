import type { ReactNode } from 'react';
import type { Part, TransferPlan } from '../api/client';
import { type Appearance, Worn } from '../artwork/Worn';
import { ClothPattern } from '../blank/Cloth';
import { Dimension } from '../blank/Dimension';
import { onCloth } from '../blank/onCloth';
import { PictureOn } from '../blank/PictureOn';
import { useFormat } from '../measure/settings';

type Rect = NonNullable<TransferPlan['placed']>;
/** From millimetres of the piece to pixels of the stage. */
type Axis = (mm: number) => number;

/** The piece itself: its outline in its colour, its pattern, what may be printed on. */
export function PieceDrawing({
  view,
  x,
  y,
  scale,
  cloth,
  children,
}: {
  view: Part;
  x: Axis;
  y: Axis;
  scale: number;
  /** Id of its pattern, for whatever else is filled with it. */
  cloth: string;
  children: ReactNode;
}) {
  const { blank } = view.plan;
  const { pattern, colour } = view.job.blank;
  const drawing = blank.drawing.map((line) => ({
    ...line,
    d: `${line.points.map(([px = 0, py = 0], i) => `${i === 0 ? 'M' : 'L'}${x(px)} ${y(py)}`).join('')}${line.closed ? 'Z' : ''}`,
  }));
  return (
    <>
      {pattern != null && <ClothPattern id={cloth} of={pattern} perMm={scale} colour={pattern.colour} />}
      {children}
      {drawing.map((line, i) => (
        <path
          key={line.d}
          d={line.d}
          fill={line.closed ? colour : 'none'}
          className={line.style === 'hidden' ? 'stroke-line' : 'stroke-ink'}
          strokeWidth={line.style === 'hidden' ? 1 : 1.5}
          strokeDasharray={line.style === 'hidden' ? '5 4' : undefined}
          strokeLinejoin="round"
          data-line={i}
        />
      ))}
      {pattern != null && <path d={drawing[0]?.d} fill={`url(#${cloth})`} className="pointer-events-none" />}
      {blank.overscan_mm > 0 && (
        <path
          d={drawing[0]?.d}
          fill="none"
          className="stroke-line"
          strokeWidth={blank.overscan_mm * 2 * scale}
          strokeLinejoin="round"
          opacity={0.3}
        />
      )}
      <path
        d={`M${blank.print_area_line.map(([px = 0, py = 0]) => `${x(px)} ${y(py)}`).join('L')}Z`}
        fill="none"
        className="stroke-line"
        strokeDasharray="3 4"
      />
    </>
  );
}

/** How the picture looks where the cloth's second colour lies under it. */
export function SecondCloth({
  id,
  where,
  as,
  of,
  scale,
  wide,
  high,
}: {
  id: string;
  where: string;
  as: Appearance;
  of: NonNullable<Part['job']['blank']['pattern']>;
  scale: number;
  wide: number;
  high: number;
}) {
  return (
    <>
      <Worn id={id} as={as} perMm={scale} />
      <ClothPattern id={`${where}p`} of={of} perMm={scale} colour="#fff" />
      <mask id={where} maskUnits="userSpaceOnUse" x={0} y={0} width={wide} height={high}>
        <rect width={wide} height={high} fill={`url(#${where}p)`} />
      </mask>
    </>
  );
}

export interface Other {
  at: number;
  name: string;
  placed: Rect;
  bent: TransferPlan['bent'];
  artwork: Part['artwork'];
}

/** Another picture of the same side, to be taken in hand. */
export function OtherPicture({
  of,
  view,
  clip,
  x,
  y,
  scale,
  onPick,
}: {
  of: Other;
  view: Part;
  clip: string;
  x: Axis;
  y: Axis;
  scale: number;
  onPick: (at: number) => void;
}) {
  return (
    // biome-ignore lint/a11y/useSemanticElements: a thing on a drawing has no element of its own
    <g
      clipPath={`url(#${clip})`}
      style={onCloth(view.job.blank.colour)}
      role="button"
      tabIndex={0}
      aria-label={`${of.name}: select it`}
      className="cursor-pointer"
      onClick={() => onPick(of.at)}
      onKeyDown={(e) => e.key === 'Enter' && onPick(of.at)}
    >
      <PictureOn
        bent={of.bent}
        apex={view.plan.blank.taper?.apex_mm}
        rect={of.placed}
        down={0}
        sha256={of.artwork?.sha256}
        edge="stroke-ink [stroke-dasharray:6_3] [stroke-width:0.8]"
        x={x}
        y={y}
        scale={scale}
      />
      <text
        x={x(of.placed.x_mm) + 4}
        y={y(of.placed.y_mm) + 14}
        fontSize={12.5}
        fill="var(--c-ink)"
        stroke="var(--c-ground)"
        strokeWidth={4}
        paintOrder="stroke"
      >
        {of.name}
      </text>
    </g>
  );
}

/** How large the picture is and where it lies, measured on the drawing. */
export function PictureDimensions({ view, rect, x, y }: { view: Part; rect: Rect; x: Axis; y: Axis }) {
  const format = useFormat();
  const { bent, blank } = view.plan;
  const beneath = y(rect.y_mm + rect.height_mm) + (bent === null ? 20 : 26);
  return (
    <g className="pointer-events-none" style={onCloth(view.job.blank.colour)}>
      <Dimension
        from={[x(rect.x_mm), beneath]}
        to={[x(rect.x_mm + rect.width_mm), beneath]}
        label={format.length(rect.width_mm)}
        strong
      />
      <Dimension
        from={[x(rect.x_mm + rect.width_mm) + 24, y(rect.y_mm)]}
        to={[x(rect.x_mm + rect.width_mm) + 24, y(rect.y_mm + rect.height_mm)]}
        label={format.bareLength(rect.height_mm)}
      />
      {rect.y_mm > 0 && (
        <Dimension
          from={[x(0) + 9, y(0)]}
          to={[x(0) + 9, y(rect.y_mm)]}
          label={`${format.bareLength(rect.y_mm)} below ${blank.from}`}
        />
      )}
    </g>
  );
}

/** How large the piece is. */
export function PieceDimensions({ view, x, bottom }: { view: Part; x: Axis; bottom: number }) {
  const format = useFormat();
  const { blank } = view.plan;
  const { taper } = blank;
  return (
    <>
      {blank.diameter_mm !== null && (
        <text x={x(0)} y={bottom + 64} textAnchor="middle" fontSize={12.5} className="fill-soft">
          unrolled, seam at both ends{blank.drawing.length > 3 ? ', handle dashed' : ''}
        </text>
      )}
      {taper === null ? (
        <Dimension
          from={[x(-blank.width_mm / 2), bottom + 22]}
          to={[x(blank.width_mm / 2), bottom + 22]}
          label={`${format.bareLength(blank.width_mm)} ${blank.diameter_mm === null ? 'across' : 'round'}`}
        />
      ) : (
        <text x={x(0)} y={bottom + 26} textAnchor="middle" fontSize={13} className="fill-ink">
          {format.bareLength(taper.rim_mm)} round at the rim, {format.bareLength(taper.foot_mm)} at the foot,{' '}
          {format.length(taper.standing_mm)} high
        </text>
      )}
    </>
  );
}
