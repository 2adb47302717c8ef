import type { RunView } from '../api/client';
import type { Hand, Pressed } from './useRun';

export type Asking = 'peek' | 'again' | 'skip' | 'wrong';

/** Something that can be done at the bench now: by a key, and by a button of the footer where it has a word. */
interface Act {
  /** As the browser names them, the one that stands on the button first. */
  keys: readonly string[];
  word?: string;
  /** Also while something is asked or judged. */
  always?: boolean;
  act: () => void;
}

const UNDONE: Partial<Record<string, string>> = {
  checked: 'the answers',
  started: 'the start',
  paused: 'the break',
  resumed: 'going on',
  peeked: 'the look',
  again: 'the seconds more',
  done: 'the step',
  skipped: 'leaving it out',
  judged: 'the judgement',
};

/** All that can be done with the one in front; the big button does the first of them. */
export function benchActs({
  run,
  front,
  hands,
  main,
  turn,
  ask,
  press,
}: {
  run: RunView;
  front: Hand;
  hands: Hand[];
  main: () => void;
  turn: (by: number) => void;
  ask: (what: Asking) => void;
  press: (what: Pressed) => void;
}): Act[] {
  const { position, since, running, judging } = front;
  const acts: (Act | false)[] = [
    { keys: [' '], act: main },
    front.heats && since !== null && { keys: ['p'], word: 'Look under a corner', act: () => ask('peek') },
    front.again !== null && { keys: ['a'], word: 'A little more', act: () => ask('again') },
    since !== null && {
      keys: ['b'],
      word: running ? 'Pause' : 'Go on',
      act: () => press({ position, type: running ? 'paused' : 'resumed' }),
    },
    !judging && { keys: ['s'], word: 'Leave out', act: () => ask('skip') },
    { keys: ['n', 'arrowright'], ...(hands.length > 1 && { word: 'Another' }), act: () => turn(1) },
    { keys: ['arrowleft'], act: () => turn(-1) },
    front.piece !== null && { keys: ['w'], word: 'It went wrong', act: () => ask('wrong') },
    run.last !== null && {
      keys: ['u'],
      word: `Undo ${UNDONE[run.last.type] ?? ''}`,
      always: true,
      act: () => press({ position: run.last?.position ?? 0, type: 'undone', undoes: run.last?.press ?? null }),
    },
  ];
  return acts.filter((one) => one !== false);
}
