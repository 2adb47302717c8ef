import { expect, test } from './shop';

test('the day is planned from what is due, explained, and planned anew by other hours', async ({ page }) => {
  await page.goto('/day');
  await expect(page.getByRole('img', { name: 'The day, lane by lane' })).toBeVisible();
  await expect(page.getByText(/jobs are done by/)).toBeVisible();
  await expect(page.getByRole('region', { name: 'Why' }).getByRole('listitem').first()).toBeVisible();
  await page.getByText('Working hours, hands and room').click();
  await page.getByLabel('Monday').fill('late');
  await page.getByRole('button', { name: 'Plan by these' }).click();
  await expect(page.getByRole('alert')).toContainText('Hours are written as');
  await expect(page.getByLabel('Monday')).toHaveValue('late');
  await page.getByLabel('Monday').fill('08:00-12:00');
  await page.getByLabel('Pairs of hands').fill('2');
  await page.getByRole('button', { name: 'Plan by these' }).click();
  await expect(page.getByText('hands 2')).toBeVisible();
});
