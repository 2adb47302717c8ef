// Rooms: blank, plan, artwork.
import { BY_TURNS, expect, flat, line, newJob, pick, stripes, test } from './shop';

test('a garment is measured from a photo, kept on the shelf and planned for', async ({ page }) => {
  await page.goto('/shelf/trace');
  const keep = page.getByRole('button', { name: 'Put it on the shelf' });
  await expect(keep).toBeDisabled();
  await page
    .locator('input[type=file]')
    .setInputFiles({ name: 'table.png', mimeType: 'image/png', buffer: flat(1000, 800) });
  const photo = page.getByRole('application', { name: 'Marks in the photo' });
  await expect(photo).toBeVisible();
  const box = (await photo.boundingBox()) ?? { x: 0, y: 0, width: 1 };
  const click = (x: number, y: number) =>
    page.mouse.click(box.x + (x * box.width) / 1000, box.y + (y * box.width) / 1000);
  // An A4 sheet seen straight from above, two pixels to a millimetre; its corners crossed first, then put right.
  for (const [x, y] of [
    [290, 103],
    [710, 103],
    [290, 697],
    [710, 697],
  ] as const) {
    await click(x, y);
  }
  for (const [x, y] of [
    [200, 60],
    [800, 60],
    [800, 760],
    [200, 760],
  ] as const) {
    await click(x, y);
  }
  await expect(page.getByRole('alert')).toContainText('corners cross');
  for (let taken = 0; taken < 6; taken++) {
    await page.getByRole('button', { name: 'Undo' }).click();
  }
  await click(710, 697);
  await click(290, 697);
  for (const [x, y] of [
    [200, 60],
    [800, 60],
    [800, 760],
    [200, 760],
  ] as const) {
    await click(x, y);
  }
  const measures = page.getByRole('region', { name: 'What is traced' });
  await expect(measures).toContainText(/Width(299|300|301)(\.\d)? mm/);
  await expect(measures).toContainText(/Height(349|350|351)(\.\d)? mm/);

  // By keyboard: a side is split, its new point moved out, and removed again.
  await page.getByRole('button', { name: /^Point 2\./ }).press('s');
  const added = page.getByRole('button', { name: /^Point 3\./ });
  await added.press('Shift+ArrowRight');
  await expect(measures).not.toContainText(/Width(299|300|301)(\.\d)? mm/);
  await added.press('Delete');
  await expect(measures).toContainText(/Width(299|300|301)(\.\d)? mm/);

  await page.getByLabel('What you call it').fill('');
  await keep.click();
  await expect(page.getByRole('alert')).toContainText('Give it a name');
  await page.getByLabel('What you call it').fill('Traced apron');
  await keep.click();
  await expect(page.getByText('Traced apron, traced from a photo')).toBeVisible();
  await page.goto('/jobs/new');
  await pick(page, 'On what?', 'apron');
  await expect(page.getByRole('radio', { name: /^Traced apron/ })).toHaveCount(1);
});

test('a tapered mug: bent on the drawing, turned, on its sheet, with a template', async ({ page }) => {
  await page.goto('/jobs/tasting-cups');
  await expect(line(page, 'Blank')).toContainText('90 mm across at the rim');
  const bent = page.locator('image[href*="/bent?"]');
  await expect(bent).toHaveCount(1);
  const before = await bent.getAttribute('href');
  await page.getByRole('button', { name: /^The picture, / }).press('Shift+ArrowDown');
  await expect(bent).not.toHaveAttribute('href', before ?? '');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(bent).toHaveAttribute('href', before ?? '');

  // Far too wide to be bent: told, and taken back, with nothing lying over the page.
  await line(page, 'Picture').click();
  await page.getByLabel('Width').fill('1900 mm');
  await page.getByLabel('Width').press('Enter');
  await expect(page.getByRole('region', { name: 'Checks', exact: true })).toContainText('too large to be bent');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(bent).toHaveAttribute('href', before ?? '');

  const template = await page.request.get('/api/jobs/tasting-cups/template.pdf');
  expect((await template.body()).toString('latin1', 0, 5)).toBe('%PDF-');
  await page.getByRole('button', { name: 'Make the sheets (PDF)' }).click();
  await expect(page.getByText(/Sheets? made, plan/)).toBeVisible();
  await page.keyboard.press('2');
  await expect(page.getByRole('img', { name: /The sheet, print side up/ }).locator('image')).toHaveAttribute(
    'href',
    /bent/,
  );
});

