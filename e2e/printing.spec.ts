// Rooms: sheet, plan.
import { BY_TURNS, expect, flat, line, newJob, stripes, test } from './shop';

test('a feed test on the simulated printer tells how a sheet goes in', BY_TURNS, async ({ page }) => {
  await page.goto('/sheets/printers');
  const laser = page.getByRole('region', { name: 'black-and-white laser' });
  await laser.getByLabel('Another tray').fill('flap at the back');
  await laser.getByRole('button', { name: 'Add' }).click();
  await expect(laser.getByText('flap at the back')).toBeVisible();
  await laser.getByRole('button', { name: 'Feed test' }).last().click();
  await laser.getByRole('button', { name: 'simulated printer' }).click();
  await expect(page.getByAltText('The other side')).toBeVisible();
  const remember = laser.getByRole('button', { name: /Remember this/ });
  await expect(remember).toBeDisabled();
  await laser.getByLabel('the other side').check();
  await laser.getByRole('button', { name: 'far left' }).click();
  await laser.getByLabel('read right').check();
  await remember.click();
  await expect(laser.getByText('print side down, the page’s upper edge in first').last()).toBeVisible();
});

test('a sheet goes through the queue: right, then laid in wrong', async ({ page }) => {
  await newJob(page, 'Queued shirts', { name: 'queued.png', buffer: stripes(900, 600, 61) });
  await page.getByRole('tab', { name: 'On the sheet' }).click();
  await page.getByRole('tab', { name: 'Into the printer' }).click();
  await expect(page.getByRole('img', { name: /In the tray the print side looks up/ })).toBeVisible();
  await expect(page.getByText('100 %, “fit to page” off')).toBeVisible();
  await line(page, 'Picture').click();
  await page.getByLabel('Width').fill('90 mm');
  await page.getByLabel('Width').press('Enter');
  await expect(page.getByText(/90 × 60 mm/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Make the sheet (PDF)' }).click();
  await expect(page.getByText(/Sheets? made, plan/)).toBeVisible();
  await page.goto('/sheets/queue');
  await page.getByRole('button', { name: /Queued shirts/ }).click();
  const queue = page.getByRole('region', { name: 'What came out' });
  await page.getByRole('button', { name: 'See what would come out' }).click();
  await expect(queue.getByText('Right side, right way round.').first()).toBeVisible();
  await page.getByLabel('The print side looks').selectOption('down');
  await page.getByLabel('“Mirror” in the driver').selectOption('on');
  await expect(page.getByText('For this sheet the driver must not mirror.')).toBeVisible();
  await page.getByRole('button', { name: 'See what would come out' }).click();
  await expect(queue.getByText(/Wrong side\./).first()).toBeVisible();
  await expect(queue.getByText(/Mirrored twice/).first()).toBeVisible();
});

test('a picture in parts keeps its joins out of a box', BY_TURNS, async ({ page }) => {
  await page.goto('/jobs/apron');
  await page.getByRole('tab', { name: 'On the sheet' }).click();
  const drawing = page.getByRole('img', { name: 'The picture in 6 parts' });
  await expect(drawing).toBeVisible();
  const box = (await drawing.boundingBox()) ?? { x: 0, y: 0, width: 0, height: 0 };
  await page.mouse.move(box.x + box.width * 0.45, box.y + box.height * 0.4);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width * 0.55, box.y + box.height * 0.6, { steps: 4 });
  await page.mouse.up();
  await expect(page.getByRole('button', { name: 'Take the box away' })).toBeVisible();
  await page.getByRole('tab', { name: 'Its sheets' }).click();
  await expect(page.getByRole('img', { name: /^Sheet 1: part/ })).toBeVisible();
  await page.getByRole('tab', { name: 'Put together' }).click();
  await page.getByRole('button', { name: 'Take the box away' }).click();
  await expect(page.getByRole('button', { name: 'Take the box away' })).toHaveCount(0);
});

test('tissue has its carrier’s cut list, and a bench card', BY_TURNS, async ({ page }) => {
  await page.goto('/jobs/blossom-candles');
  await page.getByRole('tab', { name: 'On the sheet' }).click();
  await page.getByRole('tab', { name: 'Its carrier' }).click();
  await expect(page.getByText('261 × 348 mm')).toBeVisible();
  const card = await page.request.get(
    (await page.getByRole('link', { name: 'Bench card' }).getAttribute('href')) ?? '',
  );
  expect((await card.body()).toString('latin1', 0, 5)).toBe('%PDF-');
});

test('pieces are pinned, spare room is filled, an offcut is kept for next time', async ({ page }) => {
  await newJob(page, 'Pinned patches', { name: 'patches.png', buffer: flat(700, 500) });
  await line(page, 'How many').click();
  await page.getByLabel('All alike', { exact: true }).fill('3');
  await page.getByLabel('All alike', { exact: true }).press('Enter');
  await line(page, 'Picture').click();
  await page.getByLabel('Width').fill('70 mm');
  await page.getByLabel('Width').press('Enter');
  await expect(page.getByText(/70 × 50 mm/).first()).toBeVisible();
  await page.goto('/sheets');
  await page.getByLabel(/^Pinned patches/).check();
  await page.getByText('Fill spare room, offcuts').click();
  await page.getByLabel('Use offcuts of the shelf first').uncheck();
  await page.getByRole('button', { name: 'Make the layout' }).click();
  const piece = page.getByRole('button', { name: /^Pinned patches/ }).first();
  await expect(piece).toBeVisible();
  await piece.focus();
  await page.keyboard.press('Shift+ArrowRight');
  await expect(page.getByText('1 placed by hand.')).toBeVisible();
  await expect(page.getByRole('button', { name: /^Pinned patches, placed by hand/ })).toHaveCount(1);
  await page.getByRole('button', { name: 'Let Wubbin place them' }).click();
  await expect(page.getByRole('button', { name: /^Pinned patches, placed by hand/ })).toHaveCount(0);
  await page
    .getByRole('button', { name: /^Save the offcut/ })
    .first()
    .click();
  await expect(page.getByText(/is on the shelf/)).toBeVisible();
  await page.getByLabel('Fill spare room with test swatches').check();
  await page.getByRole('button', { name: 'Make the layout' }).click();
  await expect(page.getByRole('button', { name: /^Test swatch/ }).first()).toBeVisible();
  await page.goto('/shelf');
  const stock = page.getByRole('region', { name: 'Sheets and offcuts' });
  await expect(stock.getByRole('button', { name: /^Throw away/ }).first()).toBeVisible();
  await stock.getByRole('textbox', { name: 'clear iron-on film, A4' }).fill('a few');
  await stock.getByRole('textbox', { name: 'clear iron-on film, A4' }).press('Enter');
  await expect(stock.getByRole('alert')).toContainText('how many sheets');
});
