import type { Schemas } from '../api/client';

type Stage = Schemas['JobStage'];

const state = ({ count, of }: Stage) => (count >= of ? 'done' : count > 0 ? 'part' : 'open');

/** How far a job is, stage by stage, as it was read from what happened. */
export function Stages({ stages }: { stages: Stage[] }) {
  return (
    <ol aria-label="How far it is" className="flex flex-wrap gap-y-1 text-sm">
      {stages.map((stage, n) => {
        const far = state(stage);
        const part = stage.of > 1 && far !== 'done' && stage.count > 0 ? ` ${stage.count}/${stage.of}` : '';
        return (
          <li key={stage.id} className="flex items-center whitespace-nowrap">
            {n > 0 && <span aria-hidden className={`mx-1 h-px w-2 ${far === 'open' ? 'bg-line' : 'bg-done'}`} />}
            <span
              aria-hidden
              className={`mr-1 inline-block size-2.5 border ${far === 'done' ? 'border-done bg-done' : far === 'part' ? 'border-wait bg-wait' : 'border-line'}`}
            />
            <span className={far === 'done' ? 'text-done' : far === 'part' ? 'font-semibold' : 'text-soft'}>
              {stage.label}
              {part}
              <span className="sr-only">{far === 'done' ? ', done' : far === 'open' ? ', not yet' : ''}</span>
            </span>
          </li>
        );
      })}
    </ol>
  );
}
