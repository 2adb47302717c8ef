import { beforeEach, describe, expect, test, vi } from 'vitest';
import { groupOf, GROUPS as ROOMS } from '../src/app/rooms';
import { foldedAxis } from '../src/day/axis';
import { within } from '../src/help/words';
import { GROUPS, KINDS, kindOf } from '../src/ready/steps';
import { benchActs } from '../src/run/acts';

describe('steps that make a picture ready', () => {
  const look = {
    placed: { width_mm: 120, height_mm: 80 },
    scale: 2,
    lack_mm: 0,
    around_mm: null,
    faces: [{ id: 'bold', smallest_mm: 2.5 }],
  } as never;

  test('each kind is in one group, and each group has only kinds', () => {
    const grouped = GROUPS.flatMap(({ kinds }) => [...kinds]);
    expect([...grouped].sort()).toEqual(Object.keys(KINDS).sort());
    expect(new Set(grouped).size).toBe(grouped.length);
  });

  test.each(Object.entries(KINDS))('%s begins with a value for each of its fields', (_, kind) => {
    const start = kind.start(look) as Record<string, unknown>;
    for (const field of kind.fields) {
      expect(start).toHaveProperty(field.name);
      if (field.kind === 'range') {
        expect(start[field.name]).toBeGreaterThanOrEqual(field.from);
        expect(start[field.name]).toBeLessThanOrEqual(field.to);
      }
      if (field.kind === 'choice') {
        expect(field.options.map(({ id }) => id)).toContain(String(start[field.name] ?? ''));
      }
    }
  });

  test('what is added begins as wide as the picture is, in the steps’ own millimetres', () => {
    expect(KINDS.words?.start(look)).toMatchObject({ room_width_mm: 60, room_height_mm: 12, smallest_mm: 2.5 });
    expect(KINDS.repeat?.start(look)).toMatchObject({ across_mm: 66, down_mm: 44, closes: false });
    expect(KINDS.back?.start(look)).toMatchObject({ width_mm: 80, height_mm: 60 });
  });

  test('round a piece, a band is as long as the way round, and a pattern closes', () => {
    const round = { ...(look as object), around_mm: 257.6 } as never;
    expect(KINDS.band?.start(round)).toMatchObject({ length_mm: 257.6 });
    expect(KINDS.repeat?.start(round)).toMatchObject({ closes: true });
  });

  test('lines grow by what they lack', () => {
    expect(KINDS.fatten?.start({ ...(look as object), lack_mm: 0.34 } as never)).toEqual({ mm: 0.34 });
    expect(KINDS.fatten?.start(look)).toEqual({ mm: 0.2 });
  });

  test('room for a name is words without a text', () => {
    expect(kindOf({ do: 'words', text: null })).toBe(KINDS.own);
    expect(kindOf({ do: 'words', text: '' })).toBe(KINDS.words);
    expect(kindOf({ do: 'crop' })).toBe(KINDS.crop);
  });
});

describe('the axis of a day', () => {
  const hour = 3600;
  const axis = foldedAxis(
    [
      [8 * hour, 12 * hour],
      [13 * hour, 17 * hour],
    ],
    6 * hour,
    20 * hour,
    0,
    836,
  );

  test('hours at work are as long as they are, and all others a thin line', () => {
    expect(axis.spans.map(({ folded, wide }) => [folded, wide])).toEqual([
      [true, 12],
      [false, 400],
      [true, 12],
      [false, 400],
      [true, 12],
    ]);
  });

  test.each([8, 9.5, 12, 12.5, 13, 16.99, 17])('%f o’clock is found again where it is drawn', (at) => {
    expect(axis.t(axis.x(at * hour))).toBeCloseTo(at * hour, 3);
  });

  test('what lies outside is drawn at the ends', () => {
    expect([axis.x(0), axis.x(30 * hour)]).toEqual([0, 836]);
  });

  test('a day without work is one fold', () => {
    expect(foldedAxis([], 0, 10, 0, 100).spans).toEqual([{ from: 0, to: 10, folded: true, x: 0, wide: 100 }]);
  });
});

