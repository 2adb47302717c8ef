// Rooms: job, plan, measure.
import { BY_TURNS, expect, line, newJob, stripes, test } from './shop';

test('a width that cannot be is told at its field and stays there', BY_TURNS, async ({ page }) => {
  await newJob(page, 'Odd widths', { name: 'odd.png', buffer: stripes(800, 800, 5) });
  await line(page, 'Picture').click();
  const width = page.getByLabel('Width');
  for (const [typed, said] of [
    ['0', 'from 5 mm'],
    ['-5', 'from 5 mm'],
    ['abc', 'not a length'],
    ['1e9', 'not a length'],
  ] as const) {
    await width.fill(typed);
    await width.press('Enter');
    await expect(page.getByRole('alert')).toContainText(said);
    await expect(width).toHaveValue(typed);
    await expect(width).toHaveAttribute('aria-invalid', 'true');
  }
  await width.press('Escape');
  await expect(width).toHaveValue('200 mm');
});

test('files that are no pictures are told so, and what was typed is kept', BY_TURNS, async ({ page }) => {
  await page.goto('/jobs/new');
  await page.getByLabel('What is it called?').fill('Kept name');
  const pick = (name: string, buffer: Buffer) =>
    page.setInputFiles('input[type=file]', { name, mimeType: 'image/png', buffer });
  await pick('empty.png', Buffer.alloc(0));
  await expect(page.getByRole('alert')).toContainText('empty');
  await pick('letter.png', Buffer.from('Dear printer,'));
  await expect(page.getByRole('alert')).toContainText('not a PNG');
  await pick('half.png', stripes(900, 900, 6).subarray(0, 1500));
  await expect(page.getByRole('alert')).toContainText('not complete');
  await pick('script.svg', Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"><script>1</script></svg>'));
  await expect(page.getByRole('alert')).toContainText('script');
  await pick('good.png', stripes(600, 600, 7));
  await expect(page.getByRole('alert')).toHaveCount(0);
  await expect(page.getByLabel('What is it called?')).toHaveValue('Kept name');
});

test('a number that cannot be is told at its field, and a double click makes one job', async ({ page }) => {
  await page.goto('/jobs/new');
  await page.getByLabel('How many?').fill('none');
  await page.getByRole('button', { name: 'Make the job' }).click();
  await expect(page.getByRole('alert')).toContainText('number');
  await page.getByLabel('How many?').fill('1');
  await page.getByLabel('What is it called?').fill('Clicked twice');
  await page.getByRole('button', { name: 'Make the job' }).dblclick();
  await expect(page.getByRole('heading', { name: 'Clicked twice' })).toBeVisible();
  await page.goto('/jobs');
  await expect(page.getByRole('link', { name: /Clicked twice/ })).toHaveCount(1);
});

test('of two tabs that edit a job the second is told and loses nothing', async ({ page, context }) => {
  await newJob(page, 'Two tabs', { name: 'tabs.png', buffer: stripes(900, 700, 8) });
  const other = await context.newPage();
  await other.goto(page.url());
  await line(other, 'Finish').click();
  await other.getByRole('button', { name: 'Gloss, peel cold' }).click();
  await expect(line(other, 'Finish')).toContainText('Gloss');
  await line(page, 'Picture').click();
  await page.getByLabel('Width').fill('120 mm');
  await page.getByLabel('Width').press('Enter');
  await expect(page.getByRole('status')).toContainText('in another window');
  await expect(page.getByRole('status')).toContainText('width 120 mm');
  await page.getByRole('button', { name: 'Use my change' }).click();
  await expect(line(page, 'Picture')).toContainText('120 × ');
  await expect(line(page, 'Finish')).toContainText('Gloss');
});

test('a dark shirt is stopped with a way on', async ({ page }) => {
  await newJob(page, 'Dark shirts', { name: 'dark.png', buffer: stripes(1800, 900, 9) });
  await line(page, 'Blank').click();
  await page.getByLabel('Colour', { exact: true }).selectOption({ label: 'dark green' });
  const checks = page.getByRole('region', { name: 'Checks', exact: true });
  await expect(checks).toContainText('no white ink');
  await expect(page.getByRole('button', { name: 'Make the sheet (PDF)' })).toBeDisabled();
  await checks.getByRole('button', { name: 'Do it anyway' }).click();
  await page.getByLabel('Why is this all right here?').fill('Black line art only.');
  await page.getByRole('button', { name: 'Set aside' }).click();
  await expect(checks).toContainText('“Black line art only.”');
  await expect(page.getByRole('button', { name: 'Make the sheet (PDF)' })).toBeEnabled();
  await checks.getByRole('button', { name: 'Show the warning again' }).click();
  // The reason comes back into its field, and the buttons beside it move.
  await expect(page.getByLabel('Why is this all right here?')).toHaveValue('Black line art only.');
  await page.getByRole('button', { name: 'Use a white one' }).click();
  await expect(checks).not.toContainText('no white ink');
});
