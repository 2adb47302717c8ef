import type { Schemas } from '../api/client';

/** More than so many are counted. */
const FEW = 4;

/** What becomes later, in a sentence. */
export function Pushed({ pushed, zone }: { pushed: Schemas['PushedView'][]; zone: string }) {
  const at = new Intl.DateTimeFormat('en-GB', { weekday: 'short', hour: '2-digit', minute: '2-digit', timeZone: zone });
  if (pushed.length === 0) {
    return <span className="text-done">✓ Nothing else becomes later.</span>;
  }
  return (
    <>
      {pushed.slice(0, FEW).map((one) => (
        <span key={one.job} className={one.newly ? 'font-bold text-hot' : ''}>
          {one.newly && '✕ '}
          {one.job}: {at.format(one.was * 1000)} → {at.format(one.is * 1000)}
          {one.newly ? ', late. ' : '. '}
        </span>
      ))}
      {pushed.length > FEW && `And ${pushed.length - FEW} more become later.`}
    </>
  );
}
