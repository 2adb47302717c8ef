import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useState } from 'react';
import { api, got, type JobView, ProblemError, partOf, problemOf } from '../api/client';
import { keys, server } from '../api/queries';
import { useKeys } from '../parts/useKeys';

export type Changes = Record<string, string>;

/** How a field of the job would be typed to have the value that it has now. */
function typedAs(view: JobView, at: number, field: string): Changes {
  const { job, whole, transfer } = partOf(view, at);
  const { placement, choices, overrides } = transfer;
  const { blank } = job;
  const shares = whole.shares.map((s) => `${s.quantity} ${s.label}`).join(', ');
  const [family = '', name = ''] = field.split(/\.(.*)/);
  const place = {
    [placement.by]: `${placement.side_mm} mm`,
    right: `${placement.right_mm} mm`,
    below: `${placement.below_mm} mm`,
  };
  switch (family) {
    case 'width':
    case 'height':
      return { [placement.by]: `${placement.side_mm} mm` };
    case 'right':
    case 'below':
      return { [family]: place[family] ?? '' };
    case 'kind':
      // What a change of kind has taken along comes back with it.
      return {
        kind: blank.kind,
        size: blank.size,
        material: blank.material,
        condition: blank.condition,
        ...place,
        ...(job.transfers.length > 1 && { transfers: JSON.stringify(job.transfers) }),
      };
    case 'size':
    case 'material':
    case 'colour':
    case 'condition':
      return { [family]: blank[family] };
    case 'pattern':
    case 'pattern_colour':
    case 'repeat':
      return blank.pattern == null
        ? { pattern: '' }
        : {
            pattern: blank.pattern.kind,
            pattern_colour: blank.pattern.colour,
            repeat: `${blank.pattern.repeat_mm} mm`,
          };
    case 'align':
      return { right: place.right ?? '', below: place.below ?? '' };
    case 'route':
      return {
        route: transfer.route,
        ...choices.things,
        ...Object.fromEntries(
          Object.entries(choices.figures).map(([figure, value]) => [`figure.${figure}`, `${value}`]),
        ),
      };
    case 'artwork':
      return { artwork: transfer.artwork?.sha256 ?? '', ...place };
    case 'transfer':
      return { transfers: JSON.stringify(job.transfers) };
    case 'shows':
      return { shows: transfer.shows.join(' ') };
    case 'whole':
      return {
        whole: (transfer.whole ?? []).map((one) => `${one.x} ${one.y} ${one.width} ${one.height}`).join('; '),
      };
    case 'side':
    case 'finish':
      return { [family]: transfer[family] };
    case 'over':
      return { over: transfer.over ? 'yes' : 'no' };
    case 'school':
      return { [field]: choices.schools[name] ?? '' };
    case 'figure':
      return { [field]: choices.figures[name] === undefined ? '' : `${choices.figures[name]}` };
    case 'override':
      return { [field]: overrides.find((o) => o.check === name)?.reason ?? '' };
    case 'name':
    case 'note':
      return { [family]: job[family] };
    case 'due':
      return { due: job.due ?? '' };
    case 'quantity':
    case 'breakdown':
      return shares === '' ? { breakdown: '', quantity: String(job.quantity) } : { breakdown: shares };
    default:
      return { [field]: choices.things[field] ?? '' };
  }
}

/**
 * A job on the screen, with the picture on it that is at hand. Changes go to the server one after another, each from the
 * revision the last one gave; one that meets a change made elsewhere is kept until the person has decided.
 */
export function useJob(id: string, at = 0) {
  const queries = useQueryClient();
  const query = useQuery(server.job(id));
  const [undo, setUndo] = useState<{ changes: Changes; transfer: number }[]>([]);
  const [clash, setClash] = useState<{ changes: Changes; transfer: number }>();
  const [trouble, setTrouble] = useState<string>();

  const send = useCallback(
    async (changes: Changes, transfer: number, remember: boolean): Promise<Record<string, string>> => {
      const before = queries.getQueryData<JobView>(keys.job(id));
      if (before === undefined) {
        return {};
      }
      try {
        const after = await got(
          api.PATCH('/api/jobs/{id}', {
            params: { path: { id } },
            body: { revision: before.revision, changes, transfer },
          }),
        );
        queries.setQueryData(keys.job(id), after);
        setTrouble(undefined);
        if (remember) {
          const back = Object.assign({}, ...Object.keys(changes).map((field) => typedAs(before, transfer, field)));
          // The whole list is put back wherever the picture stood that was meant.
          setUndo((stack) => [...stack, { changes: back, transfer: 'transfers' in back ? 0 : transfer }]);
        }
        return {};
      } catch (e) {
        if (!(e instanceof ProblemError)) {
          throw e;
        }
        if (e.status === 409) {
          setClash((held) => ({ changes: { ...held?.changes, ...changes }, transfer }));
        } else if (e.status !== 422) {
          setTrouble(e.message);
        }
        return e.status === 422 ? e.errors : Object.fromEntries(Object.keys(changes).map((f) => [f, e.message]));
      }
    },
    [id, queries],
  );

  // One after another: each goes from the revision that the last one gave.
  const { mutateAsync } = useMutation({
    scope: { id: `job ${id}` },
    networkMode: 'always',
    mutationFn: (one: { changes: Changes; transfer: number; remember: boolean }) =>
      send(one.changes, one.transfer, one.remember),
  });

  /** Resolves with what is wrong, by field; with nothing where all is well. */
  const change = useCallback(
    (changes: Changes, transfer = at, remember = true) => mutateAsync({ changes, transfer, remember }),
    [mutateAsync, at],
  );

  const takeBack = useCallback(() => {
    const last = undo.at(-1);
    if (last !== undefined) {
      setUndo((stack) => stack.slice(0, -1));
      change(last.changes, last.transfer, false);
    }
  }, [undo, change]);

  useKeys(
    () => {
      takeBack();
      return true;
    },
    { control: 'z' },
  );

  /** After a clash: shows how the job stands now, with or without the change that was held back. */
  const settle = useCallback(
    async (mine: boolean) => {
      const held = clash;
      await queries.refetchQueries({ queryKey: keys.job(id) });
      setClash(undefined);
      setUndo([]);
      if (mine && held !== undefined) {
        await change(held.changes, held.transfer);
      }
    },
    [clash, change, id, queries],
  );

  const refresh = useCallback(() => queries.invalidateQueries({ queryKey: keys.job(id) }), [id, queries]);

  /** Takes the job off the list, or puts it back; what was made from it stays in the logbook. True when it is done. */
  const archive = useCallback(
    async (archived: boolean) => {
      const revision = queries.getQueryData<JobView>(keys.job(id))?.revision ?? 0;
      try {
        const after = await got(
          api.PATCH('/api/jobs/{id}', {
            params: { path: { id } },
            body: { revision, changes: {}, transfer: 0, archived },
          }),
        );
        queries.setQueryData(keys.job(id), after);
        return true;
      } catch (e) {
        setTrouble(problemOf(e).message);
        return false;
      }
    },
    [id, queries],
  );

  return {
    refresh,
    archive,
    view: query.data,
    error: query.error,
    change,
    takeBack,
    canTakeBack: undo.length > 0,
    clash: clash?.changes,
    settle,
    trouble,
  };
}

export type JobHandle = ReturnType<typeof useJob>;
