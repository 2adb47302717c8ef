import { act, renderHook, waitFor } from '@testing-library/react';
import { describe, expect, test } from 'vitest';
import { useJob } from '../src/job/useJob';
import { type Asked, around, held, server } from './server';

/** A server that keeps one job: its revision grows with each change, and another hand may change it too. */
function kept() {
  const job = { revision: 1, fields: {} as Record<string, string>, archived: false };
  const body = () => ({ revision: job.revision, job: {}, plan: {}, fields: { ...job.fields } });
  const reply = ({ method, body: sent }: Asked) => {
    if (method === 'PATCH') {
      const { revision, changes } = sent as { revision: number; changes: Record<string, string> };
      if (revision !== job.revision) {
        return { status: 409, body: { title: 'Changed.' } };
      }
      if (changes.width === 'wide') {
        return { status: 422, body: { title: 'No.', errors: { width: 'This is not a length.' } } };
      }
      Object.assign(job.fields, changes);
      job.revision += 1;
    }
    return { body: body() };
  };
  return { job, reply };
}

async function opened(reply: Parameters<typeof server>[0]) {
  const asked = server(reply);
  const { result } = renderHook(() => useJob('crew', 1), { wrapper: around().wrapper });
  await waitFor(() => expect(result.current.view).toBeDefined());
  return { asked, handle: () => result.current };
}

describe('a job on the screen', () => {
  test('goes from the revision that the last change gave, whatever is pressed meanwhile', async () => {
    const { job, reply } = kept();
    const first = held<void>();
    let n = 0;
    const { asked, handle } = await opened(async (one) => {
      if (one.method === 'PATCH' && n++ === 0) {
        await first.coming;
      }
      return reply(one);
    });
    let all: Promise<unknown> = Promise.resolve();
    act(() => {
      all = Promise.all([handle().change({ width: '10' }), handle().change({ height: '20' }, 0)]);
    });
    await act(async () => {
      first.give();
      await all;
    });
    expect(job.fields).toEqual({ width: '10', height: '20' });
    expect(asked.filter(({ method }) => method === 'PATCH').map(({ body }) => body)).toEqual([
      { revision: 1, changes: { width: '10' }, transfer: 1 },
      { revision: 2, changes: { height: '20' }, transfer: 0 },
    ]);
  });

  test('tells what is wrong at its field, and keeps what was there', async () => {
    const { job, reply } = kept();
    const { handle } = await opened(reply);
    let errors: Record<string, string> = {};
    await act(async () => {
      errors = await handle().change({ width: 'wide' });
    });
    expect(errors).toEqual({ width: 'This is not a length.' });
    expect(job.revision).toBe(1);
    expect(handle().clash).toBeUndefined();
  });

  test('keeps changes that met another’s until the person has decided: mine', async () => {
    const { job, reply } = kept();
    const { handle } = await opened(reply);
    job.revision = 5;
    job.fields.finish = 'gloss';
    await act(() => handle().change({ width: '10' }));
    await act(() => handle().change({ height: '20' }));
    expect(handle().clash).toEqual({ width: '10', height: '20' });
    await act(() => handle().settle(true));
    expect(job.fields).toEqual({ finish: 'gloss', width: '10', height: '20' });
    expect(handle().clash).toBeUndefined();
  });

  test('or theirs', async () => {
    const { job, reply } = kept();
    const { handle } = await opened(reply);
    job.revision = 5;
    await act(() => handle().change({ width: '10' }));
    await act(() => handle().settle(false));
    expect(job.fields).toEqual({});
    expect(handle().view?.revision).toBe(5);
  });

  test('says that the server is away, and forgets it once it is there', async () => {
    const { reply } = kept();
    let away = true;
    const { handle } = await opened((one) => (one.method === 'PATCH' && away ? 'away' : reply(one)));
    await act(() => handle().change({ width: '10' }));
    expect(handle().trouble).toBeDefined();
    away = false;
    await act(() => handle().change({ width: '10' }));
    expect(handle().trouble).toBeUndefined();
  });
});