describe('what can be done at the bench', () => {
  const front = { position: 3, since: null, running: false, judging: false, heats: true, again: 15, piece: 1 };
  const words = (more: object = {}, hands = 1, last: unknown = null) =>
    benchActs({
      run: { last } as never,
      front: { ...front, ...more } as never,
      hands: Array(hands).fill({}) as never,
      main: () => {},
      turn: () => {},
      ask: () => {},
      press: () => {},
    })
      .filter(({ word }) => word !== undefined)
      .map(({ keys }) => keys[0]);

  test('before a clock is started, nobody looks under a corner or takes a break', () => {
    expect(words()).toEqual(['a', 's', 'w']);
  });
  test('while it runs, both can be done', () => {
    expect(words({ since: 'now', running: true })).toEqual(['p', 'a', 'b', 's', 'w']);
  });
  test('what is being judged is not left out', () => {
    expect(words({ judging: true })).toEqual(['a', 'w']);
  });
  test('sheets do not go wrong as pieces do, and cold steps hide nothing', () => {
    expect(words({ piece: null, heats: false, again: null, since: 'now' })).toEqual(['b', 's']);
  });
  test('another can be taken where there are several, and the last press taken back', () => {
    expect(words({}, 2, { type: 'done', position: 2, press: 'p' })).toEqual(['a', 's', 'n', 'w', 'u']);
  });
  test('a paused clock goes on, and taking back names its press', () => {
    const pressed: unknown[] = [];
    const acts = benchActs({
      run: { last: { type: 'done', position: 2, press: 'p7' } } as never,
      front: { ...front, since: 'now' } as never,
      hands: [] as never,
      main: () => {},
      turn: () => {},
      ask: () => {},
      press: (what) => pressed.push(what),
    });
    for (const key of ['b', 'u']) {
      acts.find(({ keys }) => keys.includes(key))?.act();
    }
    expect(pressed).toEqual([
      { position: 3, type: 'resumed' },
      { position: 2, type: 'undone', undoes: 'p7' },
    ]);
    expect(acts.filter(({ always }) => always).map(({ keys }) => keys[0])).toEqual(['u']);
  });
});

describe('rooms', () => {
  test.each([
    ['/', 'Today'],
    ['/jobs/crew/cost', 'Jobs'],
    ['/sheets/queue', 'Today'],
    ['/sheets', 'Jobs'],
    ['/logbook/lessons', 'Logbook'],
  ])('%s belongs to %s', (path, group) => {
    expect(groupOf(path)?.label).toBe(group);
  });
  test('an address that is none belongs nowhere', () => {
    expect(groupOf('/nowhere')).toBeUndefined();
    expect(groupOf('/jobsworth')).toBeUndefined();
  });
  test('no address stands twice', () => {
    const all = ROOMS.flatMap(({ rooms }) => rooms.map(([to]) => to));
    expect(new Set(all).size).toBe(all.length);
  });
});

test('of the glossary those words are told that stand in a text, each meaning once', () => {
  const meanings = ['peel', 'carrier', 'liner'].map((word, n) => ({ word, means: `m${n % 2}` }));
  expect(within(meanings, 'Peel off the liners, not the appeal.').map(({ word }) => word)).toEqual(['peel']);
  expect(within(meanings, 'Two carriers.').map(({ word }) => word)).toEqual(['carrier']);
});

describe('taking back', () => {
  type Changes = typeof import('../src/api/changes');
  let of: Changes;
  beforeEach(async () => {
    vi.resetModules();
    of = await import('../src/api/changes');
  });

  test('the last change of a thing, or of any of its kind', () => {
    of.noteChange('12; kind=job; thing=row%20tags', '/api/jobs/row-tags');
    of.noteChange('13; kind=job; thing=mugs', '/api/jobs/mugs');
    of.noteChange('14; kind=house', '/api/house');
    expect([of.lastChange('job row tags'), of.lastChange('job'), of.lastChange('house'), of.lastChange('jo')]).toEqual([
      12,
      13,
      14,
      undefined,
    ]);
  });

  test('what was taken back can be done again, until the thing is changed otherwise', () => {
    of.noteChange('12; kind=job; thing=mugs', '/api/jobs/mugs');
    of.beginTakingBack(12);
    of.noteChange('13; kind=job; thing=mugs', '/api/changes/12/undo');
    of.forgetChange(12);
    expect([of.lastChange('job mugs'), of.lastUndone('job mugs')]).toEqual([undefined, 13]);
    of.noteChange('14; kind=job; thing=mugs', '/api/jobs/mugs');
    expect([of.lastChange('job mugs'), of.lastUndone('job mugs')]).toEqual([14, undefined]);
  });

  test('who listens is told, until it no longer wants to be', () => {
    const told = vi.fn();
    const stop = of.onChanges(told);
    of.noteChange('1; kind=house', '/api/house');
    stop();
    of.noteChange('2; kind=house', '/api/house');
    expect(told).toHaveBeenCalledTimes(1);
  });
});
