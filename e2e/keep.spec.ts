// Rooms: keep, cost.
import type { Page } from '@playwright/test';
import { BY_TURNS, expect, newJob, stored, stripes, test } from './shop';

test('a backup is taken and saved, and what was deleted is taken back', async ({ page }) => {
  await newJob(page, 'Thrown away', { name: 'thrown.png', buffer: stripes(700, 500, 91) });
  await page.getByRole('button', { name: 'Delete', exact: true }).click();
  const asked = page.getByRole('group', { name: 'Delete Thrown away?' });
  await asked.getByRole('button', { name: 'Do not delete' }).click();
  await page.getByRole('button', { name: 'Delete', exact: true }).click();
  await stored(page, () => asked.getByRole('button', { name: 'Yes, delete it' }).click());
  await expect(page.getByRole('heading', { name: 'Jobs' })).toBeVisible();
  await expect(page.getByRole('link', { name: /Thrown away/ })).toHaveCount(0);
  await page.goto('/settings');
  await page.getByRole('link', { name: 'Backup', exact: true }).click();
  await page.getByRole('button', { name: 'Make a backup now' }).click();
  await expect(page.getByText('The backup is made and checked. It is complete.')).toBeVisible();
  const [saved] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('list', { name: 'Backups' }).getByRole('link', { name: 'Save a copy' }).first().click(),
  ]);
  expect(saved.suggestedFilename()).toMatch(/^wubbin-\d{8}-\d{6}\.backup$/);
  const line = page.getByRole('listitem').filter({ hasText: 'Thrown away' });
  await expect(line).toContainText('deleted for good on');
  await stored(page, () => line.getByRole('button', { name: 'Bring it back' }).click());
  await expect(line).toHaveCount(0);
  await page.goto('/jobs');
  await expect(page.getByRole('link', { name: /Thrown away/ })).toBeVisible();
});

test(
  'of two people who change what the shop reckons with, nobody loses anything',
  BY_TURNS,
  async ({ page, context }) => {
    await page.goto('/jobs/wheel-shirts/cost');
    const other = await context.newPage();
    await other.goto('/jobs/wheel-shirts/cost');
    // Neither counts in what a piece costs, which others look at meanwhile.
    const tax = (of: Page) => of.getByLabel('Tax, %');
    const setUp = (of: Page) => of.getByLabel('Set-up, once for a quote');
    const store = (of: Page) => of.getByRole('button', { name: 'Use these rates' }).click();
    const open = async (of: Page) => {
      await of.getByText('Rates of this shop').click();
      await expect(tax(of)).toBeVisible();
    };
    await open(page);
    await open(other);
    await tax(page).fill('7');
    await stored(page, () => store(page));
    await setUp(other).fill('12.00');
    await store(other);
    await expect(other.getByRole('alert')).toContainText('Somebody else changed this');
    await expect(other.getByRole('alert')).toContainText('Tax, %: 7');
    // Theirs is taken over, one's own is kept: stored again, both are there.
    await expect(tax(other)).toHaveValue('7');
    await stored(other, () => store(other));
    await page.reload();
    await open(page);
    await expect(tax(page)).toHaveValue('7');
    await expect(setUp(page)).toHaveValue('12.00');
  },
);
