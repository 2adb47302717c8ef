// Rooms: run, drawing, day, today.
import type { Page } from '@playwright/test';
import { BY_TURNS, branch, expect, newJob, test } from './shop';

/** A tablet at the bench, and fingers. */
test.use({ viewport: { width: 1024, height: 768 }, hasTouch: true });

test('every step of a piece has its drawing, and a finger carries it through', async ({ page }) => {
  await newJob(page, 'By finger', { name: 'apple-branch.svg', buffer: branch() });
  await page.getByRole('button', { name: 'To the bench' }).tap();
  await page.getByRole('button', { name: 'Begin' }).tap();
  const drawing = page.getByRole('complementary').getByRole('img').first();
  const heading = page.getByRole('heading', { level: 1 });
  const judged = page.getByRole('heading', { name: /How did|come out/ });
  const drawn = new Set<string>();
  for (let n = 0; n < 60 && (await judged.count()) === 0; n++) {
    await expect(drawing).toBeVisible();
    const box = await drawing.boundingBox();
    expect(box?.height ?? 0, 'large enough for an arm’s length').toBeGreaterThan(200);
    drawn.add(`${await heading.innerText()}: ${await drawing.getAttribute('aria-label')}`);
    await tapOn(page);
  }
  await expect(judged).toBeVisible();
  expect(drawn.size).toBeGreaterThan(9);
  expect([...drawn].join('\n')).toContain('Where the sheet lies on the piece, with its measures.');
  expect([...drawn].join('\n')).toContain('The one that is due is filled.');
});

/** What the screen asks for: a clock that ticks is no answer. */
const asks = async (page: Page) =>
  `${await page.getByRole('heading', { level: 1 }).innerText()} ${await page.locator('main button').last().innerText()}`;

/** The big key, and on only when the screen has answered. */
async function tapOn(page: Page) {
  const before = await asks(page);
  await page.locator('footer button').last().tap();
  await expect.poll(() => asks(page)).not.toBe(before);
}

test('the area under the heat fills as its clock runs', BY_TURNS, async ({ page }) => {
  await newJob(page, 'Filling', { name: 'apple-branch.svg', buffer: branch() });
  await page.getByRole('button', { name: 'To the bench' }).tap();
  await page.getByRole('button', { name: 'Begin' }).tap();
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  for (let n = 0; n < 60 && (await page.getByText(/not started/).count()) === 0; n++) {
    await tapOn(page);
  }
  // Drying comes first, and then the iron: on to the first of its areas.
  for (let n = 0; n < 60 && (await page.getByRole('heading', { name: /^Iron area 1/ }).count()) === 0; n++) {
    await tapOn(page);
  }
  while ((await page.getByText(/not started/).count()) === 0) {
    await tapOn(page);
  }
  await page.getByRole('button', { name: /Heat on, start/ }).tap();
  await expect(page.getByText(/not started/)).toHaveCount(0);
  const high = async () => Number(await page.locator('clipPath[id$="level"] rect').first().getAttribute('height'));
  const first = await high();
  await expect.poll(high).toBeGreaterThan(first);
});

test('what can begin is listed by heat, and a label leads back to its piece', async ({ page }) => {
  await page.goto('/bench');
  await expect(
    page.getByRole('region', { name: 'Can begin now' }).getByRole('heading', { level: 3 }).first(),
  ).toBeVisible();
  await newJob(page, 'Labelled', { name: 'apple-branch.svg', buffer: branch() });
  await page.getByRole('button', { name: 'To the bench' }).tap();
  await page.getByLabel(/How many pieces/).fill('2');
  await page.getByRole('button', { name: 'Begin' }).tap();
  await page.waitForURL(/\/bench\/[0-9a-f-]+$/);
  const run = page.url().split('/').at(-1);
  const labels = await page.request.get(`/api/runs/${run}/labels.pdf`);
  expect(labels.headers()['content-type']).toBe('application/pdf');
  await page.goto(`/scan/run/${run}/2`);
  await page.waitForURL(new RegExp(`/bench/${run}`));
  await expect(page.getByText('Labelled').first()).toBeVisible();
  // The board for the wall shows its clocks, in figures that are read from afar.
  await page.goto('/board');
  const clock = page.getByRole('timer').first();
  await expect(clock).toBeVisible();
  expect((await clock.boundingBox())?.height ?? 0, 'a tenth of the screen at least').toBeGreaterThan(60);
  await page.goto('/scan/run/gone/1');
  await expect(page.getByRole('heading', { name: 'This label leads nowhere' })).toBeVisible();
});

test('the day is read by tapping, and a promise is reckoned', BY_TURNS, async ({ page }) => {
  await page.goto('/day');
  const block = page.getByRole('group', { name: 'The day plan as lanes' }).getByRole('button').first();
  await block.focus();
  await page.keyboard.press('Enter');
  const card = page.getByRole('region', { name: 'What this is' });
  await expect(card.getByRole('link', { name: 'Open the job' })).toBeVisible();
  await card.getByRole('button', { name: 'What comes after' }).tap();
  await expect(card).toBeVisible();
  await card.getByRole('button', { name: 'Close' }).tap();
  await page.getByRole('button', { name: 'By job' }).tap();
  await page.getByLabel('How many?').fill('none');
  await page.getByRole('button', { name: 'Ask', exact: true }).tap();
  await expect(page.getByText(/From 1 to 10000 pieces/)).toBeVisible();
  await page.getByLabel('How many?').fill('5');
  await page.getByRole('button', { name: 'Ask', exact: true }).tap();
  await expect(page.getByRole('status')).toContainText(/Ready .* with tax/);
});
