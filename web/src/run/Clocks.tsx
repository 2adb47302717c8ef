import { clock } from '../measure/format';
import { useFormat } from '../measure/settings';
import { type Hand, left } from './useRun';

/** Numbers that follow each other as one stretch: 1–4, 7. */
export function numbers(pieces: number[]): string {
  const stretches: [number, number][] = [];
  for (const piece of pieces) {
    const last = stretches.at(-1);
    if (last !== undefined && piece === last[1] + 1) {
      last[1] = piece;
    } else {
      stretches.push([piece, piece]);
    }
  }
  return stretches.map(([from, to]) => (from === to ? `${from}` : `${from}–${to}`)).join(', ');
}

const ON_SHEETS: ReadonlySet<Hand['step']['kind']> = new Set(['flatten', 'carrier', 'print', 'look', 'dry']);

/** What tells the pieces in hands from others, where there are few of them. */
const namesOf = (hand: Hand) => (hand.who.length === 0 || hand.who.length > 3 ? '' : `: ${hand.who.join('; ')}`);

/** The same among all of its session: “piece 2 of 12: Rowan”. */
export function inHandOf(hand: Hand): string {
  const who = namesOf(hand);
  return hand.piece === null || hand.pieces === 1
    ? `${inHand(hand)}${hand.piece === null && hand.pieces > 1 ? `, ${hand.pieces} pieces` : ''}`
    : `${inHand(hand).slice(0, inHand(hand).length - who.length)} of ${hand.pieces}${who}`;
}

/** What is in hands: sheets and whom they are for, some pieces, or one. */
export function inHand(hand: Hand): string {
  if (hand.piece === null) {
    if (!ON_SHEETS.has(hand.step.kind)) {
      return 'all pieces';
    }
    const sheets = hand.count === 1 ? '1 sheet' : `${hand.count} sheets`;
    return hand.together.length === hand.pieces ? sheets : `${sheets} for pieces ${numbers(hand.together)}`;
  }
  const who = namesOf(hand);
  if (hand.pieces === 1) {
    return `the piece${who}`;
  }
  return `${hand.judging || hand.together.length < 2 ? `piece ${hand.piece}` : `pieces ${numbers(hand.together)}`}${who}`;
}

/** Whose it is: the job where several are under way, and what of it. */
export function whose(hand: Hand, severalJobs: boolean): string {
  return severalJobs ? `${inHand(hand)}, ${hand.name}` : inHand(hand);
}

/** The same work, however it has come on since. */
export const same = (one: Hand, other: Hand) =>
  one.run === other.run &&
  one.position === other.position &&
  one.judging === other.judging &&
  one.piece === other.piece;

const keyOf = (hand: Hand) => `${hand.run} ${hand.position} ${hand.judging ? hand.piece : ''}`;

/** What would be done, in a word. */
const KIND: Partial<Record<Hand['step']['kind'], string>> = {
  carrier: 'make the carrier for',
  look: 'check the print for',
  ready: 'prepare',
  place: 'lay the sheet on',
  tack: 'fix the sheet on',
  burnish: 'rub',
  film: 'wipe',
  fuse: 'warm',
  prepress: 'press flat',
  'touch-up': 'touch up',
  compare: 'look at',
  off: 'switch off',
};

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
  const others = hands.filter((hand) => !same(hand, front));
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
            key={keyOf(hand)}
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
        <div className="text-base">
          <p className="text-soft">You could also do (N):</p>
          <ul>
            {open.slice(0, 3).map((hand) => (
              <li key={keyOf(hand)}>
                <button
                  type="button"
                  className="link block min-h-8 max-w-full truncate text-left"
                  onClick={() => onPick(hand)}
                >
                  {KIND[hand.step.kind] ?? hand.step.kind} {whose(hand, severalJobs)}
                  {hand.held !== null && ': not while heat is on'}
                </button>
              </li>
            ))}
          </ul>
          {open.length > 3 && <p className="text-soft">and {open.length - 3} more</p>}
        </div>
      )}
    </section>
  );
}
