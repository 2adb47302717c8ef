import type { Schemas } from '../api/client';

/** Likely causes in order: why, what to do with this piece now, and what to change for the next. */
export function Diagnoses({ list }: { list: Schemas['DiagnosisView'][] }) {
  return (
    <ol>
      {list.map((one, n) => (
        <li key={one.cause} className="grid gap-x-6 border-b border-rule py-2 md:grid-cols-[1.3fr_1fr_1fr]">
          <div>
            <b className="text-lg">
              {n + 1}. {one.cause.charAt(0).toUpperCase() + one.cause.slice(1)}
            </b>
            <p className={one.shown ? '' : 'text-soft'}>
              {one.shown ? '● ' : '○ '}
              {one.why}
            </p>
          </div>
          <p>
            <span className="block text-sm text-soft">This piece</span>
            {one.now}
          </p>
          <p>
            <span className="block text-sm text-soft">The next</span>
            {one.next}
          </p>
        </li>
      ))}
      <li className="pt-1 text-sm text-soft">● the logbook shows it · ○ common, but nothing shows it</li>
    </ol>
  );
}
