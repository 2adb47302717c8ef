import { useState } from 'react';
import { useParams, useSearchParams } from 'react-router';
import type { RunView } from '../api/client';
import { Waiting } from '../parts/Notice';
import { Bench } from './Bench';
import { AllDone, Kept } from './BenchEnd';
import { same } from './Clocks';
import { shown, useAway, usePending } from './pending';
import { type Hand, useBoard, usePresses, useRunView } from './useRun';

/** The bench: one session, or all that are under way. The one that needs hands next stands in front. */
export function BenchPage() {
  const { id = '' } = useParams();
  const all = id === 'all';
  const board = useBoard();
  const own = useRunView(all ? undefined : id);
  const [picked, setPicked] = useState<Hand>();
  // Who comes from a label looks at that piece, until something is pressed.
  const [from, setFrom] = useSearchParams();
  const labelled = Number(from.get('piece') ?? 0);
  const pick = (hand: Hand | undefined) => {
    setPicked(hand);
    setFrom({}, { replace: true });
  };
  // Only while nobody answers is what was pressed taken for done: otherwise a second tap would hit what comes next.
  const waiting = usePending();
  const kept = useAway() ? waiting : [];
  const hands = shown(all ? (board.data?.hands ?? []) : (own.data?.hands ?? []), kept);
  const elsewhere = all ? [] : (board.data?.hands ?? []).filter((hand) => hand.run !== id && hand.since !== null);
  const everything = [...hands, ...elsewhere];
  const front =
    (picked !== undefined ? everything.find((hand) => same(hand, picked)) : undefined) ??
    hands.find((hand) => hand.together.includes(labelled) || hand.piece === labelled) ??
    hands[0];
  const other = useRunView(front !== undefined && (all || front.run !== id) ? front.run : undefined);
  const run = front === undefined || front.run === id ? own.data : other.data;
  if ((all && board.data === undefined) || (!all && own.data === undefined)) {
    return <Waiting error={all ? board.error : own.error} />;
  }
  if (front === undefined) {
    return kept[0] !== undefined ? <Kept run={kept[0].run} /> : <AllDone run={own.data} />;
  }
  if (run === undefined) {
    return <Waiting error={other.error} />;
  }
  return <Pressing key={run.id} run={run} front={front} hands={everything} all={all} onPick={pick} />;
}

/** A session whose presses are stored. */
function Pressing(bench: {
  run: RunView;
  front: Hand;
  hands: Hand[];
  all: boolean;
  onPick: (hand: Hand | undefined) => void;
}) {
  return <Bench {...bench} presses={usePresses(bench.run.id)} />;
}
