import { useState } from 'react';
import type { Check } from '../api/client';
import type { JobHandle } from '../job/useJob';
import { useFormat } from '../measure/settings';

const STAGE = { print: 'Before printing', heat: 'Before heat', peel: 'Before peeling' } as const;
const SIGN = {
  impossible: ['✕', 'text-hot', 'not possible'],
  stop: ['✕', 'text-hot', 'stop'],
  missing: ['◆', 'text-wait', 'missing'],
  warn: ['▲', 'text-wait', 'warning'],
  note: ['○', 'text-soft', 'note'],
  pass: ['✓', 'text-done', 'passes'],
} as const;
const ORDER: Check['severity'][] = ['impossible', 'stop', 'missing', 'warn', 'note', 'pass'];

function Overriding({ check, handle }: { check: Check; handle: JobHandle }) {
  const [reason, setReason] = useState<string>();
  const field = `override.${check.id}`;
  if (check.overridden_because !== null) {
    return (
      <span className="text-sm">
        {' '}
        Set aside: “{check.overridden_because}”.{' '}
        <button type="button" className="link" onClick={() => handle.change({ [field]: '' })}>
          Show the warning again
        </button>
      </span>
    );
  }
  if (!check.overridable) {
    return null;
  }
  if (reason === undefined) {
    return (
      <button type="button" className="link text-sm" onClick={() => setReason('')}>
        Do it anyway
      </button>
    );
  }
  return (
    <form
      className="mt-1 flex gap-2"
      onSubmit={(e) => {
        e.preventDefault();
        if (reason.trim() !== '') {
          handle.change({ [field]: reason });
        }
      }}
    >
      <input
        className="field"
        aria-label="Why is this all right here?"
        placeholder="Why? It goes into the logbook."
        value={reason}
        // biome-ignore lint/a11y/noAutofocus: the person has just asked for this field
        autoFocus
        onChange={(e) => setReason(e.target.value)}
      />
      <button type="submit" className="key" disabled={reason.trim() === ''}>
        Set aside
      </button>
    </form>
  );
}

function Line({ check, handle, atTop }: { check: Check; handle: JobHandle; atTop: boolean }) {
  const format = useFormat();
  const [sign, tone, label] = SIGN[check.severity];
  return (
    <li className="grid grid-cols-[1.4rem_1fr_auto] items-baseline gap-x-1 py-1.5">
      <span className={tone} role="img" aria-label={label}>
        {sign}
      </span>
      <span>
        {check.severity !== 'pass' && <b className={check.severity === 'note' ? '' : tone}>{STAGE[check.stage]} · </b>}
        {format.phrase(check.message)}{' '}
        {check.mend !== null && <span className="text-soft">{format.phrase(check.mend)}</span>}{' '}
        <Overriding check={check} handle={handle} />
      </span>
      {check.fix !== null && !atTop && (
        <button
          type="button"
          className="key whitespace-nowrap text-sm"
          onClick={() => check.fix && handle.change(check.fix.changes)}
        >
          {format.phrase(check.fix.label)}
        </button>
      )}
    </li>
  );
}

/** What was looked for before it can cost a piece: what stands against the job first, what passes on request. */
export function Checks({
  checks,
  handle,
  next,
}: {
  checks: Check[];
  handle: JobHandle;
  /** The one whose mend stands at the top of the job. */
  next: string | null;
}) {
  const [all, setAll] = useState(false);
  const sorted = [...checks].sort((a, b) => ORDER.indexOf(a.severity) - ORDER.indexOf(b.severity));
  const passing = sorted.filter((c) => c.severity === 'pass');
  const notes = sorted.filter((c) => c.severity === 'note');
  const shown = all ? sorted : sorted.filter((c) => c.severity !== 'pass' && c.severity !== 'note');
  return (
    <section aria-label="Checks" className="max-h-[40%] shrink-0 overflow-auto border-t border-rule py-1.5">
      <ul>
        {shown.map((check) => (
          <Line key={check.id} check={check} handle={handle} atTop={check.id === next} />
        ))}
      </ul>
      <button
        type="button"
        className="py-1 text-sm text-soft hover:text-ink"
        aria-expanded={all}
        onClick={() => setAll(!all)}
      >
        <span className="text-done">✓</span> {passing.length} {passing.length === 1 ? 'check passes' : 'checks pass'}
        {notes.length > 0 && `, ${notes.length} ${notes.length === 1 ? 'note' : 'notes'}`}.{' '}
        <span className="link">{all ? 'Show less' : 'Show all'}</span>
      </button>
    </section>
  );
}
