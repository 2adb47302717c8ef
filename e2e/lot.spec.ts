import { branch, expect, newJob, test } from './shop';

/** A tablet at the bench, and fingers. */
test.use({ viewport: { width: 1024, height: 768 }, hasTouch: true });

test('every step of a piece has its drawing, and a finger carries it through', async ({ page }) => {
  await newJob(page, 'By finger', { name: 'apple-branch.svg', buffer: branch() });
  await page.getByRole('button', { name: 'To the bench' }).tap();
  await page.getByRole('button', { name: 'Begin' }).tap();
  const drawing = page.getByRole('complementary').getByRole('img').first();
  const heading = page.getByRole('heading', { level: 1 });
  const judged = page.getByText('How did it come out?');
  const drawn = new Set<string>();
  for (let n = 0; n < 60 && (await judged.count()) === 0; n++) {
    await expect(drawing).toBeVisible();
    const box = await drawing.boundingBox();
    expect(box?.height ?? 0, 'large enough for an arm’s length').toBeGreaterThan(200);
    drawn.add(`${await heading.innerText()}: ${await drawing.getAttribute('aria-label')}`);
    const before = await page.locator('main').innerText();
    await page.locator('footer button').last().tap();
    await expect(page.locator('main')).not.toHaveText(before);
    await expect(heading.or(judged).first()).toBeVisible();
  }
  await expect(judged).toBeVisible();
  expect(drawn.size).toBeGreaterThan(9);
  expect([...drawn].join('\n')).toContain('Where the sheet lies on the piece, with its measures.');
  expect([...drawn].join('\n')).toContain('The one that is due is filled.');
});

test('the area under the heat fills as its clock runs', async ({ page }) => {
  await newJob(page, 'Filling', { name: 'apple-branch.svg', buffer: branch() });
  await page.getByRole('button', { name: 'To the bench' }).tap();
  await page.getByRole('button', { name: 'Begin' }).tap();
  const level = page.locator('clipPath[id$="level"] rect');
  for (let n = 0; n < 60 && (await page.getByRole('heading', { name: /^Iron area 1/ }).count()) === 0; n++) {
    await page.locator('footer button').last().tap();
    await page.waitForTimeout(150);
  }
  const high = async () => Number(await level.first().getAttribute('height'));
  while ((await page.getByRole('timer').count()) === 0 || (await page.getByText('not started').count()) > 0) {
    await page.locator('footer button').last().tap();
    await page.waitForTimeout(150);
  }
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
  await page.goto('/scan/run/gone/1');
  await expect(page.getByRole('heading', { name: 'This label leads nowhere' })).toBeVisible();
});

test('the board shows clocks in figures that are read from afar', async ({ page }) => {
  await page.goto('/board');
  const clock = page.getByRole('timer').first();
  await expect(clock).toBeVisible();
  const box = await clock.boundingBox();
  expect(box?.height ?? 0, 'a tenth of the screen at least').toBeGreaterThan(60);
  await expect(page.getByRole('region', { name: 'Next' }).getByRole('listitem').first()).toBeVisible();
});

test('the day is read by tapping, and a promise is reckoned', async ({ page }) => {
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
