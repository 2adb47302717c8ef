import { act, renderHook, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { around, held, server } from './server';

type Bench = typeof import('../src/run/useRun');

beforeEach(() => {
  localStorage.clear();
  vi.resetModules();
});
afterEach(() => vi.useRealTimers());

const view = { hands: [], now: '2026-09-23T08:00:00Z' };

/** The bench's presses as a screen has them, and those that the server was sent. */
async function bench(
  answer: (id: string, n: number) => Parameters<typeof server>[0] extends (...a: never) => infer R ? R : never,
) {
  const { usePresses }: Bench = await import('../src/run/useRun');
  const store = await import('../src/run/pending');
  const sent: Record<string, unknown>[] = [];
  server(({ method, body }) => {
    if (method !== 'POST') {
      return { body: view };
    }
    sent.push(body as Record<string, unknown>);
    return answer((body as { id: string }).id, sent.length - 1);
  });
  const { result } = renderHook(() => usePresses('r'), { wrapper: around().wrapper });
  return { sent, presses: () => result.current, waiting: () => store.pending().map(({ body }) => body.position) };
}

describe('presses at the bench', () => {
  test('are sent one after another, each once', async () => {
    const first = held<object>();
    const { sent, presses, waiting } = await bench((_, n) => (n === 0 ? first.coming : { body: view }));
    act(() => {
      presses().press({ position: 0, type: 'done' } as never);
      presses().press({ position: 1, type: 'done' } as never);
    });
    await waitFor(() => expect(sent).toHaveLength(1));
    expect(waiting()).toEqual([0, 1]);
    await act(async () => first.give({ body: view }));
    await waitFor(() => expect(waiting()).toEqual([]));
    expect(sent.map(({ position }) => position)).toEqual([0, 1]);
    expect(new Set(sent.map(({ id }) => id)).size).toBe(2);
  });

  test.each([['away' as const], [{ status: 500, body: { title: 'broken' } }]])(
    'are kept while the server does not take them: %o',
    async (reply) => {
      const { presses, waiting } = await bench(() => reply);
      await act(() => presses().press({ position: 0, type: 'done' } as never));
      expect(waiting()).toEqual([0]);
      await act(() => presses().press({ position: 1, type: 'done' } as never));
      expect(waiting()).toEqual([0, 1]);
      expect(presses()).toMatchObject({ unsent: true, waiting: 2, busy: false });
    },
  );

  test('are sent again in their order, with the ids they had, and how long ago it was', async () => {
    vi.useFakeTimers({ shouldAdvanceTime: true });
    let away = true;
    const { sent, presses, waiting } = await bench(() => (away ? 'away' : { body: view }));
    await act(() => presses().press({ position: 0, type: 'done' } as never));
    await act(() => presses().press({ position: 1, type: 'done' } as never));
    const [id] = sent.map((one) => one.id);
    away = false;
    await act(() => vi.advanceTimersByTimeAsync(9000));
    await waitFor(() => expect(waiting()).toEqual([]));
    const stored = sent.slice(-2);
    expect(stored.map(({ position }) => position)).toEqual([0, 1]);
    expect(stored[0]?.id).toBe(id);
    expect(stored[0]?.ago_s).toBeGreaterThanOrEqual(2);
    expect(presses().unsent).toBe(false);
  });

  test('one that is refused is not sent again, and what comes after it is', async () => {
    const { sent, presses, waiting } = await bench((_, n) =>
      n === 0 ? { status: 409, body: { title: 'Another screen was quicker.' } } : { body: view },
    );
    let stored: boolean | undefined;
    await act(async () => {
      stored = await presses().press({ position: 0, type: 'done' } as never);
    });
    expect(stored).toBe(false);
    expect(waiting()).toEqual([]);
    expect(presses().trouble?.status).toBe(409);
    await act(() => presses().press({ position: 1, type: 'done' } as never));
    expect(sent).toHaveLength(2);
    expect(presses().trouble).toBeUndefined();
  });

  test('what the server has never heard of is undone without it', async () => {
    const { sent, presses, waiting } = await bench(() => 'away');
    await act(() => presses().press({ position: 0, type: 'done' } as never));
    await act(() => presses().press({ position: 1, type: 'done' } as never));
    const before = sent.length;
    await act(() => presses().press({ position: 1, type: 'undone' } as never));
    expect(waiting()).toEqual([0]);
    expect(sent).toHaveLength(before);
  });
});

describe('a clock', () => {
  test.each([
    ['that was not started has no end', { since: null, before: 0, running: false, seconds: 30 }, null],
    ['that is paused stands', { since: '2026-01-01T00:00:00Z', before: 12, running: false, seconds: 30 }, 18],
  ])('%s', async (_, hand, wanted) => {
    const { left }: Bench = await import('../src/run/useRun');
    expect(left(hand)).toBe(wanted);
  });

  test('runs by the server’s clock, and on past zero', async () => {
    vi.useFakeTimers();
    const { left }: Bench = await import('../src/run/useRun');
    const { learn } = await import('../src/api/clock');
    learn({ now: '2026-09-23T08:01:00Z' });
    const hand = { since: '2026-09-23T08:00:00Z', before: 5, running: true, seconds: 30 };
    expect(left(hand)).toBeCloseTo(-35, 6);
    vi.useRealTimers();
  });
});
