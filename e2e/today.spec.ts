// Rooms: today, job.
import { BY_TURNS, expect, stored, test } from './shop';

test('from the first page a sheet is printed, looked at, printed again and pressed', async ({ page }) => {
  await page.goto('/');
  const next = page.getByRole('region', { name: 'Next' });
  const cook = next.getByRole('listitem').filter({ hasText: 'Shirt for the cook' });
  await expect(cook).toContainText('late');
  // The one late shirt alone, so that the other tests keep their sheets.
  await page.route('**/api/print/due', (route) =>
    route.request().method() === 'POST'
      ? route.continue({ postData: JSON.stringify({ ...route.request().postDataJSON(), jobs: ['cooks-shirt'] }) })
      : route.continue(),
  );
  await stored(page, () => cook.getByRole('button', { name: /^Print \d+ sheets/ }).click());
  const came = page.getByRole('region', { name: 'Printed: Shirt for the cook' });
  await stored(page, () => came.getByRole('button', { name: 'It came out wrong' }).click());
  await expect(came).toHaveCount(0);
  await page.goto('/print');
  await expect(page.getByRole('listitem').filter({ hasText: 'Shirt for the cook' })).toContainText('once more');
  await page.goto('/');
  await stored(page, () => cook.getByRole('button', { name: /^Print/ }).click());
  await stored(page, () => came.getByRole('button', { name: 'It is good' }).click());
  await expect(came).toHaveCount(0);
  await expect(page.getByRole('region', { name: 'Waiting' })).toContainText('Shirt for the cook');
  await cook.getByRole('button', { name: 'Begin 1 piece' }).click();
  await expect(page).toHaveURL(/\/bench\//);
});

test('a machine out of order is planned round, and back again', BY_TURNS, async ({ page }) => {
  await page.goto('/');
  await page.getByText('Something is out of order, or somebody is away').click();
  await page.getByRole('button', { name: 'mug press' }).click();
  await expect(page.getByText(/Planned again/)).toBeVisible();
  const way = page.getByRole('region', { name: 'In the way' });
  await expect(way).toContainText('The mug press is out of order until');
  await way.getByRole('button', { name: 'Back again' }).click();
  await expect(way).not.toContainText('The mug press is out of order');
});

test('many jobs are copied and closed at once, and found by how far they are', BY_TURNS, async ({ page }) => {
  await page.goto('/jobs');
  await page.getByLabel('Words of its name').fill('barn');
  const row = page.getByRole('listitem').filter({ hasText: 'LED candle for the barn' });
  await row.first().getByRole('checkbox').check();
  const bar = page.getByRole('toolbar', { name: 'Jobs that are ticked' });
  await stored(page, () => bar.getByRole('button', { name: 'Copy' }).click());
  await expect(row).toHaveCount(2);
  const copy = page.getByRole('listitem').filter({ hasText: /copy/i });
  await copy.getByRole('checkbox').check();
  await stored(page, () => bar.getByRole('button', { name: 'Close' }).click());
  await expect(row).toHaveCount(1);
  await page.getByRole('radio', { name: 'Closed' }).click();
  await expect(copy).toHaveCount(1);
});
