// Rooms: sheet.
import { expect, line, newJob, stripes, test } from './shop';

test('pictures of two jobs share sheets: laid out, looked at, made', async ({ page }) => {
  for (const [name, seed] of [
    ['Ganged shirts', 51],
    ['More ganged shirts', 52],
  ] as const) {
    await newJob(page, name, { name: `gang-${seed}.png`, buffer: stripes(900, 600, seed) });
    await line(page, 'How many').click();
    await page.getByLabel('All alike', { exact: true }).fill('6');
    await page.getByLabel('All alike', { exact: true }).press('Enter');
    await line(page, 'Picture').click();
    await page.getByLabel('Width').fill('80 mm');
    await page.getByLabel('Width').press('Enter');
    await expect(page.getByText(/80 × 53 mm/).first()).toBeVisible();
  }
  await page.goto('/sheets');
  await page.getByLabel(/^Ganged shirts/).check();
  await page.getByLabel('More ganged shirts').first().check();
  await page.getByLabel('Gap between two pieces').fill('a little');
  await page.getByRole('button', { name: 'Make the layout' }).click();
  await expect(page.getByRole('alert')).toContainText('a little');
  await page.getByLabel('Gap between two pieces').fill('4 mm');
  await page.getByRole('button', { name: 'Make the layout' }).click();
  await expect(page.getByRole('group', { name: /^Sheet 1 of \d, clear iron-on film/ })).toBeVisible();
  await expect(page.getByText('6 × Ganged shirts')).toBeVisible();
  await page.getByRole('button', { name: 'Make the sheets (PDF)' }).click();
  const open = page.getByRole('link', { name: 'Open the sheets' });
  await expect(open).toBeVisible();
  const pdf = await page.request.get((await open.getAttribute('href')) ?? '');
  expect((await pdf.body()).toString('latin1', 0, 5)).toBe('%PDF-');
});
