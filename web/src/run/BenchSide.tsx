import type { RunView } from '../api/client';
import { DeviceReadings } from '../heat/Device';
import { useFormat } from '../measure/settings';
import { IronPlaces, placesTitle } from '../stack/StackSection';
import { silentBy } from './beep';
import { Clocks, numbers } from './Clocks';
import type { Hand } from './useRun';

/** Beside the step: other clocks, what to take care of, where the plate goes, how it should look, and what follows. */
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
  const part = run.plan.transfers[step.transfer ?? 0];
  const picture = part?.artwork == null ? undefined : `/api/artwork/${part.artwork}/preview`;
  const quiet = silentBy();
  return (
    <aside className="overflow-auto border-rule px-5 py-4 max-md:border-t md:border-l">
      <Clocks hands={hands} front={front} severalJobs={severalJobs} onPick={onPick} />
      <DeviceReadings />
      {step.kind === 'print' && <SheetsFor hand={front} />}
      {step.cautions.map((caution) => (
        <p key={caution} className="mb-2 font-semibold text-hot">
          {caution}
        </p>
      ))}
      {(step.kind === 'heat' || step.kind === 'prepress' || step.kind === 'place' || step.kind === 'ready') &&
        part !== undefined &&
        part.coverage !== null && (
          <>
            <h2 className="text-lg">{placesTitle(part.heat)}</h2>
            <IronPlaces plan={part} current={step.kind === 'heat' ? (step.area ?? 99) : undefined} />
          </>
        )}
      {(step.kind === 'print' ||
        step.kind === 'look' ||
        step.kind === 'cut' ||
        step.kind === 'peel' ||
        step.kind === 'compare') &&
        part !== undefined &&
        picture !== undefined && (
          <>
            <h2 className="text-lg">
              {step.kind === 'peel' || step.kind === 'compare'
                ? 'How it should look'
                : 'How it should look on the sheet'}
            </h2>
            <img
              src={picture}
              alt={
                part.stack.mirrored && step.kind !== 'peel' && step.kind !== 'compare'
                  ? 'The picture, mirrored'
                  : 'The picture'
              }
              className={`mt-2 max-h-64 max-w-full bg-white p-2 ${part.stack.mirrored && step.kind !== 'peel' && step.kind !== 'compare' ? '-scale-x-100' : ''}`}
            />
          </>
        )}
      <ol className="mt-4 text-base">
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
      {quiet !== '' && <p className="mt-4 text-sm text-soft">{quiet}</p>}
    </aside>
  );
}

/** Which sheet is printed for which pieces. */
function SheetsFor({ hand }: { hand: Hand }) {
  return hand.sheets.length === 0 || hand.pieces === 1 ? null : (
    <section aria-label="Which sheet is for which pieces" className="mb-4">
      <h2 className="text-lg">Which sheet is for which pieces</h2>
      <ol className="text-base">
        {hand.sheets.map((pieces, n) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: sheets are told apart by their number alone
          <li key={n} className="flex justify-between gap-3 border-t border-rule py-1">
            <span>Sheet {n + 1}</span>
            <b>{pieces.length === 1 ? `piece ${pieces[0]}` : `pieces ${numbers(pieces)}`}</b>
          </li>
        ))}
      </ol>
    </section>
  );
}
