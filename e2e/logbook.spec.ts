// Rooms: log, ladder.
import { BY_TURNS, expect, test } from './shop';

test('the logbook is searched, compared, diagnosed', async ({ page }) => {
  await page.goto('/logbook');
  await page.getByLabel('Went wrong').selectOption('lifted-edge');
  await page.getByLabel('Words').fill('market');
  await expect(page.getByText(/^\d+ pieces/)).toBeVisible();
  const boxes = page.getByRole('checkbox', { name: /Compare Market shirts/ });
  await boxes.nth(0).check();
  await boxes.nth(1).check();
  await page.getByRole('link', { name: 'Compare the two' }).click();
  await expect(page.getByRole('heading', { name: 'Side by side' })).toBeVisible();
  await page
    .getByRole('link', { name: /Market shirts, piece/ })
    .first()
    .click();
  await expect(page.getByRole('region', { name: 'Causes' })).toContainText('1. ');
});

test('a table is taken in whole or not at all', BY_TURNS, async ({ page }) => {
  await page.goto('/logbook');
  const input = page.getByLabel('Read a table');
  await input.setInputFiles({ name: 'x.csv', mimeType: 'text/csv', buffer: Buffer.from('a,b\r\n1,2\r\n') });
  await expect(page.getByRole('alert')).toContainText('missing');
  await input.setInputFiles({
    name: 'x.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('at,name,outcome,route\r\n2026-01-05T09:00:00+01:00,Gate signs,good,paper-wood\r\n'),
  });
  await expect(page.getByRole('status')).toContainText('1 new');
  await page.getByLabel('Words').fill('gate signs');
  await page.getByRole('link', { name: /Gate signs, piece 1/ }).click();
  await page.getByLabel('Washes so far').fill('3');
  await page.getByRole('button', { name: 'Still good' }).click();
  await expect(page.getByText('✓ still good')).toBeVisible();
});

test('past pieces teach, and the doctor answers to ones own words', BY_TURNS, async ({ page }) => {
  await page.goto('/logbook/lessons');
  await expect(page.getByText(/does best, and surely so|looks best, but/).first()).toBeVisible();
  await expect(page.getByText(/few pieces yet|Beta/).first()).toBeVisible();
  await page.goto('/doctor');
  await page.getByLabel('How it was made').selectOption('tissue-wax');
  await page.getByLabel('What is wrong?').fill('hm');
  await page.getByRole('button', { name: 'Find the cause' }).click();
  await expect(page.getByText(/does not understand/)).toBeVisible();
  await page.getByLabel('What is wrong?').fill('pale milky patch');
  await page.getByRole('button', { name: 'Find the cause' }).click();
  await expect(page.getByText('1. Wax not melted there')).toBeVisible();
});

test('a test ladder is planned from a job, marked, and kept as a recipe', async ({ page }) => {
  await page.goto('/ladders/new/crate-ends/0');
  await page.getByLabel('Rungs down').fill('hot');
  await page.getByRole('button', { name: 'Plan it' }).click();
  await expect(page.getByRole('alert')).toContainText('50 to 260');
  await page.getByLabel('Rungs down').fill('180 200');
  await page.getByLabel('Rungs across').fill('10 20 30');
  await page.getByRole('button', { name: 'Plan it' }).click();
  await page.getByRole('button', { name: /^B2:/ }).click();
  await expect(page.getByText('is the safest.')).toBeVisible();
  await expect(page.getByText(/Nobody has tried/)).toBeVisible();
  await page.getByLabel('Save it as a recipe with the name').fill('Crates, tried');
  await page.getByRole('button', { name: 'Save it' }).click();
  await expect(page.getByText(/Saved as a recipe/)).toBeVisible();
});
