// Rooms: start, sums, help, run, job, plan.
import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { BY_TURNS, expect, test } from './shop';

/** More than these taps or keys, and it is no first hour any more. */
const MOST = 40;

/** A drawing that was not made for this. */
const picture = { name: 'leaf.svg', mimeType: 'image/svg+xml', buffer: readFileSync('demo/artwork/apple-branch.svg') };

/** A shop and a browser in which nobody has been yet. */
const FIRST = { shop: 'empty' as const, storageState: { cookies: [], origins: [] } };

/** Waits for the sheet that is made, and sees that it is a PDF. */
async function sheetOf(page: Page, make: () => Promise<void>) {
  const made = page.waitForResponse((answer) => /\/api\/jobs\/[^/]+$/.test(answer.url()) && answer.ok());
  await make();
  await made;
  await expect(page.getByText(/Sheet made, plan/)).toBeVisible();
}

test.describe('by finger, on a phone', () => {
  test.use({ ...FIRST, hasTouch: true, viewport: { width: 390, height: 844 } });

  test('an empty shop has a printed sheet after fewer than forty taps', async ({ page }) => {
    let taps = 0;
    const tap = async (name: string | RegExp, role: 'button' | 'link' = 'button') => {
      await page.getByRole(role, { name }).first().tap();
      taps += 1;
    };
    await page.goto('/');
    await tap('What do you have?', 'link');
    for (const thing of [/^iron/, /^inkjet/, /^clear iron-on film/, /^card/, /^wood board/]) {
      await tap(thing);
    }
    await expect(page.getByRole('status').filter({ hasText: 'With this you can press on' })).toBeVisible();
    await tap('What can I make with this?', 'link');
    await tap('Make a shirt with clear film for light cloth', 'link');
    await page.setInputFiles('input[type=file]', picture);
    taps += 2;
    await expect(page.getByText('leaf.svg', { exact: true })).toBeVisible();
    await tap('Make the job');
    // On a phone the job begins with its next thing, and its drawing.
    await expect(page.getByRole('region', { name: 'Next' })).toBeInViewport();
    await sheetOf(page, () => tap('Make the sheet (PDF)'));
    console.log(`by finger: ${taps} taps`);
    expect(taps).toBeLessThan(MOST);

    // Who leaves half-way finds all of it again.
    await page.goto('/start');
    await expect(page.getByRole('button', { name: /^✓ iron/ })).toHaveAttribute('aria-pressed', 'true');
    await page.goto('/shelf');
    await expect(page.getByText('assumed')).toBeVisible();
  });
});

test.describe('by keyboard alone', () => {
  test.use(FIRST);

  test('an empty shop has a printed sheet after fewer than forty keys', async ({ page }) => {
    let keys = 0;
    const press = async (...pressed: string[]) => {
      for (const key of pressed) {
        await page.keyboard.press(key);
        keys += 1;
      }
    };
    const focused = (name: RegExp) =>
      expect.poll(() => page.evaluate(() => document.activeElement?.textContent ?? '')).toMatch(name);
    await page.goto('/');
    await focused(/What do you have/);
    await press('Enter');
    await focused(/^iron/);
    await press('Space', 'i', 'n');
    await focused(/^inkjet/);
    await press('Space', 'c', 'l');
    await focused(/^clear iron-on film/);
    await press('Space', 'c', 'a');
    await focused(/^card/);
    await press('Space', 'w', 'o');
    await focused(/^wood board/);
    await press('Space');
    await expect(page.getByRole('status').filter({ hasText: 'With this you can press on' })).toBeVisible();
    await press('Tab');
    await focused(/What can I make/);
    await press('Enter');
    await focused(/^Make one/);
    await press('Enter');
    const chosen = page.waitForEvent('filechooser');
    await expect.poll(() => page.evaluate(() => document.activeElement?.getAttribute('type'))).toBe('file');
    await press('Enter');
    await (await chosen).setFiles(picture);
    keys += 1;
    await focused(/Make the job/);
    await press('Enter');
    await focused(/Make the sheet/);
    await sheetOf(page, () => press('Enter'));
    console.log(`by keyboard: ${keys} keys`);
    expect(keys).toBeLessThan(MOST);
  });
});

