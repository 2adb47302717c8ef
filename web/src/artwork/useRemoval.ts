import { useRef, useState } from 'react';
import { api, type ChangeJob, done, problemOf, type Schemas, type Task } from '../api/client';

/** Takes the background of a picture away and puts what is left in its place; told how far it is, and what is wrong. */
export function useRemoval(sha256: string, change: ChangeJob) {
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string>();
  const [task, setTask] = useState<Task>();
  const asked = useRef<AbortController>(null);

  /** @param onMade before what is left is shown */
  async function remove(wish: Schemas['BackgroundWish'], onMade?: () => void) {
    setBusy(true);
    setProblem(undefined);
    setTask(undefined);
    const abort = new AbortController();
    asked.current = abort;
    try {
      const made = await done<Schemas['ArtworkView']>(
        api.POST('/api/artwork/{sha256}/without-background', { params: { path: { sha256 } }, body: wish }),
        setTask,
        abort.signal,
      );
      onMade?.();
      await change({ artwork: made.sha256 });
      return true;
    } catch (e) {
      if (!abort.signal.aborted) {
        const { errors, message } = problemOf(e);
        setProblem(errors.strokes ?? errors.tolerance ?? message);
      }
      setBusy(false);
      return false;
    }
  }

  return {
    busy,
    problem,
    remove,
    cancel: () => asked.current?.abort(),
    /** What its button says. */
    says: !busy
      ? 'Remove the violet part'
      : task === undefined
        ? 'Removing it …'
        : `${task.doing}, ${Math.round(task.share * 100)} %`,
  };
}
