import type { RunView } from '../api/client';
import { DeviceReadings } from '../heat/Device';
import { useFormat } from '../measure/settings';
import { BenchDrawing } from './BenchDrawing';
import { silentBy } from './beep';
import { Clocks, numbers } from './Clocks';
import type { Hand } from './useRun';

/** Beside the step: its drawing, what to take care of, other clocks, and what follows. */
export function BenchSide({
  run,
  front,
  hands,
  own,
  severalJobs,
  onPick,
}: {
  run: RunView;
  front: Hand;
  hands: Hand[];
  own: RunView['steps'];
  severalJobs: boolean;
  onPick: (hand: Hand) => void;
}) {
  const format = useFormat();
  const step = front.step;
  const quiet = silentBy();
  return (
    <aside className="border-rule px-5 py-3 max-lg:border-t lg:flex lg:min-h-0 lg:flex-col lg:overflow-auto lg:border-l">
      <BenchDrawing run={run} hand={front} />
      {step.cautions.map((caution) => (
        <p key={caution} className="mb-2 font-semibold text-hot">
          {caution}
        </p>
      ))}
      {step.kind === 'print' && <SheetsFor hand={front} names={run.names} />}
      <Clocks hands={hands} front={front} severalJobs={severalJobs} onPick={onPick} />
      <DeviceReadings />
      <details className="text-base">
        <summary className="font-bold">All steps</summary>
        <ol className="mt-1">
          {own.map((s, n) => {
            const title = run.plan.steps.find((p) => p.id === s.step)?.title;
            return (
              <li
                key={`${s.step} ${s.pieces[0]}`}
                aria-current={n === front.number - 1 ? 'step' : undefined}
                className={`border-t border-rule py-1 ${n === front.number - 1 ? 'font-bold' : 'text-soft'}`}
              >
                {n < front.number - 1 ? '✓ ' : n === front.number - 1 ? '▸ ' : ''}
                {title !== undefined && format.phrase(title)}
              </li>
            );
          })}
        </ol>
      </details>
      {quiet !== '' && <p className="mt-4 text-sm text-soft">{quiet}</p>}
    </aside>
  );
}

/** Which sheet is printed for which pieces. */
function SheetsFor({ hand, names }: { hand: Hand; names: RunView['names'] }) {
  return hand.sheets.length === 0 || hand.pieces === 1 ? null : (
    <section aria-label="Which sheet is for which pieces" className="mb-4">
      <h2 className="text-lg">Which sheet is for which pieces</h2>
      <ol className="text-base">
        {hand.sheets.map((pieces, n) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: sheets are told apart by their number alone
          <li key={n} className="flex justify-between gap-3 border-t border-rule py-1">
            <span>Sheet {n + 1}</span>
            <b className="text-right">
              {pieces.length === 1 ? `piece ${pieces[0]}` : `pieces ${numbers(pieces)}`}
              {pieces.length <= 12 &&
                pieces.map((piece) => (
                  <span key={piece} className="block font-normal">
                    {names[piece]}
                  </span>
                ))}
            </b>
          </li>
        ))}
      </ol>
    </section>
  );
}
