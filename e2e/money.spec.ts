// Rooms: cost.
import { BY_TURNS, expect, test } from './shop';

test('what is short stands on the list until it is bought', BY_TURNS, async ({ page }) => {
  await page.goto('/stock');
  const buy = page.getByRole('region', { name: 'To buy' });
  const mug = buy.getByRole('row').filter({ hasText: 'Ordinary mug, white' });
  await expect(mug).toContainText('12 pieces');
  const form = page.getByRole('form', { name: 'What came or went' });
  await form.getByLabel('What', { exact: true }).selectOption({ label: 'Ordinary mug, white' });
  await form.getByLabel(/^How much/).fill('a crate');
  await form.getByLabel('Price of all of it').fill('-3');
  await form.getByRole('button', { name: 'Write down' }).click();
  await expect(form.getByRole('alert')).toHaveCount(2);
  await expect(form.getByLabel(/^How much/)).toHaveValue('a crate');
  await form.getByLabel(/^How much/).fill('12');
  await form.getByLabel('Price of all of it').fill('22,80');
  await form.getByRole('button', { name: 'Write down' }).click();
  await expect(mug).toHaveCount(0);
  const row = page.getByRole('region', { name: 'Blanks' }).getByRole('row').filter({ hasText: 'Ordinary mug, white' });
  await expect(row).toContainText('36 pieces');
  await expect(row).toContainText('€66.00');
});

test('a piece is taken apart into what it costs, and offered', async ({ page }) => {
  await page.goto('/jobs/seed-bags');
  await page.getByRole('link', { name: 'What it costs' }).click();
  await expect(page.getByRole('heading', { name: /A good piece costs €/ })).toBeVisible();
  const parts = page.getByRole('region', { name: 'What it is made of' });
  for (const part of ['hands', 'electricity', 'overhead']) {
    await expect(parts.getByRole('row').filter({ hasText: part }).first()).toBeVisible();
  }
  await page.getByLabel('Made in one go').fill('none');
  await expect(page.getByRole('alert')).toContainText('From 1 to 10000 pieces');
  await page.getByLabel('Made in one go').fill('1');
  await expect(page.getByRole('region', { name: 'What would make it cheaper' })).toContainText('Fill the sheet');
  await page.getByText('Rates of this shop').click();
  await page.getByLabel('An hour of work').fill('a lot');
  await page.getByRole('button', { name: 'Use these rates' }).click();
  await expect(page.getByText('is not an amount of money')).toBeVisible();

  await page.getByRole('link', { name: 'Quote' }).click();
  await page.getByLabel('Who it is for').fill('Hollow Farm');
  await page.getByLabel('Margin, % of the price').fill('100');
  await expect(page.getByText('This is a percentage from 0 to 95.')).toBeVisible();
  await page.getByLabel('The price is made by').selectOption('target');
  await page.getByLabel('Price of a piece').fill('0.50');
  await page.getByLabel('Also for').fill('60');
  const paper = page.getByRole('region', { name: 'The quote' });
  await expect(paper).toContainText('✕');
  await page.getByLabel('Price of a piece').fill('12.00');
  await expect(paper.getByRole('row').filter({ hasText: 'instead' })).toContainText('€720.00');
  await page.getByRole('button', { name: 'Save this quote' }).click();
  const given = page.getByRole('listitem').filter({ hasText: 'Hollow Farm' }).first();
  await expect(given).toContainText('Quote');
  const file = page.waitForEvent('download');
  await given.getByRole('link', { name: 'PDF' }).click();
  expect((await file).suggestedFilename()).toMatch(/^quote-\d+\.pdf$/);
});
