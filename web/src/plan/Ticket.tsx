import { useState } from 'react';
import type { Decision, JobView, Part } from '../api/client';
import { useHeat } from '../heat/HeatStage';
import type { JobHandle } from '../job/useJob';
import { useFormat } from '../measure/settings';
import { EDITORS, FigureEditor } from './editors';

const BY = {
  person: { sign: '●', label: 'your choice', tone: '' },
  house: { sign: '⌂', label: 'a rule of your house', tone: '' },
  wubbin: { sign: '○', label: 'worked out by Wubbin', tone: '' },
  nobody: { sign: '◆', label: 'still to decide', tone: 'text-wait' },
} as const;

function Line({ decision, view, handle }: { decision: Decision; view: Part; handle: JobHandle }) {
  const format = useFormat();
  const [open, setOpen] = useState(false);
  const by = BY[decision.by];
  const Editor = EDITORS[decision.id];
  const stopped = view.plan.checks.some(
    (c) => c.field === decision.id && (c.severity === 'stop' || c.severity === 'impossible'),
  );
  return (
    <li data-line={decision.id} className={`border-t border-rule ${open ? 'bg-shade' : ''}`}>
      <button
        type="button"
        aria-expanded={open}
        onClick={() => setOpen(!open)}
        className="grid w-full grid-cols-[1.1rem_6.2rem_1fr] items-baseline px-5 py-1.5 text-left hover:bg-shade"
      >
        <span
          className={stopped ? 'text-hot' : by.tone}
          role="img"
          aria-label={stopped ? 'a check has found something' : by.label}
        >
          {stopped ? '✕' : by.sign}
        </span>
        <span className="text-soft">{decision.what}</span>
        <span>
          <span className={`block font-bold ${stopped ? 'text-hot' : by.tone}`}>{format.phrase(decision.value)}</span>
          <span className="block text-[13px] leading-snug text-soft">{format.phrase(decision.because)}</span>
          {decision.id === 'time' && <OutsideWindow view={view} />}
        </span>
      </button>
      {open && (
        <div className="pr-5 pb-3 pl-[8.55rem]">
          {decision.alternatives.length > 0 && (
            <ul className="grid gap-1.5">
              {decision.alternatives.map((alternative) => (
                <li key={alternative.label}>
                  <button
                    type="button"
                    aria-pressed={alternative.selected}
                    className={`key w-full justify-start text-left ${alternative.selected ? 'key-on' : ''}`}
                    onClick={() => alternative.selected || handle.change(alternative.changes)}
                  >
                    {alternative.label}
                  </button>
                  {alternative.because !== null && !alternative.selected && (
                    <p className="mt-0.5 text-sm text-soft">{format.phrase(alternative.because)}</p>
                  )}
                </li>
              ))}
            </ul>
          )}
          {Editor !== undefined && <Editor view={view} handle={handle} />}
          {decision.figure !== null && <FigureEditor figure={decision.figure} view={view} handle={handle} />}
          <p className="mt-2 text-sm text-soft">
            Source: {decision.provenance.label}
            {decision.provenance.source !== null && ` (${decision.provenance.source})`}. Rule {decision.rule}.
          </p>
        </div>
      )}
    </li>
  );
}

/** The computed window, where the plan's time lies outside it; the ticket does not wait for it. */
function OutsideWindow({ view }: { view: Part }) {
  const format = useFormat();
  const { data } = useHeat(view);
  if (data?.inside !== false || data.window?.earliest_s == null || data.recipe_s == null) {
    return null;
  }
  const { earliest_s: from, latest_s: to } = data.window;
  return (
    <span className="block text-[13px] leading-snug text-wait">
      ◆ Computed: {format.about(from)} {to === null ? 'or longer' : `to ${format.about(to)}`}; the plan’s{' '}
      {format.duration(data.recipe_s)} lie outside, and stay.
    </span>
  );
}

/** Lines that say what is wanted: they are always in sight. */
const WANTED = ['blank', 'quantity', 'route', 'picture', 'place'];

/** Lines that matter besides for what is done next. */
const NOW: Record<JobView['next']['does'], string[]> = {
  picture: [],
  settle: [],
  sheet: ['mirrored', 'marking', 'medium', 'tiling', 'loading'],
  done: [],
  bench: ['base', 'guard', 'cover', 'heat', 'time', 'finish'],
};

/** How a person left the ticket, on all jobs of this browser. */
const FOLDED = 'wubbin-ticket';

/** The job's decisions in the order of work; each line opens in place. What does not matter now is folded away. */
export function Ticket({ view, handle, next }: { view: Part; handle: JobHandle; next: JobView['next'] }) {
  const [whole, setWhole] = useState(() => localStorage.getItem(FOLDED) === 'whole');
  const { decisions, checks } = view.plan;
  const asked = new Set(checks.filter((check) => check.blocks).map((check) => check.field));
  const shown = whole
    ? decisions
    : decisions.filter(
        ({ id, by }) => WANTED.includes(id) || NOW[next.does].includes(id) || by === 'nobody' || asked.has(id),
      );
  const fold = (to: boolean) => {
    localStorage.setItem(FOLDED, to ? 'whole' : 'folded');
    setWhole(to);
  };
  return (
    <>
      <ul className="border-b border-rule">
        {shown.map((decision) => (
          <Line key={decision.id} decision={decision} view={view} handle={handle} />
        ))}
      </ul>
      <button
        type="button"
        className="w-full border-b border-rule px-5 py-1.5 text-left text-soft hover:bg-shade hover:text-ink"
        aria-expanded={whole}
        onClick={() => fold(!whole)}
      >
        {whole ? <>▴ Only the lines that matter now</> : <>▾ All {decisions.length} lines</>}
      </button>
      {view.plan.cautions.map((caution) => (
        <p key={caution} className="px-5 pt-3 text-sm">
          <b className="text-hot">Take care:</b> {caution}
        </p>
      ))}
    </>
  );
}
