import { discOnWhite, expect, line, newJob, stripes, test } from './shop';

test('a picture is foreseen on the cloth, and its background taken away and put back', async ({ page }) => {
  await newJob(page, 'Foreseen shirts', { name: 'disc.png', buffer: discOnWhite(900, 3) });
  await line(page, 'Blank').click();
  await page.getByLabel('Colour', { exact: true }).selectOption({ label: 'navy' });
  await page.getByRole('tab', { name: 'The picture' }).click();
  await expect(page.getByRole('img', { name: 'As it will be seen' })).toBeVisible();
  await expect(page.getByText('Red vanishes.', { exact: true })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Checks', exact: true })).toContainText('On navy: red vanishes.');

  await page.getByRole('button', { name: 'Take it away' }).click();
  await expect(page.getByText('What is violet goes.')).toBeVisible();
  await page.getByRole('button', { name: 'Take the violet away' }).click();
  await expect(page.getByRole('button', { name: 'Put the background back' })).toBeVisible();
  // Half of the 200 mm is disc, and stays in the middle of where the picture was.
  await expect(line(page, 'Picture')).toContainText('100');
  await expect(line(page, 'Where it sits')).toContainText('Centred, 130');
  await page.getByRole('button', { name: 'Put the background back' }).click();
  await expect(line(page, 'Picture')).toContainText('200 × 200 mm');
});

test('a mug is turned to see what is round the corner', async ({ page }) => {
  await newJob(page, 'Turned mugs', { name: 'wrap.png', buffer: stripes(1600, 600, 41) });
  await line(page, 'Blank').click();
  await page.getByLabel('What is it?').selectOption('mug');
  await expect(page.getByRole('img', { name: 'The ordinary mug seen from the front' })).toBeVisible();
  await line(page, 'Picture').click();
  await page.getByLabel('Width').fill('150 mm');
  await page.getByLabel('Width').press('Enter');
  await page.getByText('Show all').click();
  await expect(page.getByText('It reaches round the corner')).toBeVisible();
  await page.getByLabel('Turn it').fill('60');
  await expect(page.getByRole('img', { name: 'The ordinary mug seen from the front, turned' })).toBeVisible();
});
