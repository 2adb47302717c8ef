// Rooms: app, parts, today.
import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { expect, line, test } from './shop';
import { LOOKS, SLICE, SLICES, WHOLE } from './turns';

const SCREENS = [
  ['today', '/'],
  ['the jobs', '/jobs'],
  ['what there is to print', '/print'],
  ['an order', '/orders/demo-order-0'],
  ['a new job', '/jobs/new'],
  ['a job', '/jobs/picking-crew'],
  ['a picture made ready', '/jobs/drawn-candle/ready'],
  ['names', '/jobs/crew-names/names'],
  ['a proof', '/jobs/crew-names/proof'],
  ['a job with a stop', '/jobs/helpers'],
  ['an unknown job', '/jobs/nobody'],
  ['the bench', '/bench'],
  ['a finished session', '/bench/demo-run'],
  ['the logbook', '/logbook'],
  ['a piece of the logbook', '/logbook/1'],
  ['two pieces side by side', '/logbook/compare/1/3'],
  ['what past pieces teach', '/logbook/lessons'],
  ['the doctor', '/doctor'],
  ['the day', '/day'],
  ['the orders', '/orders'],
  ['a new order', '/orders/new'],
  ['orders from a table', '/orders/table'],
  ['the stock', '/stock'],
  ['what a piece costs', '/jobs/shed-mugs/cost'],
  ['the quotes', '/quotes'],
  ['a quote', '/quotes/new?for=Mill&jobs=shed-mugs,tasting-cups'],
  ['a test ladder to be planned', '/ladders/new/crate-ends/0'],
  ['all clocks', '/bench/all'],
  ['the routes of a job', '/jobs/helpers/routes?use=washed'],
  ['a job with two pictures', '/jobs/shed-mugs?picture=2'],
  ['the pictures', '/pictures'],
  ['a job on a piece that tapers', '/jobs/tasting-cups'],
  ['the sheets', '/sheets'],
  ['any sheet to print', '/sheets/queue'],
  ['printers and trays', '/printers'],
  ['a job in parts', '/jobs/apron'],
  ['the shelf', '/shelf'],
  ['measuring from a photo', '/shelf/trace'],
  ['the house rules', '/house'],
  ['the recipes', '/recipes'],
  ['the settings', '/settings'],
  ['what one has', '/start'],
  ['what can be made', '/can'],
  ['quick sums', '/sums?of=sheet'],
  ['a rehearsal', '/rehearsal/seed-bags'],
  ['parts of the pages', '/parts'],
  ['nothing', '/nowhere'],
] as const;

/** Each takes seconds: every day a slice of those that most people look at, and all of them where everything is tested. */
const EVERY_DAY = new Set<string>([
  '/',
  '/start',
  '/can',
  '/sums?of=sheet',
  '/jobs/new',
  '/jobs/picking-crew',
  '/jobs/drawn-candle/ready',
  '/print',
  '/bench/all',
  '/rehearsal/seed-bags',
  '/logbook',
  '/day',
  '/orders/demo-order-0',
  '/shelf',
  '/parts',
]);
const LOOKED_AT = WHOLE
  ? SCREENS
  : SCREENS.filter(([, path]) => EVERY_DAY.has(path)).filter((_, n) => n % SLICES === SLICE);

/** By night only the colours differ, which all screens share: these have all of them; the short run looks at a few. */
const ALL_BY_NIGHT = [
  '/jobs/picking-crew',
  '/bench/all',
  '/day',
  '/shelf',
  '/',
  '/jobs/apron',
  '/bench/demo-run',
  '/logbook/lessons',
  '/sheets',
  '/printers',
  '/print',
  '/jobs/shed-mugs/cost',
];
const BY_NIGHT = new Set<string>(WHOLE ? ALL_BY_NIGHT : ALL_BY_NIGHT.slice(0, 4));

/** Several screens one after another in one page, as people go through them: opening a page anew for each takes longest. */
const TOGETHER = 5;

for (let from = 0; from < LOOKED_AT.length; from += TOGETHER) {
  const screens = LOOKED_AT.slice(from, from + TOGETHER);
  test(`can be used by everyone: ${screens.map(([name]) => name).join(', ')}`, LOOKS, async ({ page }) => {
    test.setTimeout(180_000);
    for (const [name, path] of screens) {
      await test.step(name, () => usable(page, path));
    }
  });
}

