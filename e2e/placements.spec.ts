// Rooms: plan, job, stack.
import { BY_TURNS, expect, line, newJob, stripes, test } from './shop';

test('a front and a back go through one job: places, sheets, bench', async ({ page }) => {
  await newJob(page, 'Two-sided shirts', { name: 'front.png', buffer: stripes(1200, 900, 31) });
  await page.getByRole('button', { name: 'Put another picture on it' }).click();
  await expect(page.getByRole('tab', { name: /^Back/ })).toHaveAttribute('aria-selected', 'true');
  await expect(line(page, 'Picture')).toContainText('None yet');
  await expect(page.getByText('1 to settle')).toBeVisible();
  await page
    .locator('input[type=file]')
    .first()
    .setInputFiles({ name: 'back.png', mimeType: 'image/png', buffer: stripes(900, 900, 32) });
  await expect(line(page, 'Picture')).toContainText('back.png');
  await line(page, 'Picture').click();
  await page.getByLabel('Width').fill('90 mm');
  await page.getByLabel('Width').press('Enter');
  await expect(line(page, 'Picture')).toContainText('90 × 90 mm');
  await expect(page.getByRole('region', { name: 'Layers, from top to bottom' })).toContainText('shirt back');

  // The front kept its own size.
  await page.getByRole('tab', { name: 'Front' }).click();
  await expect(line(page, 'Picture')).toContainText('front.png, 200 × 150 mm');

  const [made] = await Promise.all([
    page.waitForResponse((r) => r.url().endsWith('/sheet') && r.status() === 201),
    page.getByRole('button', { name: 'Make the sheets (PDF)' }).click(),
  ]);
  const pdf = await page.request.get(((await made.json()) as { url: string }).url);
  expect((await pdf.body()).toString('latin1').match(/\/Type \/Page\b/g)).toHaveLength(2);

  await page.getByRole('button', { name: 'To the bench' }).click();
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(page.locator('main > header')).toContainText('2 sheets');
  await page.keyboard.press('Space');
  await expect(page.getByRole('heading', { name: 'Look at the print' })).toBeVisible();
  await page.keyboard.press('Space');
  await expect(page.getByRole('heading', { name: 'Let the ink dry.' })).toBeVisible();
  // The back is cut with its own outline, and waits for the same ink.
  const next = page.getByRole('region', { name: 'Other clocks and pieces' });
  await expect(next).toContainText('prepare');
});

test(
  'two pictures that meet are stopped, moved or laid over, put into order and taken off again',
  BY_TURNS,
  async ({ page }) => {
    await newJob(page, 'Layered shirts', { name: 'below.png', buffer: stripes(1200, 900, 33) });
    await page.getByRole('button', { name: 'Put another picture on it' }).click();
    await expect(line(page, 'Picture')).toContainText('None yet');
    await page
      .locator('input[type=file]')
      .first()
      .setInputFiles({ name: 'above.png', mimeType: 'image/png', buffer: stripes(900, 900, 34) });
    await expect(line(page, 'Picture')).toContainText('above.png');
    await line(page, 'Picture').click();
    await page.getByLabel('Width').fill('80 mm');
    await page.getByLabel('Width').press('Enter');
    await line(page, 'Where it goes').click();
    await page.getByRole('button', { name: 'Front', exact: true }).click();
    const checks = page.getByRole('region', { name: 'Checks', exact: true });
    await expect(checks).toContainText('It lies over “Front 1”');
    await page.getByRole('button', { name: 'It should lie over it' }).click();
    await expect(checks).toContainText('The film below melts again');
    await expect(page.getByLabel('It should lie over the picture that is pressed first')).toBeChecked();

    // What lies beneath can be taken in hand on the drawing.
    await page.getByRole('button', { name: 'Front 1: select it' }).click({ position: { x: 8, y: 8 } });
    await expect(page.getByRole('tab', { name: 'Front 1' })).toHaveAttribute('aria-selected', 'true');
    await expect(line(page, 'Picture')).toContainText('below.png');

    await page.getByRole('tab', { name: 'Front 2' }).click();
    await line(page, 'Where it goes').click();
    await page.getByRole('button', { name: 'Remove it from the shirt' }).click();
    await expect(page.getByRole('tab', { name: /Front/ })).toHaveCount(0);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByRole('tab', { name: /Front/ })).toHaveCount(2);
  },
);
