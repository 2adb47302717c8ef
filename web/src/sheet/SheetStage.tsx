import { useId } from 'react';
import type { Part, TransferPlan } from '../api/client';
import { Worn } from '../artwork/Worn';
import { scaleLabel, useSize } from '../blank/useSize';
import { useFormat } from '../measure/settings';
import { PrintedPicture } from './PrintedPicture';

type Sheet = NonNullable<TransferPlan['sheet']>;
type Mark = Sheet['marks'][number];

const INK = '#16212b';
/** Eight points, in millimetres: the size of the type on the sheet. */
const TYPE_MM = 2.82;
/** Room above for the scale, below for the caption. */
const ABOVE = 22;
const BELOW = 46;

/** Something beside the picture, drawn in millimetres as it will be printed. */
function SheetMark({ mark, text }: { mark: Mark; text: string }) {
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
          stroke="#6e6e6e"
          strokeWidth={0.3}
          strokeDasharray="2 2"
        />
      ) : (
        <rect x={x} y={y} width={w} height={h} fill="none" stroke="#6e6e6e" strokeWidth={0.3} strokeDasharray="2 2" />
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
      return <circle cx={x + w / 2} cy={y + h / 2} r={w / 2} fill={INK} />;
    case 'text':
      return write(x, turned ? y + h : y);
  }
}

/** The sheet as it comes out of the printer, print side up, to scale. */
export function SheetStage({ view }: { view: Part }) {
  const { sheet, label } = view.plan;
  const { id, quantity } = view.whole;
  const format = useFormat();
  const dull = useId();
  const onSheet = view.plan.look?.appearances.find((one) => one.id === 'sheet');
  const { ref, width, height } = useSize<HTMLDivElement>();
  if (sheet === null) {
    return (
      <div ref={ref} className="h-full min-h-64">
        <p className="mx-auto mt-28 w-fit text-soft">
          {view.artwork === null ? 'No picture yet, so no sheet.' : 'No sheet can be laid out: see the checks.'}
        </p>
      </div>
    );
  }
  const { page_width_mm: w, page_height_mm: h, printable, picture } = sheet;
  const scale = Math.max(0.1, Math.min((width - 20) / w, (height - ABOVE - BELOW) / h));
  return (
    <div ref={ref} className="relative h-full min-h-64">
      {width > 0 && (
        <>
          <span className="absolute top-0 right-0 text-sm text-soft">{scaleLabel(scale)}</span>
          <svg
            width={w * scale}
            height={h * scale}
            viewBox={`0 0 ${w} ${h}`}
            className="absolute border border-ink bg-white"
            style={{ left: (width - w * scale) / 2, top: ABOVE }}
            role="img"
            aria-label={`The sheet, print side up${sheet.mirrored ? ', picture mirrored' : ''}`}
          >
            <rect
              x={printable.x_mm}
              y={printable.y_mm}
              width={printable.width_mm}
              height={printable.height_mm}
              fill="none"
              stroke="#b9c0c5"
              strokeWidth={0.3}
              strokeDasharray="0.5 1.5"
            />
            {onSheet !== undefined && <Worn id={dull} as={onSheet} perMm={1} />}
            {view.artwork !== null && (
              <PrintedPicture
                sha256={view.artwork.sha256}
                bent={view.plan.bent?.query ?? null}
                at={picture}
                mirrored={sheet.mirrored}
                filter={onSheet === undefined ? undefined : `url(#${dull})`}
              />
            )}
            {sheet.marks.map((mark) => (
              <SheetMark
                key={`${mark.kind}${mark.x_mm},${mark.y_mm}`}
                mark={mark}
                text={mark.text === label ? `${mark.text} · plan ${id}` : mark.text}
              />
            ))}
          </svg>
          <p className="absolute inset-x-0 text-center text-sm text-soft" style={{ top: ABOVE + h * scale + 6 }}>
            {format.bareLength(w)} × {format.length(h)}, print side up. Print {quantity}.{' '}
            {sheet.mirrored ? 'The picture reads backwards here, and right on the piece.' : 'The picture reads right.'}{' '}
            {onSheet?.words}
          </p>
        </>
      )}
    </div>
  );
}
