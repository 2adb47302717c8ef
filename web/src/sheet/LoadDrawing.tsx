import { Link } from 'react-router';
import type { TransferPlan } from '../api/client';

type Loading = NonNullable<TransferPlan['loading']>;

/** Above the sheet: the printer's mouth. In the drawing's own units. */
const MOUTH = 34;
const SHEET = 190;

/** The sheet as it lies in the tray, seen from above: which side looks up, which edge goes in first. */
export function LoadDrawing({ loading, page }: { loading: Loading; page: { width: number; height: number } }) {
  const lying = loading.leads === 'left' || loading.leads === 'right';
  const ratio = page.width / page.height;
  const high = lying ? SHEET * ratio : SHEET;
  const wide = lying ? SHEET : SHEET * ratio;
  const left = 30;
  const face = loading.lies === 'down' ? 'back' : 'print side';
  return (
    <figure>
      <svg
        viewBox={`0 0 ${wide + 60} ${high + MOUTH + 30}`}
        className="max-h-72 w-full"
        role="img"
        aria-label={
          loading.known
            ? `In the tray the print side looks ${loading.lies}; ${lying ? 'a long' : 'a short'} edge goes in first`
            : 'It is not known yet which side this tray prints on'
        }
      >
        <defs>
          <pattern id="sheet-back" width="9" height="9" patternUnits="userSpaceOnUse">
            <circle cx="2" cy="2" r="0.9" className="fill-line" />
          </pattern>
        </defs>
        <path
          d={`M${left - 16} ${MOUTH - 4}h${wide + 32}l-8 -20h${-(wide + 16)}z`}
          className="fill-shade stroke-ink"
          strokeWidth={1.2}
        />
        <text x={left + wide / 2} y={MOUTH - 11} textAnchor="middle" fontSize={10} className="fill-ink">
          printer
        </text>
        <rect
          x={left}
          y={MOUTH}
          width={wide}
          height={high}
          className="stroke-ink"
          fill={face === 'back' && loading.known ? 'url(#sheet-back)' : 'none'}
          strokeWidth={1.2}
          strokeDasharray={loading.known ? undefined : '5 4'}
        />
        {loading.known && face === 'print side' && (
          <rect
            x={left + 4}
            y={MOUTH + 4}
            width={wide - 8}
            height={high - 8}
            className="fill-none stroke-face"
            strokeWidth={2.5}
          />
        )}
        {loading.folded && (
          <path d={`M${left} ${MOUTH}h${wide}`} className="stroke-wait" strokeWidth={5} strokeLinecap="square" />
        )}
        <path
          d={`M${left + wide / 2} ${MOUTH + high * 0.42}V${MOUTH + 12}l-6 9M${left + wide / 2} ${MOUTH + 12}l6 9`}
          className="fill-none stroke-ink"
          strokeWidth={2}
        />
        <text
          x={left + wide / 2}
          y={MOUTH + high * 0.58}
          textAnchor="middle"
          fontSize={12}
          className="fill-ink stroke-ground font-bold"
          strokeWidth={5}
          paintOrder="stroke"
        >
          {loading.known ? (face === 'back' ? 'back looks up' : 'print side looks up') : '?'}
        </text>
        {loading.known && (
          <text
            x={left + wide / 2}
            y={MOUTH + high * 0.58 + 17}
            textAnchor="middle"
            fontSize={11}
            className="fill-ink stroke-ground"
            strokeWidth={5}
            paintOrder="stroke"
          >
            {face === 'back' ? 'print side down' : 'back down'}
          </text>
        )}
        <text x={left + wide / 2} y={MOUTH + high + 16} textAnchor="middle" fontSize={11} className="fill-soft">
          {lying ? 'a long edge goes in first' : 'a short edge goes in first'}
        </text>
      </svg>
      <figcaption className="mt-1 text-sm">
        <b>{loading.words}</b>
        {loading.folded && ' The thick edge is the carrier’s fold.'} Print side: {loading.print_side}.
        {!loading.known && (
          <>
            {' '}
            <Link to="/printers" className="link">
              Go to the feed test
            </Link>
          </>
        )}
      </figcaption>
    </figure>
  );
}
