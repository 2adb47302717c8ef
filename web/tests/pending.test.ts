import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import type { Schemas } from '../src/api/client';

type Hand = Schemas['HandView'];
type Store = typeof import('../src/run/pending');

const NAME = 'wubbin.presses';
const AT = Date.parse('2026-09-23T08:00:00Z');

beforeEach(() => {
  localStorage.clear();
  vi.resetModules();
});
afterEach(() => {
  vi.useRealTimers();
});

const opened = (): Promise<Store> => import('../src/run/pending');
const press = (id: string, type: string, position = 0, more: Record<string, unknown> = {}) => ({
  run: 'r',
  body: { id, position, type, ...more } as unknown as Schemas['Press'],
  at: AT,
});
const hand = (position: number, more: Partial<Hand> = {}): Hand =>
  ({
    run: 'r',
    position,
    judging: false,
    since: null,
    before: 0,
    running: false,
    seconds: 60,
    questions: ['hot?'],
    ...more,
  }) as Hand;

describe('presses that are not stored', () => {
  test('outlive the page', async () => {
    (await opened()).keepPending([press('a', 'done'), press('b', 'done', 1)]);
    vi.resetModules();
    expect((await opened()).pending().map(({ body }) => body.id)).toEqual(['a', 'b']);
  });

  test('leave nothing behind once they are stored', async () => {
    const store = await opened();
    store.keepPending([press('a', 'done')]);
    store.keepPending([]);
    expect(localStorage.getItem(NAME)).toBeNull();
  });

  test('are none where what is kept cannot be read', async () => {
    localStorage.setItem(NAME, '[{"run":');
    expect((await opened()).pending()).toEqual([]);
  });

  test('are kept as long as the page is open where the browser keeps nothing', async () => {
    const store = await opened();
    const full = vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError');
    });
    store.keepPending([press('a', 'done')]);
    expect(store.pending()).toHaveLength(1);
    full.mockRestore();
  });
});

describe('what is at hand meanwhile', () => {
  const cases: [string, ReturnType<typeof press>, Hand[], Partial<Hand>[]][] = [
    ['answers have been given', press('a', 'checked'), [hand(0)], [{ questions: [] }]],
    ['a clock runs from when it was started', press('a', 'started'), [hand(0)], [{ running: true }]],
    ['seconds more are on the clock', press('a', 'again', 0, { seconds: 15 }), [hand(0)], [{ seconds: 75 }]],
    ['a step that is done is gone', press('a', 'done'), [hand(0), hand(1)], [{ position: 1 }]],
    ['one that is left out is gone', press('a', 'skipped'), [hand(0), hand(1)], [{ position: 1 }]],
    ['a look that found it ready ends the step', press('a', 'peeked', 0, { ready: true }), [hand(0)], []],
    ['one that did not, does not', press('a', 'peeked', 0, { ready: false }), [hand(0)], [{ position: 0 }]],
    [
      'of a step and its judgement only the judgement is given',
      press('a', 'judged'),
      [hand(0), hand(0, { judging: true })],
      [{ judging: false }],
    ],
    ['what is undone is told by the server', press('a', 'undone'), [hand(0)], [{ position: 0 }]],
  ];
  test.each(cases)('%s', async (_, one, hands, wanted) => {
    const { shown } = await opened();
    const seen = shown(hands, [one]);
    expect(seen).toHaveLength(wanted.length);
    wanted.forEach((part, n) => {
      expect(seen[n]).toMatchObject(part);
    });
  });

  test('nothing of another session is touched', async () => {
    const { shown } = await opened();
    expect(shown([hand(0, { run: 'other' })], [press('a', 'done')])).toHaveLength(1);
  });

  test('a break keeps what has gone by, and going on begins from there', async () => {
    vi.useFakeTimers({ now: AT });
    const { shown } = await opened();
    const running = hand(0, { running: true, since: new Date(AT - 20_000).toISOString(), before: 5 });
    const [paused] = shown([running], [press('a', 'paused')]);
    expect(paused).toMatchObject({ running: false });
    expect(paused?.before).toBeCloseTo(25, 1);
    const [on] = shown([running], [press('a', 'paused'), press('b', 'resumed')]);
    expect(on).toMatchObject({ running: true, before: paused?.before });
  });
});