test(
  'a blank of one’s own gets its print area and a pocket; a picture over the pocket is told of',
  BY_TURNS,
  async ({ page }) => {
    await page.goto('/shelf');
    const own = page.getByRole('region', { name: 'Your own blanks' });
    await own.getByLabel('Kind').selectOption({ label: 'shirt' });
    await own.getByLabel('What you call it').fill('Work shirt');
    await own.getByLabel('Across the chest').fill('52 cm');
    await own.getByLabel('Collar to hem').fill('74 cm');
    await own.getByText('Print area, and parts to keep clear').click();
    await own.getByLabel('Print area, width').fill('280 mm');
    await own.getByRole('button', { name: 'Keep a pocket or a hole clear' }).click();
    await own.getByLabel('What is there').fill('pocket');
    await own.getByLabel('Right of centre').fill('9 cm');
    await own.getByLabel('Upper edge, below').fill('14 cm');
    await own.getByLabel('Wide').fill('much');
    await own.getByRole('textbox', { name: 'High' }).fill('13 cm');
    await own.getByRole('button', { name: 'Add this blank' }).click();
    await expect(own.getByRole('alert')).toHaveCount(1);
    await own.getByLabel('Wide').fill('11 cm');
    await own.getByRole('button', { name: 'Add this blank' }).click();
    await expect(own.getByText(/Work shirt.*keeps clear of pocket/)).toBeVisible();

    await newJob(page, 'Pocket shirts', { name: 'pocket.png', buffer: stripes(1200, 900, 41) });
    await line(page, 'Blank').click();
    await page.getByLabel('Size').selectOption({ label: 'Work shirt' });
    await expect(page.getByRole('region', { name: 'Checks', exact: true })).toContainText('It lies over: pocket');
    await expect(line(page, 'Blank')).toContainText('280 ×');
  },
);

test(
  'a picture is shown as drawn, on the way and as it will be; aligned; on patterned cloth',
  BY_TURNS,
  async ({ page }) => {
    await page.goto('/jobs/apron');
    const show = page.getByRole('group', { name: 'Show the picture' });
    await expect(show.getByLabel('as it will be')).toBeChecked();
    await page.keyboard.press('v');
    await expect(show.getByLabel('as drawn')).toBeChecked();
    await page.keyboard.press('v');
    await expect(show.getByLabel('on the sheet')).toBeChecked();
    await page.keyboard.press('3');
    await expect(page.getByText('The print looks dull on paper. The press brings the colours out.')).toBeVisible();

    await newJob(page, 'Striped shirts', { name: 'striped.png', buffer: stripes(1200, 900, 42) });
    await line(page, 'Where it goes').click();
    await page.getByRole('button', { name: 'To the left' }).click();
    await expect(line(page, 'Where it goes')).toContainText('50 mm left of centre');
    await page.getByRole('button', { name: 'To the foot' }).click();
    await expect(line(page, 'Where it goes')).toContainText('310 mm below the collar');
    await line(page, 'Blank').click();
    await page.getByLabel('Pattern of the cloth').selectOption({ label: 'stripes' });
    const checks = page.getByRole('region', { name: 'Checks', exact: true });
    await expect(checks).toContainText('The pattern of the cloth shows');
    await page.getByLabel('It repeats every').fill('9 m');
    await page.getByLabel('It repeats every').press('Enter');
    await expect(page.getByRole('alert')).toContainText('1 to 300 mm');
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(checks).not.toContainText('Patterned cloth');
  },
);

test('a large picture is read beside the page and can be given up', BY_TURNS, async ({ page }) => {
  await page.goto('/pictures');
  const file = { name: 'wall.png', mimeType: 'image/png', buffer: flat(3400, 2400) };
  await page.locator('input[type=file]').first().setInputFiles(file);
  await page.getByRole('button', { name: 'Cancel' }).click();
  await expect(page.getByText('PNG, JPEG, WebP, HEIC, SVG, PDF and others. You can drop it here.')).toBeVisible();
  await expect(page.getByText('wall.png', { exact: true })).toHaveCount(0);
  await page.locator('input[type=file]').first().setInputFiles(file);
  await expect(page.getByText('wall.png', { exact: true })).toBeVisible();
});
