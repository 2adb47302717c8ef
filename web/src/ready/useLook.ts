import { useEffect, useState } from 'react';
import { api, got, problemOf, type Schemas } from '../api/client';
import type { Step } from './steps';

/** How the picture looks with these steps; while one look is on its way, only the latest wish waits behind it. */
export function useLook(job: string, transfer: number, steps: Step[], enabled: boolean) {
  const [look, setLook] = useState<Schemas['ReadyLook']>();
  const [errors, setErrors] = useState<Record<string, string>>({});
  const [problem, setProblem] = useState<string>();
  const wish = JSON.stringify(steps);
  useEffect(() => {
    if (!enabled) {
      return;
    }
    let wanted = true;
    // A finger on a slider asks many times a second.
    const soon = setTimeout(async () => {
      try {
        const seen = await got(
          api.POST('/api/jobs/{id}/ready/look', {
            params: { path: { id: job } },
            body: { transfer, steps: JSON.parse(wish) },
          }),
        );
        if (wanted) {
          setLook(seen);
          setErrors({});
          setProblem(undefined);
        }
      } catch (e) {
        if (wanted) {
          const told = problemOf(e);
          setErrors(told.errors);
          setProblem(Object.keys(told.errors).some((field) => field.startsWith('steps.')) ? undefined : told.message);
        }
      }
    }, 60);
    return () => {
      wanted = false;
      clearTimeout(soon);
    };
  }, [job, transfer, wish, enabled]);
  return { look, errors, problem };
}
