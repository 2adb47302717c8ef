// Rooms: day.
import { BY_TURNS, expect, test } from './shop';

test('the day is planned from what is due, explained, and planned anew by other hours', async ({ page }) => {
  await page.goto('/day');
  await expect(page.getByRole('group', { name: 'The day plan as lanes' })).toBeVisible();
  await expect(page.getByText(/jobs are done by/)).toBeVisible();
  await expect(page.getByRole('region', { name: 'Why' }).getByRole('listitem').first()).toBeVisible();
  await page.getByText('Working hours, people and room').click();
  await page.getByLabel('Monday').fill('late');
  await page.getByRole('button', { name: 'Use these' }).click();
  await expect(page.getByRole('alert')).toContainText('Write hours as');
  await expect(page.getByLabel('Monday')).toHaveValue('late');
  await page.getByLabel('Monday').fill('08:00-12:00');
  await page.getByLabel('People who work').fill('2');
  await page.getByRole('button', { name: 'Use these' }).click();
  await expect(page.getByRole('heading', { name: 'Hands 2' })).toBeVisible();
});

test('a line of the day is pinned to a time, and let go', BY_TURNS, async ({ page }) => {
  await page.goto('/day');
  // The last day: nothing of it is over.
  const days = page.getByRole('navigation', { name: 'Days' }).getByRole('button', { name: /\d/ });
  await days.last().click();
  const lines = page.getByRole('region', { name: 'Hands, in order' }).getByRole('listitem');
  await lines.first().getByRole('button', { name: /^Pin / }).click();
  await lines.first().getByLabel('Begin at').fill('in the night');
  await lines.first().getByRole('button', { name: 'Pin', exact: true }).click();
  await expect(page.getByRole('alert')).toContainText('Write the time as 14:30');
  await expect(lines.first().getByLabel('Begin at')).toHaveValue('in the night');
  await page.getByRole('button', { name: 'All of it' }).click();
  await expect(page.getByRole('group', { name: 'The day plan as lanes' })).toBeVisible();
});
