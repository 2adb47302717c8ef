import type { Schemas } from '../api/client';

type Mark = Schemas['plan.schema']['transfers'][number]['sheet'] extends infer S
  ? NonNullable<S> extends { marks: (infer M)[] }
    ? M
    : never
  : never;

const INK = '#16212b';
const PALE = '#6e6e6e';
/** Eight points, in millimetres: the size of the type on the sheet. */
const TYPE_MM = 2.82;

/** Something beside the picture, drawn in millimetres as it will be printed. */
export function SheetMark({ mark, text = mark.text }: { mark: Mark; text?: string }) {
  const { x_mm: x, y_mm: y, width_mm: w, height_mm: h, turned } = mark;
  const write = (tx: number, ty: number) => (
    <text
      fontSize={TYPE_MM}
      fill={INK}
      dominantBaseline="hanging"
      transform={`translate(${tx} ${ty})${turned ? ' rotate(-90)' : ''}`}
    >
      {text}
    </text>
  );
  switch (mark.kind) {
    case 'trim-line':
      return mark.lines.length > 0 ? (
        <path
          d={mark.lines.map((loop) => `M${loop.map((p) => p.join(' ')).join('L')}Z`).join('')}
          fill="none"
          stroke={PALE}
          strokeWidth={0.3}
          strokeDasharray="2 2"
        />
      ) : (
        <rect x={x} y={y} width={w} height={h} fill="none" stroke={PALE} strokeWidth={0.3} strokeDasharray="2 2" />
      );
    case 'this-way-up':
      return (
        <path
          d={`M${x + w / 2} ${y + h}V${y}l-2 2.5M${x + w / 2} ${y}l2 2.5`}
          stroke={INK}
          fill="none"
          strokeWidth={0.5}
        />
      );
    case 'check-bar':
      return (
        <>
          <path
            d={
              turned
                ? `M${x} ${y}h${w}M${x} ${y + h}h${w}M${x + w / 2} ${y}v${h}`
                : `M${x} ${y}v${h}M${x + w} ${y}v${h}M${x} ${y + h / 2}h${w}`
            }
            stroke={INK}
            strokeWidth={0.3}
          />
          {turned ? write(x - 0.5, y - 1) : write(x + w + 1, y)}
        </>
      );
    case 'dot':
    case 'registration':
      return <circle cx={x + w / 2} cy={y + h / 2} r={w / 2} fill={INK} />;
    case 'tick':
    case 'crop':
      return (
        <>
          <path
            d={w > h ? `M${x} ${y + h / 2}h${w}` : `M${x + w / 2} ${y}v${h}`}
            stroke={INK}
            strokeWidth={mark.kind === 'tick' ? 0.4 : 0.2}
            fill="none"
          />
          {mark.kind === 'tick' && <circle cx={x + w / 2} cy={y + h / 2} r={0.7} fill={INK} />}
        </>
      );
    case 'tape-zone':
      return (
        <rect
          x={x}
          y={y}
          width={w}
          height={h}
          fill="#b9c0c5"
          fillOpacity={0.35}
          stroke={PALE}
          strokeWidth={0.3}
          strokeDasharray="0.5 1.5"
        />
      );
    case 'cross':
      return <path d={`M${x} ${y}l${w} ${h}M${x} ${y + h}l${w} ${-h}`} stroke={INK} strokeWidth={2} />;
    case 'text':
      return write(x, turned ? y + h : y);
  }
}

/** Where a printer can print on a page. */
export function Printable({ at }: { at: Schemas['PlacedRect'] }) {
  return (
    <rect
      x={at.x_mm}
      y={at.y_mm}
      width={at.width_mm}
      height={at.height_mm}
      fill="none"
      stroke="#b9c0c5"
      strokeWidth={0.3}
      strokeDasharray="0.5 1.5"
    />
  );
}
