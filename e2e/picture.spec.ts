// Rooms: artwork, plan.
import { BY_TURNS, discOnBlue, discOnMeadow, discOnWhite, expect, line, newJob, stripes, test } from './shop';

test('a picture is foreseen on the cloth, and its background taken away and put back', async ({ page }) => {
  await newJob(page, 'Foreseen shirts', { name: 'disc.png', buffer: discOnWhite(900, 3) });
  await line(page, 'Blank').click();
  await page.getByLabel('Colour', { exact: true }).selectOption({ label: 'black' });
  await page.getByRole('tab', { name: 'The picture' }).click();
  await expect(page.getByRole('img', { name: 'The picture as it will be' })).toBeVisible();
  await expect(page.getByText('White and red vanish.', { exact: true })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Checks', exact: true })).toContainText(
    'On black: white and red vanish.',
  );

  await page.getByRole('button', { name: 'Remove the background' }).click();
  await expect(page.getByText('The violet part will be removed.')).toBeVisible();
  await page.getByRole('button', { name: 'Remove the violet part' }).click();
  await expect(page.getByRole('button', { name: 'Put the background back' })).toBeVisible();
  // Half of the 200 mm is disc, and stays in the middle of where the picture was.
  await expect(line(page, 'Picture')).toContainText('100');
  await expect(line(page, 'Where it goes')).toContainText(/Centred, 1(29|30)/);
  await page.getByRole('button', { name: 'Put the background back' }).click();
  await expect(line(page, 'Picture')).toContainText('200 × 200 mm');
});

test('a thing in a photograph is cut out by lines drawn over it', async ({ page }) => {
  await newJob(page, 'Meadow shirts', { name: 'meadow.png', buffer: discOnMeadow(600) });
  await page.getByRole('tab', { name: 'The picture' }).click();
  await page.getByRole('button', { name: 'Cut out by drawing' }).click();
  const remove = page.getByRole('button', { name: 'Remove the violet part' });
  await expect(remove).toBeDisabled();
  const stage = page.getByRole('application');
  const box = await stage.boundingBox();
  if (box === null) {
    throw new Error('There is nothing to draw on.');
  }
  const [x, y, reach] = [box.x + box.width / 2, box.y + box.height / 2, Math.min(box.width, box.height) / 8];
  await page.mouse.move(x - reach, y);
  await page.mouse.down();
  await page.mouse.move(x + reach, y, { steps: 6 });
  await page.mouse.up();
  await expect(page.getByText('The violet part will be removed.')).toBeVisible();
  await expect(remove).toBeEnabled();
  // By the keyboard too: a second line in the middle, which is taken off again.
  await stage.focus();
  await page.keyboard.press('Space');
  await page.keyboard.press('Shift+ArrowRight');
  await page.keyboard.press('Space');
  await page.getByRole('button', { name: 'Undo the last line' }).click();
  await expect(remove).toBeEnabled();
  await remove.click();
  await expect(page.getByRole('button', { name: 'Put the background back' })).toBeVisible();
  await expect(page.getByText('along its outline')).toBeVisible();
  // The disc is half as wide as the picture was.
  await expect(line(page, 'Picture')).toContainText(/\b(9[89]|10[0-3]) × /);
});

test('what nobody can tell from the pixels is asked, with both to look at', BY_TURNS, async ({ page }) => {
  await newJob(page, 'Asked shirts', { name: 'field.png', buffer: discOnBlue(500) });
  await page.getByText('Show all').click();
  await expect(page.getByText(/Is the blue round it a background/)).toBeVisible();
  await page.getByRole('tab', { name: 'The picture' }).click();
  await expect(page.getByRole('img', { name: 'Without the colour round it' })).toBeVisible();
  await page.getByRole('button', { name: 'It is part of the picture' }).click();
  await expect(page.getByText(/Is the blue round it a background/)).toHaveCount(0);
});

test('a cut line is drawn at a margin and saved for a cutter', BY_TURNS, async ({ page }) => {
  await newJob(page, 'Cut shirts', { name: 'cut.png', buffer: discOnWhite(900, 5) });
  await line(page, 'Picture').click();
  await page.getByLabel('lettering').click();
  await expect(page.getByLabel('lettering')).toBeChecked();
  await page.getByText('Show all').click();
  await expect(page.getByText('On the sheet the letters must read backwards.')).toBeVisible();
  await page.getByRole('tab', { name: 'The picture' }).click();
  await page.getByRole('button', { name: 'Draw the cut line' }).click();
  await expect(page.getByText(/in 1 part, \d+ corners: easy to cut/)).toBeVisible();
  await page.getByLabel('Margin round it').fill('a bit');
  await page.getByLabel('Margin round it').press('Enter');
  await expect(page.getByRole('alert')).toContainText('not a length');
  await page.getByLabel('Margin round it').fill('1/4 in');
  await page.getByLabel('Margin round it').press('Enter');
  await expect(page.getByRole('alert')).toHaveCount(0);
  const saved = await page.request.get(
    new URL((await page.getByRole('link', { name: 'Save as SVG' }).getAttribute('href')) ?? '', page.url()).href,
  );
  expect(await saved.text()).toContain('mm" viewBox');
});

test('a picture is found again, used again, and replaced by a new version', async ({ page }) => {
  await newJob(page, 'Basket shirts', { name: 'basket.png', buffer: discOnWhite(400, 7) });
  await page.goto('/pictures');
  await page.getByLabel('Find by file name or job').fill('basket sh');
  const entry = page.getByRole('listitem').filter({ hasText: 'basket.png' });
  await expect(entry.getByRole('link', { name: 'Basket shirts' })).toBeVisible();
  await expect(page.getByRole('listitem').filter({ hasText: 'blossom.svg' })).toHaveCount(0);
  await entry
    .locator('input[type=file]')
    .setInputFiles({ name: 'basket-2.png', mimeType: 'image/png', buffer: discOnWhite(500, 8) });
  await page.getByLabel('Find by file name or job').fill('basket-2');
  await page.getByRole('listitem').getByRole('link', { name: 'Basket shirts' }).click();
  await expect(line(page, 'Picture')).toContainText('basket-2.png');
  await page.goto('/pictures');
  await page.getByLabel('Find by file name or job').fill('basket.png');
  await page.getByRole('link', { name: 'New job with it' }).click();
  await expect(page.getByText('basket.png')).toBeVisible();
  await page.getByLabel('What is it called?').fill('More baskets');
  await page.getByRole('button', { name: 'Make the job' }).click();
  await expect(line(page, 'Picture')).toContainText('basket.png');
});

test('a mug is turned to see what is round the corner', BY_TURNS, async ({ page }) => {
  await newJob(page, 'Turned mugs', { name: 'wrap.png', buffer: stripes(1600, 600, 41) });
  await line(page, 'Blank').click();
  await page.getByLabel('What is it?').selectOption('mug');
  await expect(page.getByRole('img', { name: 'The ordinary mug from the front' })).toBeVisible();
  await line(page, 'Picture').click();
  await page.getByLabel('Width').fill('150 mm');
  await page.getByLabel('Width').press('Enter');
  await page.getByText('Show all').click();
  await expect(page.getByText('It goes far round the piece')).toBeVisible();
  await page.getByLabel('Turn it').fill('60');
  await expect(page.getByRole('img', { name: 'The ordinary mug from the front, turned' })).toBeVisible();
});
