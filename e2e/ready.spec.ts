// Rooms: ready, proof.
import { BY_TURNS, branch, expect, newJob, test } from './shop';

test('a picture is made ready, undone and done again', async ({ page }) => {
  await newJob(page, 'Made ready', { name: 'apple-branch.svg', buffer: branch() });
  const job = page.url();
  await page.goto(`${job}/ready`);
  await page.getByRole('button', { name: 'Words', exact: true }).click();
  await page.getByLabel('What does it say?').fill('Quillet Lane');
  await page.getByLabel('Room for it, up').fill('1 in');
  await expect(page.getByText(/Capitals are .* high/)).toBeVisible();
  await page.getByLabel('Capitals at most').fill('as large as a house');
  await expect(page.getByRole('alert').first()).toBeVisible();
  await expect(page.getByRole('button', { name: 'Use this picture' })).toBeDisabled();
  await page.getByLabel('Capitals at most').fill('15 mm');
  await page.getByRole('button', { name: 'Frame' }).click();
  await expect(page.getByRole('button', { name: 'Use this picture' })).toBeEnabled();
  await page.getByRole('button', { name: 'Use this picture' }).click();
  await page.waitForURL(job);
  const size = page.getByText(/apple-branch\.svg, /).first();
  const ready = await size.innerText();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(size).not.toHaveText(ready);
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect(size).toHaveText(ready);
  await page.goto(`${job}/ready`);
  await expect(page.getByRole('button', { name: '1. Words' })).toBeVisible();
  await page.getByRole('button', { name: '2. Frame' }).click();
  await page.getByRole('button', { name: 'Remove this step' }).click();
  await page.getByRole('button', { name: 'Use this picture' }).click();
  await page.waitForURL(job);
  await expect(size).not.toHaveText(ready);
});

test('a corner is dragged, and moved by the keys', BY_TURNS, async ({ page }) => {
  await newJob(page, 'Cropped', { name: 'apple-branch.svg', buffer: branch() });
  const job = page.url();
  await page.goto(`${job}/ready`);
  await page.getByRole('button', { name: 'Crop' }).click();
  const corner = page.getByRole('button', { name: 'Lower right corner' });
  const box = await corner.boundingBox();
  await corner.hover();
  await page.mouse.down();
  await page.mouse.move((box?.x ?? 0) - 120, (box?.y ?? 0) - 60, { steps: 5 });
  await page.mouse.up();
  const moved = await corner.boundingBox();
  expect(moved?.x).toBeLessThan((box?.x ?? 0) - 50);
  await corner.press('Shift+ArrowLeft');
  await expect.poll(async () => (await corner.boundingBox())?.x).toBeLessThan((moved?.x ?? 0) - 5);
  await page.getByRole('button', { name: 'Use this picture' }).click();
  await page.waitForURL(job);
});

test('a list of names is kept, shown and approved', async ({ page }) => {
  await newJob(page, 'Named', { name: 'apple-branch.svg', buffer: branch() });
  const job = page.url();
  await page.goto(`${job}/ready`);
  await page.getByRole('button', { name: 'Room for each piece’s name' }).click();
  await page.getByRole('button', { name: 'Use this picture' }).click();
  await page.waitForURL(job);
  await page.goto(`${job}/names`);
  await page.getByRole('textbox', { name: 'Names' }).fill('Rowan\nJuniper; XXXXL');
  await page.getByRole('button', { name: 'Keep the list' }).click();
  await expect(page.getByRole('alert')).toContainText('Line 2');
  await page.getByRole('textbox', { name: 'Names' }).fill('Rowan\n王小明; L');
  await page.getByRole('button', { name: 'Keep the list' }).click();
  // What the typeface cannot write comes first.
  await expect(page.getByRole('list', { name: 'Names' }).getByRole('listitem').first()).toContainText('王小明');
  await page.getByRole('textbox', { name: 'Names' }).fill('Rowan\nJuniper; L');
  await page.getByRole('button', { name: 'Keep the list' }).click();
  await expect(page.getByText('2. Juniper, L')).toBeVisible();
  await page.goto(`${job}/proof`);
  await page.getByRole('button', { name: 'Make the proof (PDF)' }).click();
  await page.getByRole('button', { name: 'Approved' }).click();
  await expect(page.getByRole('alert')).toHaveText('Write who said so.');
  await page.getByLabel('Who answered?').fill('Hazel');
  await page.getByRole('button', { name: 'Approved' }).click();
  await expect(page.getByText(/approved by Hazel/)).toBeVisible();
  await page.goto(`${job}/names`);
  await page.getByRole('textbox', { name: 'Names' }).fill('Rowan\nJunyper; L');
  await page.getByRole('button', { name: 'Keep the list' }).click();
  await expect(page.getByText('2. Junyper, L')).toBeVisible();
  await page.goto(job);
  await expect(page.getByText('The job was changed after the customer approved it.')).toBeVisible();
});
