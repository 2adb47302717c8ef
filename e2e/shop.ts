import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { type APIResponse, test as base, expect, type Page } from '@playwright/test';
import { type Kind, Opened } from './opened';
import { isDue } from './turns';

export * from './pictures';
export { BY_TURNS } from './turns';

interface Own {
  /** What the test's own shop holds when it begins. */
  shop: Kind;
  /** When it is there as the test begins. */
  laid: Date;
}

/**
 * Every test has a shop of its own, at a moment of its own, and is held to its own server and to a console without
 * errors of scripts.
 */
export const test = base.extend<Own, { opened: Opened }>({
  shop: ['demo', { option: true }],
  opened: [
    // biome-ignore lint/correctness/noEmptyPattern: Playwright reads what a fixture needs from this pattern.
    async ({}, use) => {
      const opened = await Opened.start();
      await use(opened);
      await opened.stop();
    },
    { scope: 'worker', timeout: 300_000 },
  ],
  baseURL: ({ opened }, use) => use(opened.address),
  // Tests read every line of a ticket, as who has unfolded it once.
  storageState: ({ opened }, use) =>
    use({
      cookies: [],
      origins: [{ origin: opened.address, localStorage: [{ name: 'wubbin-ticket', value: 'whole' }] }],
    }),
  laid: [
    async ({ opened, shop }, use, { title, tags, skip }) => {
      skip(!isDue(title, tags), 'it is another one’s turn');
      const now = opened.lay(shop);
      await use(now);
      await opened.clear();
    },
    { auto: true },
  ],
  context: async ({ laid, context }, use) => {
    await context.clock.install({ time: laid });
    await use(context);
    // What still asks would find the next shop.
    await context.close();
  },
  page: async ({ page, baseURL }, use) => {
    const strangers: string[] = [];
    const errors: string[] = [];
    page.on('request', (request) => {
      const url = request.url();
      if (!url.startsWith(`${baseURL}/`) && !url.startsWith('data:') && !url.startsWith('blob:')) {
        strangers.push(url);
      }
    });
    page.on('pageerror', (error) => errors.push(error.message));
    await use(page);
    expect(strangers, 'no other host is asked for anything').toEqual([]);
    expect(errors, 'no script fails').toEqual([]);
  },
});

export { expect };

export const branch = () => readFileSync('demo/artwork/apple-branch.svg');

/** Asks as the page does: whoever is busy with another's change is asked again, as the page asks. */
async function made(ask: () => Promise<APIResponse>): Promise<unknown> {
  let answer = await ask();
  while (answer.status() === 503) {
    answer = await ask();
  }
  expect(answer.status()).toBe(201);
  return answer.json();
}

/** Makes a job as the form would, without it; resolves on its page. */
export async function newJob(page: Page, name: string, picture: { name: string; buffer: Buffer }) {
  const headers = { 'X-Wubbin': '1' };
  const file = { ...picture, mimeType: 'application/octet-stream' };
  const taken = await made(() => page.request.post('/api/artwork', { headers, multipart: { file } }));
  const { sha256 } = taken as { sha256: string };
  const id = randomUUID();
  const data = { id, name, changes: { artwork: sha256 } };
  await made(() => page.request.post('/api/jobs', { headers, data }));
  await page.goto(`/jobs/${id}`);
  await expect(page.getByRole('heading', { name })).toBeVisible();
}

/** Chooses one of several by its drawing or word. */
export const pick = (page: Page, group: string, label: string) =>
  page.getByRole('group', { name: group }).getByText(label, { exact: true }).click();

/** The ticket's line of this name. */
export const line = (page: Page, what: string) =>
  page
    .getByRole('region', { name: 'Ticket' })
    .getByRole('button', { name: new RegExp(`(^|\\W)${what}`) })
    .first();

/** Does something that is stored, and waits until the server has stored it: the page shows some choices before. */
export const stored = (page: Page, act: () => Promise<void>) =>
  Promise.all([page.waitForResponse((answer) => answer.request().method() !== 'GET' && answer.ok()), act()]);