async function usable(page: Page, path: string) {
  await page.emulateMedia({ colorScheme: 'light' });
  await page.goto(path);
  await expect(page.getByText('One moment …')).toHaveCount(0);
  if (path.startsWith('/jobs/p')) {
    for (const what of ['Blank', 'Route', 'Picture', 'Where it goes', 'Finish', 'Heat time']) {
      await line(page, what).click();
    }
    await page.getByText('Show all').click();
  }
  if (path === '/jobs/apron') {
    await page.getByRole('tab', { name: 'The heat' }).click();
    await expect(page.getByRole('img', { name: /Temperatures at the faces/ })).toBeVisible();
  }
  for (const colorScheme of ['light', 'dark'] as const) {
    if (colorScheme === 'dark' && !BY_NIGHT.has(path)) {
      continue;
    }
    await page.emulateMedia({ colorScheme });
    const axe = new AxeBuilder({ page }).options({ resultTypes: ['violations'] });
    const { violations } = await (colorScheme === 'dark' ? axe.withRules(['color-contrast']) : axe).analyze();
    expect(violations.map((v) => `${path}: ${v.id}: ${v.nodes.map((n) => n.target).join(' | ')}`)).toEqual([]);
  }
}

test.describe('a shop with nothing in it', () => {
  test.use({ shop: 'empty' });

  test('an empty shop says what to do first', async ({ page }) => {
    await page.goto('/');
    await expect(page.getByRole('heading', { name: /shop is empty/i })).toBeVisible();
    await page.getByRole('link', { name: 'What do you have?' }).click();
    await page.getByRole('link', { name: 'shelf', exact: true }).click();
    await page.getByLabel('Its name').fill('mine');
    await page.getByLabel('Plate, across').fill('wide');
    await page.getByLabel('Heel to point').fill('8 in');
    await page.getByRole('button', { name: 'Add this source' }).click();
    await expect(page.getByRole('alert')).toContainText('not a length');
    await expect(page.getByLabel('Its name')).toHaveValue('mine');
    await page.getByLabel('Plate, across').fill('11.5 cm');
    await page.getByRole('button', { name: 'Add this source' }).click();
    await expect(page.getByText('plate 115 × 203 mm')).toBeVisible();
    const film = page.getByRole('checkbox', { name: 'clear iron-on film, A4' });
    const inkjet = page.getByRole('checkbox', { name: 'inkjet with dye ink' });
    await film.click();
    await Promise.all([
      page.waitForResponse(
        (r) => r.request().method() === 'POST' && r.request().postData()?.includes('inkjet-dye') === true,
      ),
      inkjet.click(),
    ]);
    await expect(film).toBeChecked();
    await expect(inkjet).toBeChecked();
    await page.goto('/');
    await expect(page.getByText('✓', { exact: true })).toBeVisible();
    await page.goto('/logbook');
    await expect(page.getByText('There are no pieces yet.')).toBeVisible();
    const { violations } = await new AxeBuilder({ page }).analyze();
    expect(violations.map((v) => v.id)).toEqual([]);
  });

  test('settings are kept and wrong ones are told', async ({ page }) => {
    await page.goto('/settings');
    await page.getByLabel('Currency').fill('money');
    await page.getByLabel('Currency').press('Enter');
    await expect(page.getByRole('alert')).toContainText('three capital letters');
    await page.getByLabel('Currency').fill('CHF');
    await page.getByLabel('Currency').press('Enter');
    await expect(page.getByText('Saved.')).toBeVisible();
    await page.getByLabel('Time zone').selectOption('Europe/Zurich');
    await page.getByLabel('Light or dark').selectOption('dark');
    await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark');
    await page.reload();
    await expect(page.getByLabel('Currency')).toHaveValue('CHF');
    await expect(page.getByLabel('Time zone')).toHaveValue('Europe/Zurich');
  });
});

test('keys are listed under ?, and old addresses lead where they did', async ({ page }) => {
  await page.goto('/sheets/printers');
  await expect(page).toHaveURL(/\/printers$/);
  await page.goto('/jobs');
  await page.getByRole('heading', { name: 'Jobs' }).waitFor();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
});
