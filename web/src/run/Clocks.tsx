import { clock } from '../measure/format';
import { useFormat } from '../measure/settings';
import { type Hand, left } from './useRun';

/** Whose it is: the job where several are under way, and the piece. */
export function whose(hand: Hand, severalJobs: boolean): string {
  const piece = hand.piece === null ? 'all pieces' : hand.pieces === 1 ? 'the piece' : `piece ${hand.piece}`;
  return severalJobs ? `${piece}, ${hand.name}` : piece;
}

export const tone = (hand: Hand, over: boolean) =>
  over || ['heat', 'prepress', 'tack', 'fuse'].includes(hand.step.kind)
    ? 'text-hot'
    : hand.step.kind === 'cool'
      ? 'text-cold'
      : 'text-wait';

/** All other clocks that run, and what else hands could turn to; a tap brings one to the front. */
export function Clocks({
  hands,
  front,
  severalJobs,
  onPick,
}: {
  hands: Hand[];
  front: Hand;
  severalJobs: boolean;
  onPick: (hand: Hand) => void;
}) {
  const format = useFormat();
  const others = hands.filter((hand) => hand.run !== front.run || hand.position !== front.position);
  const clocks = others.filter((hand) => hand.since !== null);
  const open = others.filter((hand) => hand.since === null);
  if (others.length === 0) {
    return null;
  }
  return (
    <section aria-label="Other clocks and pieces" className="mb-4 border-b border-rule pb-3">
      {clocks.map((hand) => {
        const seconds = left(hand) ?? 0;
        const over = seconds <= 0;
        return (
          <button
            key={`${hand.run} ${hand.position}`}
            type="button"
            onClick={() => onPick(hand)}
            className={`mb-2 grid min-h-16 w-full grid-cols-[1fr_auto] items-center gap-x-3 border-2 px-3 py-1 text-left hover:bg-shade ${over ? 'border-hot bg-hotfill' : 'border-rule'}`}
          >
            <span className="min-w-0">
              <b className="block truncate">{whose(hand, severalJobs)}</b>
              <span className="block truncate text-sm text-soft">
                {!hand.running ? 'paused: ' : over ? 'now: ' : ''}
                {format.phrase(hand.step.title)}
              </span>
            </span>
            <b className={`text-3xl tabular-nums ${tone(hand, over)}`}>
              {over && '+'}
              {clock(Math.abs(seconds))}
            </b>
          </button>
        );
      })}
      {open.length > 0 && (
        <p className="text-base">
          <span className="text-soft">Could be next (N): </span>
          {open.slice(0, 3).map((hand, n) => (
            <span key={`${hand.run} ${hand.position}`}>
              {n > 0 && ', '}
              <button type="button" className="link min-h-8" onClick={() => onPick(hand)}>
                {whose(hand, severalJobs)}
              </button>
            </span>
          ))}
          {open.length > 3 && <span className="text-soft"> and {open.length - 3} more</span>}
        </p>
      )}
    </section>
  );
}
