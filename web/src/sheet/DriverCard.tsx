import type { TransferPlan } from '../api/client';

/** What the printer's driver is set to, line by line. */
export function DriverCard({ card }: { card: NonNullable<TransferPlan['driver']> }) {
  return (
    <dl className="text-sm">
      {card.lines.map((line) => (
        <div key={line.id} className="grid grid-cols-[6.5rem_minmax(0,1fr)] gap-x-3 border-t border-rule py-1">
          <dt className="text-soft">{line.label}</dt>
          <dd>
            <b>{line.value}</b>
            <span className="block text-soft">{line.because}</span>
          </dd>
        </div>
      ))}
    </dl>
  );
}
