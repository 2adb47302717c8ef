// Rooms: advice, plan, route, blank, job.
import { BY_TURNS, expect, line, newJob, pick, stored, stripes, test } from './shop';

test('a dark shirt is led to the route that works', async ({ page }) => {
  await newJob(page, 'Night shirts', { name: 'night.png', buffer: stripes(1500, 1000, 20) });
  await line(page, 'Blank').click();
  await page.getByLabel('Colour', { exact: true }).selectOption({ label: 'dark green' });
  await line(page, 'Route').click();
  await page.getByRole('link', { name: 'See every route and choose' }).click();
  await page.getByLabel('How will it be used?').selectOption({ label: 'washed often' });
  const buy = page.getByRole('region', { name: 'Routes for which you need to buy something' });
  await expect(buy).toContainText('needs opaque film for dark cloth, A4');
  const cannot = page.getByRole('region', { name: 'Routes that cannot work here' });
  await expect(cannot).toContainText('there is no white ink');
  await expect(cannot).toContainText('Nearest route that works: Opaque film for coloured cloth.');
  await buy.getByRole('button', { name: 'Use this route' }).click();
  await expect(line(page, 'Route')).toContainText('Opaque film for coloured cloth');
  await expect(line(page, 'Mirrored')).toContainText('No');
  await expect(page.getByRole('region', { name: 'Layers, from top to bottom' })).toContainText('printed face up');
  await expect(page.getByRole('region', { name: 'Checks', exact: true })).toContainText('There is no opaque film');
});

test('two routes are compared side by side', BY_TURNS, async ({ page }) => {
  await page.goto('/jobs/seed-bags/routes');
  const boxes = page.getByLabel('compare');
  await boxes.nth(0).check();
  await expect(page.getByRole('status')).toContainText('second route');
  await boxes.nth(1).check();
  const table = page.getByRole('region', { name: 'Side by side' });
  for (const row of ['Suits the piece', 'Cost of the sheet', 'Effort', 'Mirrored', 'Heat time', 'Points']) {
    await expect(table.getByRole('rowheader', { name: row })).toBeVisible();
  }
});

