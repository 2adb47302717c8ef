// Rooms: plan, run, log, job, measure, sheet, stack.
import type { Locator } from '@playwright/test';
import { BY_TURNS, expect, line, newJob, stripes, test } from './shop';

test('a picture goes onto a shirt, from upload to logbook', async ({ page }) => {
  await page.goto('/jobs/new');
  await page.getByLabel('What is it called?').fill('Cellar shirts');
  const picture = { name: 'stripes.png', mimeType: 'application/octet-stream', buffer: stripes(1800, 1200, 1) };
  await page.setInputFiles('input[type=file]', picture);
  await expect(page.getByText('stripes.png', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Make the job' }).click();
  await expect(page.getByRole('heading', { name: 'Cellar shirts' })).toBeVisible();

  // Size, typed in inches on a metric screen.
  await line(page, 'Picture').click();
  await page.getByLabel('Width').fill('6 in');
  await page.getByLabel('Width').press('Enter');
  await expect(line(page, 'Picture')).toContainText('152 × 102 mm');
  await expect(line(page, 'Picture')).toContainText('300 dpi');

  // Place: by the keyboard, then centred.
  const held = page.getByRole('button', { name: /^The picture, / });
  await held.focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Shift+ArrowDown');
  await expect(line(page, 'Where it goes')).toContainText('1 mm right of centre, 90 mm below the collar');
  await held.focus();
  await page.keyboard.press('c');
  await expect(line(page, 'Where it goes')).toContainText('Centred, 90 mm below');

  // What follows from a change follows at once.
  await expect(line(page, 'Heat time')).toContainText('2 areas × 18 s, then the edges 24 s');
  await line(page, 'Heat').click();
  await page.getByRole('button', { name: 'Caravan iron' }).click();
  await expect(line(page, 'Heat time')).toContainText('4 areas × 18 s');
  await line(page, 'Finish').click();
  await page.getByRole('button', { name: 'Gloss, peel cold' }).click();
  await expect(line(page, 'Finish')).toContainText('below 30 °C');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(line(page, 'Finish')).toContainText('peel warm');

  // The stack shows the printed face against the shirt; the sheet is mirrored.
  await expect(page.getByRole('region', { name: 'Layers, from top to bottom' })).toContainText('printed face down');
  await page.getByRole('tab', { name: 'On the sheet' }).click();
  await expect(page.getByRole('img', { name: 'The sheet, print side up, picture mirrored' })).toBeVisible();
  const [made] = await Promise.all([
    page.waitForResponse((r) => r.url().endsWith('/sheet') && r.status() === 201),
    page.getByRole('button', { name: 'Make the sheet (PDF)' }).click(),
  ]);
  const pdf = await page.request.get(((await made.json()) as { url: string }).url);
  expect(pdf.headers()['content-type']).toBe('application/pdf');
  expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-');
  await expect(page.getByText(/Sheet made, plan [0-9a-f]{8}/)).toBeVisible();

  // The bench, by Space alone.
  await page.getByRole('button', { name: 'To the bench' }).click();
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(page.getByRole('heading', { name: 'Print the sheet' })).toBeVisible();
  for (let press = 0; press < 120; press++) {
    const before = await page.locator('main, #root').first().innerText();
    // Looked for after what is there was read: a step that comes between the two is not pressed away.
    if (await page.getByRole('heading', { name: 'How did it come out?' }).isVisible()) {
      break;
    }
    await page.keyboard.press('Space');
    await expect.poll(() => page.locator('main, #root').first().innerText()).not.toBe(before);
  }
  await page.keyboard.press('2');
  await page.getByRole('button', { name: 'lifted edge' }).click();
  await page.getByLabel(/Note/).fill('Left edge up a hair.');
  await page.getByRole('button', { name: /Tap where it is/ }).click({ position: { x: 4, y: 60 } });
  await page
    .getByLabel('Photo after')
    .setInputFiles({ name: 'x.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('words') });
  await expect(page.getByRole('alert')).toContainText('JPEG');
  await page.getByLabel('Photo after').setInputFiles({
    name: 'photo.png',
    mimeType: 'image/png',
    buffer: stripes(300, 200, 2),
  });
  await expect(page.getByRole('img', { name: 'The finished piece' })).toBeVisible();
  await page.getByRole('button', { name: 'Save it' }).click();
  await expect(page.getByRole('heading', { name: 'Switch the iron off.' })).toBeVisible();
  await page.keyboard.press('Space');
  await expect(page.getByRole('heading', { name: 'All done.' })).toBeVisible();

  await page.getByRole('link', { name: 'logbook' }).click();
  const entry = page.getByRole('link', { name: /Cellar shirts, piece 1/ });
  await expect(entry).toContainText('do it again');
  await expect(entry).toContainText('lifted edge');
  await entry.click();
  await expect(page.getByText('“Left edge up a hair.”')).toBeVisible();
  await expect(page.getByRole('img', { name: 'The finished piece' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Clocks' })).toContainText('18 s');
});

test('a job file leaves and enters', async ({ page }) => {
  await newJob(page, 'Travelling job', { name: 'travel.png', buffer: stripes(800, 800, 4) });
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Export job file' }).click(),
  ]);
  expect(download.suggestedFilename()).toBe('travelling-job.wubbin.json');
  await page.goto('/jobs');
  await page.setInputFiles('input[type=file]', await download.path());
  await expect(page.getByRole('heading', { name: 'Travelling job' })).toBeVisible();
  await page.goto('/jobs');
  await expect(page.getByRole('link', { name: /Travelling job/ })).toHaveCount(2);
});

test('units change at a click, everywhere', BY_TURNS, async ({ page }) => {
  const settings = await (await page.request.get('/api/settings')).json();
  await page.route('**/api/settings', async (route) => {
    // Kept from the server, so that tests beside this one keep their units.
    await (route.request().method() === 'PATCH'
      ? route.fulfill({ json: { ...settings, ...route.request().postDataJSON() } })
      : route.continue());
  });
  await page.goto('/jobs/picking-crew');
  await expect(line(page, 'Picture')).toContainText('240 × 192 mm');
  await page.getByText('in · °F').click();
  await expect(line(page, 'Picture')).toContainText('9 7/16 × 7 9/16 in');
  await expect(line(page, 'Heat')).toContainText('390 °F');
});

test(
  'a picture is dragged on its piece, and sized by its corner and by keys, with true measures',
  BY_TURNS,
  async ({ page }) => {
    await page.goto('/jobs/helpers');
    const held = page.getByRole('button', { name: /^The picture, / });
    const width = async () => Number((await held.getAttribute('aria-label'))?.match(/, (\d+) mm/)?.[1]);
    const before = await width();
    const drag = async (of: Locator, dx: number, dy: number) => {
      const box = await of.boundingBox();
      if (box === null) {
        throw new Error('There is nothing to hold.');
      }
      await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
      await page.mouse.down();
      await page.mouse.move(box.x + box.width / 2 + dx, box.y + box.height / 2 + dy, { steps: 4 });
    };
    await held.press('-');
    await held.press('-');
    await expect.poll(width).toBe(before - 10);
    await drag(page.locator('.cursor-nwse-resize'), -15, 0);
    const shown = await width();
    expect(shown).toBeLessThan(before - 10);
    await page.mouse.up();
    await expect.poll(width).toBe(shown);
    await drag(held, 20, 15);
    await page.mouse.up();
    await expect(line(page, 'Where it goes')).toContainText('right of centre');
  },
);
