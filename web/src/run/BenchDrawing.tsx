import { useQuery } from '@tanstack/react-query';
import { useCallback } from 'react';
import type { RunView } from '../api/client';
import { server } from '../api/queries';
import { StepDrawing } from '../drawing/StepDrawing';
import { StackSection } from '../stack/StackSection';
import { type Hand, left } from './useRun';

/** The drawing of the step at hand; it follows the step's clock. */
export function BenchDrawing({ run, hand }: { run: RunView; hand: Hand }) {
  const drawings = useQuery(server.drawings(run.id));
  const drawing = drawings.data?.[hand.step.id];
  const { since, before, running, seconds, timed } = hand;
  const done = useCallback(() => {
    const rest = left({ since, before, running, seconds });
    return rest === null || seconds <= 0 ? 0 : 1 - rest / seconds;
  }, [since, before, running, seconds]);
  if (drawing === undefined) {
    // A session from before drawings were kept, whose job is another by now: what lies on what is in its plan.
    const part = run.plan.transfers[hand.step.transfer ?? 0];
    return drawings.data === undefined || part === undefined ? null : <StackSection plan={part} />;
  }
  return (
    <StepDrawing
      of={drawing}
      done={timed ? done : undefined}
      running={running}
      className="mb-3 max-h-[40vh] min-h-64 w-full lg:max-h-none lg:flex-1"
    />
  );
}