test('a candle is planned from the start: blank, route, size, school, bench', async ({ page }) => {
  await page.goto('/jobs/new');
  await page.getByLabel('What is it called?').fill('Chapel candles');
  await pick(page, 'On what?', 'pillar candle');
  await page.setInputFiles('input[type=file]', {
    name: 'chapel.png',
    mimeType: 'image/png',
    buffer: stripes(900, 1200, 21),
  });
  await expect(page.getByText('chapel.png', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Make the job' }).click();
  await expect(page.getByRole('heading', { name: 'Choose a route' })).toBeVisible();
  await page
    .getByRole('region', { name: 'Routes that work with what you have' })
    .getByRole('listitem')
    .filter({ hasText: 'Printed tissue' })
    .getByRole('button', { name: 'Use this route' })
    .click();
  await expect(line(page, 'Mirrored')).toContainText('away from the piece');
  await line(page, 'Set time|Time to set before peeling').click();
  await page.getByRole('button', { name: 'A few seconds' }).click();
  await expect(line(page, 'Time to set before peeling')).toContainText('A few seconds');
  await line(page, 'Heat time').click();
  await page.getByLabel('Only for this job').fill('4 min');
  await page.getByLabel('Only for this job').press('Enter');
  await expect(line(page, 'Heat time')).toContainText('4 min');
  await page.getByRole('button', { name: 'To the bench' }).click();
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(page.getByRole('heading', { name: 'Iron the tissue flat at low heat.' })).toBeVisible();
});

test('a rule of the house changes every plan and says so', BY_TURNS, async ({ browser }) => {
  const page = await (await browser.newContext()).newPage();
  await page.goto('/house');
  const coats = page.getByRole('group', { name: 'Warming the toner into the wax' });
  await stored(page, () => coats.getByLabel('Never').click());
  await expect(coats.getByLabel('Never')).toBeChecked();
  await page.goto('/jobs/variety-boards');
  await expect(line(page, 'Warming the toner into the wax')).toContainText('Never');
  await expect(line(page, 'Warming the toner into the wax').getByLabel('a rule of your house')).toBeVisible();
  await page.goto('/house');
  await stored(page, () => coats.getByLabel('Let Wubbin choose').click());
  await expect(coats.getByLabel('Let Wubbin choose')).toBeChecked();
  await page.context().close();
});

test('a mug press goes on the shelf with its measures, and a wrong one is told', BY_TURNS, async ({ page }) => {
  await page.route('**/api/shelf/heat', (route) => route.continue());
  await page.goto('/shelf');
  await page.getByLabel('Another').selectOption({ label: 'mug press' });
  await page.getByLabel('Its name').fill('spare mug press');
  await page.getByLabel('Smallest mug, across').fill('3 in');
  await page.getByLabel('Largest mug, across').fill('2 in');
  await page.getByLabel('From', { exact: true }).fill('180 F');
  await page.getByLabel('Hottest').fill('400 F');
  await page.getByRole('button', { name: 'Add this source' }).click();
  await expect(page.getByRole('alert')).toContainText('the largest above the smallest');
  await page.getByLabel('Largest mug, across').fill('3 1/2 in');
  await page.getByRole('button', { name: 'Add this source' }).click();
  await expect(page.getByText('mugs 76–89 mm')).toBeVisible();
  await page.getByRole('button', { name: 'Take spare mug press off the shelf' }).click();
  await expect(page.getByText('mugs 76–89 mm')).toHaveCount(0);
});

test('a supplier’s sheet is typed in, used, changed and retired', BY_TURNS, async ({ page }) => {
  await page.goto('/recipes');
  await page.getByRole('button', { name: 'Type in a supplier’s sheet' }).click();
  const form = page.getByRole('form', { name: 'Recipe' });
  await form.getByLabel('Its name').fill('Creek liner');
  await form.getByLabel('Route').selectOption({ label: 'toner from a label liner onto wood' });
  await form.getByLabel('Heat', { exact: true }).selectOption({ label: 'iron' });
  await form.getByLabel('Time under heat').fill('-3 s');
  await form.getByLabel('Temperature').fill('900 C');
  await form.getByRole('button', { name: 'Save it' }).click();
  await expect(form.getByRole('alert').first()).toContainText('not a time');
  await form.getByLabel('Time under heat').fill('55 s');
  await form.getByRole('button', { name: 'Save it' }).click();
  await expect(form.getByRole('alert')).toContainText('from 20 °C');
  await form.getByLabel('Temperature').fill('190 C');
  await form.getByRole('button', { name: 'Save it' }).click();
  const entry = page.getByRole('listitem').filter({ hasText: 'Creek liner' });
  await expect(entry).toContainText('Time under heat 55 s · 190 °C');

  await page.goto('/jobs/crate-ends');
  await expect(line(page, 'Recipe')).toContainText('Creek liner, version 1');
  await expect(line(page, 'Heat time')).toContainText('55 s');

  await page.goto('/recipes');
  await entry.getByRole('button', { name: 'Change' }).click();
  await form.getByLabel('Time under heat').fill('65 s');
  await form.getByRole('button', { name: 'Save as a new version' }).click();
  await expect(entry).toContainText('version 2');
  await entry.getByRole('button', { name: 'Stop using it' }).click();
  await expect(entry.getByRole('button', { name: 'Use again' })).toBeVisible();
  await page.goto('/jobs/crate-ends');
  await expect(line(page, 'Heat time')).toContainText('60 s');
});

test('a mug is measured, a job is made on it, and it is retired', BY_TURNS, async ({ page }) => {
  await page.goto('/shelf');
  const form = page.getByRole('region', { name: 'Your own blanks' });
  await form.getByLabel('What you call it').fill('milking mug');
  await form.getByLabel('Across (8 cm), or 25 cm round').fill('27 cm round');
  await form.getByLabel('Height').fill('1 cm');
  await form.getByRole('button', { name: 'Add this blank' }).click();
  await expect(form.getByRole('alert')).toContainText('no print area is left');
  await form.getByLabel('Height').fill('100 mm');
  await form.getByRole('button', { name: 'Add this blank' }).click();
  const mine = form.getByLabel('milking mug, 86 across, 100 mm high · like ordinary mug', { exact: false });
  await expect(mine).toBeChecked();
  await page.goto('/jobs/new');
  await page.getByLabel('What is it called?').fill('Milking mugs');
  await pick(page, 'On what?', 'mug');
  await pick(page, 'Which size?', 'milking mug');
  await page.getByRole('button', { name: 'Make the job' }).click();
  await expect(page.getByText('For this milking mug')).toBeVisible();
  await page.getByRole('link', { name: 'Milking mugs' }).click();
  await expect(line(page, 'Blank')).toContainText('Milking mug');
  await line(page, 'Blank').click();
  await expect(page.getByText('86 mm across, 270 mm round', { exact: false })).toBeVisible();
  await page.goto('/shelf');
  await mine.click();
  await expect(mine).not.toBeChecked();
  await expect(form.getByText('retired')).toBeVisible();
  await page.goto('/jobs');
  await page.getByRole('link', { name: /Milking mugs/ }).click();
  await expect(line(page, 'Blank')).toContainText('Milking mug');
});

test('a printer is copied with its own margin, and a job as a starting point', BY_TURNS, async ({ page }) => {
  await page.goto('/shelf');
  await page.getByRole('button', { name: 'Copy inkjet with dye ink' }).click();
  await page.getByLabel('Your name for it').fill('attic inkjet');
  await page.getByLabel('White margin').fill('wide');
  await page.getByRole('button', { name: 'Put it on the shelf' }).click();
  await expect(page.getByRole('alert')).toContainText('not a length');
  await page.getByLabel('White margin').fill('1/2 in');
  await page.getByRole('button', { name: 'Put it on the shelf' }).click();
  await expect(page.getByLabel('attic inkjet, margin 12.7 mm · your own')).toBeChecked();
  await page.goto('/jobs/wheel-shirts');
  await page.getByRole('button', { name: 'Copy as a new job' }).click();
  await expect(page.getByRole('heading', { name: 'Pressing-shed shirts (copy)' })).toBeVisible();
  await line(page, 'Printer').click();
  await page.getByRole('button', { name: 'Attic inkjet' }).click();
  await expect(line(page, 'Printer')).toContainText('Attic inkjet');
});

test('pieces divide by size and colour, each with a plan, a page and a session of its own', async ({ page }) => {
  await newJob(page, 'Mixed shirts', { name: 'mixed.png', buffer: stripes(1800, 1400, 22) });
  await line(page, 'How many').click();
  const shares = page.getByLabel('By size and colour');
  await shares.fill('6 S, 3 Q');
  await shares.press('Enter');
  await expect(page.getByRole('alert')).toContainText('“3 Q” cannot be read');
  await expect(shares).toHaveValue('6 S, 3 Q');
  await shares.fill('6 S 120 mm, 10 M, 1 L black');
  await shares.press('Enter');
  await expect(line(page, 'How many')).toContainText('17: 6 × S 120 mm, 10 × M, 1 × L black');
  const checks = page.getByRole('region', { name: 'Checks', exact: true });
  await expect(checks).toContainText('L black: On dark cloth the colours do not show');
  await shares.fill('6 S 120 mm, 10 M');
  await shares.press('Enter');
  await expect(checks).not.toContainText('L black');
  await page.getByRole('button', { name: 'Make the sheets (PDF)' }).click();
  await expect(page.getByText(/Sheets made, plan/)).toBeVisible();
  await page.getByRole('button', { name: 'To the bench' }).click();
  await page.getByLabel('Which of them?').selectOption({ label: 'S 120 mm (6)' });
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(page.locator('main > header')).toContainText('Mixed shirts · S 120 mm');
});
