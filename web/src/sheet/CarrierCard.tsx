import type { TransferPlan } from '../api/client';
import { useFormat } from '../measure/settings';

type Carrier = NonNullable<TransferPlan['carrier']>;

/** What a flimsy sheet is cut to and fixed on: a drawing to scale, and the list to cut by. */
export function CarrierCard({ carrier }: { carrier: Carrier }) {
  const format = useFormat();
  const { cut_width_mm: w, cut_height_mm: h, sheet_width_mm: sw, sheet_height_mm: sh, beyond_mm: b } = carrier;
  const c = carrier.corner_mm;
  const outline =
    c > 0 ? `M${c} 0H${w - c}L${w} ${c}V${h - c}L${w - c} ${h}H${c}L0 ${h - c}V${c}Z` : `M0 0H${w}V${h}H0Z`;
  const size = (width: number, height: number) => `${format.bareLength(width)} × ${format.length(height)}`;
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_minmax(0,1.1fr)] gap-5">
      <svg
        viewBox={`-14 -14 ${w + 28} ${h + 28}`}
        className="max-h-80 w-full"
        role="img"
        aria-label={`Cut to ${size(w, h)}, the sheet of ${carrier.backing} on it`}
      >
        <path d={outline} className="fill-shade stroke-ink" strokeWidth={1} />
        {c > 0 && (
          <path
            d={`M0 ${c}L${c} 0M${w - c} 0L${w} ${c}M${w} ${h - c}L${w - c} ${h}M${c} ${h}L0 ${h - c}`}
            className="stroke-hot"
            strokeWidth={1.6}
          />
        )}
        <rect
          x={b}
          y={carrier.strip_mm + b}
          width={sw}
          height={sh}
          className="fill-ground stroke-ink"
          strokeWidth={1}
          strokeDasharray="6 3"
        />
        {carrier.zones.map((zone) => (
          <rect
            key={`${zone.x_mm} ${zone.y_mm}`}
            x={b + zone.x_mm}
            y={carrier.strip_mm + b + zone.y_mm}
            width={zone.width_mm}
            height={zone.height_mm}
            className="fill-wait"
            fillOpacity={0.3}
          />
        ))}
        {carrier.strip_mm > 0 && (
          <text x={w / 2} y={carrier.strip_mm / 2} fontSize={11} textAnchor="middle" className="fill-ink">
            fold this strip over
          </text>
        )}
        <text x={w / 2} y={h / 2} fontSize={13} textAnchor="middle" className="fill-ink">
          {carrier.backing}
        </text>
        <text x={w / 2} y={h / 2 + 16} fontSize={11} textAnchor="middle" className="fill-soft">
          {size(sw, sh)}
        </text>
      </svg>
      <div className="text-sm">
        <h3 className="text-base first-letter:uppercase">{carrier.way}</h3>
        <ul className="mt-1">
          <li className="border-t border-rule py-1">
            Cut <b>{carrier.ahead}</b> to <b>{size(w, h)}</b>
            <span className="block text-soft">
              {carrier.sheets} to print and {carrier.ahead - carrier.sheets} to spare, if one creases or jams
            </span>
          </li>
          <li className="border-t border-rule py-1">
            {carrier.ahead} × {carrier.backing}, {size(sw, sh)}
          </li>
          {c > 0 && (
            <li className="border-t border-rule py-1">
              <span className="text-hot">◤</span> Corners off: {format.length(c)} along both edges
            </li>
          )}
          {carrier.zones.length > 0 && (
            <li className="border-t border-rule py-1">
              <span className="text-wait">■</span> For tape or glue. No picture here
            </li>
          )}
        </ul>
        <ol className="mt-2 list-decimal border-t border-ink pt-2 pl-5">
          {carrier.how.map((step) => (
            <li key={step} className="py-0.5">
              {step}
            </li>
          ))}
        </ol>
        <p className="mt-2 text-soft">
          Store carriers flat under a heavy book.
          {carrier.provenance.kind === 'assumed' && ` Assumed: ${carrier.provenance.source}.`}
        </p>
      </div>
    </div>
  );
}
