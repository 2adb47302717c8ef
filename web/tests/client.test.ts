import { beforeEach, describe, expect, test, vi } from 'vitest';
import { held, server } from './server';

type Client = typeof import('../src/api/client');
let client: Client;

/** Versions are kept as long as the page is open: each test opens it anew. */
beforeEach(async () => {
  vi.resetModules();
  client = await import('../src/api/client');
});

const house = () => client.got(client.api.GET('/api/house'));
const rule = (drying: string) => client.got(client.api.PATCH('/api/house', { body: { drying } as never }));

describe('versions of documents', () => {
  test('who writes says which version was read, of the nearest document above', async () => {
    const asked = server(({ method }) => ({ headers: method === 'GET' ? { ETag: '"7"' } : {} }));
    await rule('fan');
    await house();
    await rule('fan');
    await client.got(client.api.GET('/api/shelf'));
    expect(asked.map(({ headers }) => headers.get('If-Match'))).toEqual([null, null, '"7"', null]);
  });

  test('an answer that was asked for before a write does not bring the old version back', async () => {
    const late = held<{ headers: Record<string, string> }>();
    let n = 0;
    const asked = server(({ method }) =>
      method === 'PATCH' ? { headers: { ETag: `"${++n + 1}"` } } : n === 0 ? late.coming : { headers: { ETag: '"9"' } },
    );
    const reading = house();
    await rule('fan');
    late.give({ headers: { ETag: '"1"' } });
    await reading;
    await rule('air');
    expect(asked.at(-1)?.headers.get('If-Match')).toBe('"2"');
    await house();
    await rule('fan');
    expect(asked.at(-1)?.headers.get('If-Match')).toBe('"9"');
  });

  test('every request says that it is the page that asks', async () => {
    const asked = server(() => ({}));
    await house();
    expect(asked[0]?.headers.get('X-Wubbin')).toBe('1');
  });
});

describe('what goes wrong', () => {
  test('who is busy is asked again after as long as it says, twice at the most', async () => {
    vi.useFakeTimers();
    const asked = server((_, n) =>
      n < 2 ? { status: 503, headers: { 'Retry-After': '0.2' }, body: { title: 'busy' } } : { body: { ok: true } },
    );
    const answer = house();
    await vi.advanceTimersByTimeAsync(399);
    expect(asked).toHaveLength(2);
    await vi.advanceTimersByTimeAsync(2);
    expect(await answer).toEqual({ ok: true });
    vi.useRealTimers();
  });

  test('what stays busy is told as it is', async () => {
    const asked = server(() => ({ status: 503, headers: { 'Retry-After': '0.001' }, body: { title: 'busy' } }));
    await expect(house()).rejects.toMatchObject({ status: 503, message: 'busy' });
    expect(asked).toHaveLength(3);
  });

  test('without a time to wait it is not asked again', async () => {
    const asked = server(() => ({ status: 503, body: { title: 'full' } }));
    await expect(house()).rejects.toMatchObject({ status: 503 });
    expect(asked).toHaveLength(1);
  });

  test('the body of a change is sent again whole', async () => {
    const asked = server((_, n) => (n === 0 ? { status: 503, headers: { 'Retry-After': '0.001' } } : {}));
    await rule('fan');
    expect(asked.map(({ body }) => body)).toEqual([{ drying: 'fan' }, { drying: 'fan' }]);
  });

  test('a refusal has its fields, a conflict what is there now, a missing server status 0', async () => {
    server(() => ({ status: 422, body: { title: 'No.', errors: { drying: 'Choose one.' } } }));
    await expect(rule('x')).rejects.toMatchObject({ status: 422, errors: { drying: 'Choose one.' } });
    server(() => ({ status: 412, body: { title: 'Later.', current: { document: { drying: 'fan' } } } }));
    await expect(rule('x')).rejects.toMatchObject({ status: 412, document: { drying: 'fan' }, errors: {} });
    server(() => 'away');
    await expect(rule('x')).rejects.toMatchObject({ status: 0 });
    server(() => ({ status: 500, body: 'no object' }));
    await expect(rule('x')).rejects.toBeInstanceOf(client.ProblemError);
  });

  test('whatever was thrown is a problem', () => {
    const problem = new client.ProblemError('No.', 422, {});
    expect(client.problemOf(problem)).toBe(problem);
    expect(client.problemOf(new Error('Lost.'))).toMatchObject({ status: 0, message: 'Lost.' });
    expect(client.problemOf('what?').status).toBe(0);
  });
});

describe('long work', () => {
  const task = (state: string, share = 0, result: unknown = null) => ({
    body: { id: 't1', doing: 'Reading', state, share, result },
  });
  const begin = (onProgress: (share: number) => void, signal?: AbortSignal) =>
    client.done<{ sha256: string }>(
      client.api.POST('/api/artwork', {} as never) as never,
      (one) => onProgress(one.share),
      signal,
    );

  beforeEach(() => vi.useFakeTimers());

  test('it is asked how far it is until it is done', async () => {
    const replies = [task('running', 0), task('running', 0.4), task('done', 1, { sha256: 'abc' })];
    const asked = server((_, n) => replies[n] ?? 'away');
    const shares: number[] = [];
    const made = begin((share) => shares.push(share));
    await vi.advanceTimersByTimeAsync(1000);
    expect(await made).toEqual({ sha256: 'abc' });
    expect(shares).toEqual([0, 0.4]);
    expect(asked.map(({ path }) => path)).toEqual(['/api/artwork', '/api/tasks/t1', '/api/tasks/t1']);
    vi.useRealTimers();
  });

  test('what was done at once is no work', async () => {
    const asked = server(() => ({ body: { sha256: 'abc' } }));
    expect(await begin(() => {})).toEqual({ sha256: 'abc' });
    expect(asked).toHaveLength(1);
    vi.useRealTimers();
  });

  test('work that is refused has the fields of its refusal', async () => {
    server(() => task('failed', 0.5, { title: 'Not whole.', status: 422, errors: { file: 'Cut off.' } }));
    await expect(begin(() => {})).rejects.toMatchObject({ status: 422, errors: { file: 'Cut off.' } });
    vi.useRealTimers();
  });

  test('who gives it up has it cancelled', async () => {
    const abort = new AbortController();
    const asked = server(() => task('running'));
    const made = begin(() => abort.abort(), abort.signal);
    const refused = expect(made).rejects.toMatchObject({ name: 'AbortError' });
    await vi.advanceTimersByTimeAsync(700);
    await refused;
    expect(asked.at(-1)).toMatchObject({ method: 'DELETE', path: '/api/tasks/t1' });
    vi.useRealTimers();
  });
});

test('of a job with fewer pictures than before the last one is shown', () => {
  const view = {
    job: { transfers: ['front', 'back'] },
    plan: { transfers: ['of the front', 'of the back'] },
    artworks: [],
  } as unknown as Parameters<Client['partOf']>[0];
  expect(client.partOf(view, 5)).toMatchObject({ at: 1, transfer: 'back', plan: 'of the back', artwork: null });
  expect(() => client.partOf({ ...view, plan: { transfers: [] } } as never, 0)).toThrow();
});