test('a sheet that nobody knows is named by questions, or a test is told', BY_TURNS, async ({ page }) => {
  await page.goto('/start');
  await page.getByRole('button', { name: 'I do not know which sheet this is' }).click();
  const asked = page.getByRole('group', { name: 'Which sheet is this?' });
  const told = asked.getByText(/opaque film for dark cloth/).first();
  for (let n = 1; n <= 5; n++) {
    const question = asked.getByRole('status').filter({ hasText: new RegExp(`^${n}\\.`) });
    await expect(question.or(told).first()).toBeVisible();
    if (await told.isVisible()) {
      break;
    }
    const white = asked.getByRole('button', { name: 'Yes, a white skin' });
    await ((await white.count()) > 0 ? white : asked.getByRole('button', { name: 'I cannot tell' })).click();
  }
  await expect(told).toBeVisible();
});

test('a quick sum follows each key, tells nonsense at its field, and makes a job', async ({ page }) => {
  await page.goto('/sums');
  await page.getByLabel('All round').fill('25 cm');
  await expect(page.getByLabel('What follows')).toContainText('80 mm');
  await expect(page.getByLabel('Across', { exact: true })).toHaveValue('');
  await page.getByLabel('All round').fill('-3');
  await expect(page.getByRole('alert')).toContainText('from 1 mm');
  await page.getByRole('button', { name: 'Wrap and visible part' }).click();
  await page.getByLabel('Width of the picture').fill('70 mm');
  await page.getByRole('link', { name: 'Make a job of this' }).click();
  await expect(page.getByRole('radio', { name: 'mug', exact: true })).toBeChecked();
  await expect(page.getByText('From your sum: 70 mm')).toBeVisible();
});

test('who leaves a new job half-way, for the shelf, finds it as it was', BY_TURNS, async ({ page }) => {
  await page.goto('/jobs/new');
  await page.getByLabel('What is it called?').fill('Half a job');
  await page.getByRole('group', { name: 'On what?' }).getByText('apron', { exact: true }).click();
  await page.getByRole('link', { name: 'Shop', exact: true }).click();
  await page.getByRole('link', { name: 'What do you have?' }).click();
  await expect(page.getByRole('heading', { name: 'What do you have?' })).toBeVisible();
  await page.goBack();
  await page.goBack();
  await expect(page.getByLabel('What is it called?')).toHaveValue('Half a job');
  await expect(page.getByRole('radio', { name: 'apron', exact: true })).toBeChecked();
});

test('a rehearsal runs ten times as fast and logs nothing', async ({ page, request }) => {
  const before = await (await request.get('/api/logbook')).json();
  await page.goto('/rehearsal/seed-bags');
  await expect(page.getByText('Rehearsal, clocks ten times as fast')).toBeVisible();
  const over = page.getByRole('heading', { name: 'That is all of it.' });
  const judging = page.getByRole('heading', { name: 'How did it come out?' });
  const good = page.getByRole('button', { name: /^Good/ });
  // Each step is gone on with by its key until the piece is judged, and after that until all is off.
  await expect(async () => {
    await page.keyboard.press('Space');
    await expect(judging).toBeVisible({ timeout: 300 });
  }).toPass();
  if ((await good.getAttribute('aria-pressed')) !== 'true') {
    await good.click();
  }
  await page.getByRole('button', { name: 'Save it' }).click();
  await expect(judging).toHaveCount(0);
  await expect(async () => {
    await page.keyboard.press('Space');
    await expect(over).toBeVisible({ timeout: 300 });
  }).toPass();
  await expect(over).toBeVisible();
  const after = await (await request.get('/api/logbook')).json();
  expect(after.total).toBe(before.total);
});

test('help says what a screen is for; the tour can be left and gone on with', BY_TURNS, async ({ page }) => {
  await page.goto('/printers');
  await page.getByRole('button', { name: 'Help' }).click();
  const help = page.getByRole('complementary', { name: 'Help' });
  await expect(help).toContainText('A feed test on one sheet tells both.');
  await expect(help.getByText('Words on this page')).toBeVisible();
  await help.getByRole('button', { name: 'Take the tour' }).click();
  const tour = page.getByRole('region', { name: 'Tour' });
  await tour.getByRole('button', { name: 'Next' }).click();
  await expect(page.getByRole('heading', { name: 'What can I make?', level: 1 })).toBeVisible();
  await tour.getByRole('button', { name: 'Leave the tour' }).click();
  await expect(tour).toHaveCount(0);
  await page.goto('/settings');
  await page.getByRole('button', { name: 'Help' }).click();
  await page.getByRole('button', { name: 'Take the tour' }).click();
  await expect(page.getByRole('heading', { name: 'What can I make?', level: 1 })).toBeVisible();
});
