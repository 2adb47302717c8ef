// Rooms: run, drawing, log.
import type { Page } from '@playwright/test';
import { BY_TURNS, branch, expect, newJob, test } from './shop';

async function toTheBench(page: Page, name: string, pieces = '1') {
  await newJob(page, name, { name: 'apple-branch.svg', buffer: branch() });
  await page.getByRole('button', { name: 'To the bench' }).click();
  await page.getByLabel(/How many pieces/).fill(pieces);
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(page.getByRole('heading', { name: 'Print the sheet' })).toBeVisible();
}

async function untilDrying(page: Page) {
  await page.keyboard.press('Space');
  await expect(page.getByRole('heading', { name: 'Look at the print.' })).toBeVisible();
  await page.keyboard.press('Space');
  await expect(page.getByRole('heading', { name: 'Let the ink dry.' })).toBeVisible();
}

const beside = (page: Page, name: RegExp) =>
  page.getByRole('region', { name: 'Other clocks and pieces' }).getByRole('button', { name });

/** While the ink dries the blank is made ready; its clock stands beside. */
async function seeDrying(page: Page) {
  await expect(page.getByRole('heading', { name: 'Put card inside' })).toBeVisible();
  // Sessions of other tests have clocks too; those of this one come first.
  await beside(page, /Let the ink dry/)
    .first()
    .click();
  await expect(page.getByText(/of 30 min/)).toBeVisible();
}

async function startDrying(page: Page) {
  await page.keyboard.press('Space');
  await seeDrying(page);
}

async function skipDrying(page: Page) {
  await startDrying(page);
  await page.keyboard.press('Space');
  await expect(page.getByRole('heading', { name: 'Cut along the cut line.' })).toBeVisible();
}

const seconds = async (page: Page) => {
  const [minutes = 0, rest = 0] = (await page.getByRole('timer').innerText()).replace('+', '').split(':').map(Number);
  return minutes * 60 + rest;
};

test('a clock goes on while the page is reloaded, left, and opened elsewhere', async ({ page, browser, baseURL }) => {
  await toTheBench(page, 'Kept clock');
  await untilDrying(page);
  await startDrying(page);
  await expect.poll(() => seconds(page)).toBeLessThan(1800);
  await page.reload();
  await seeDrying(page);
  expect(await seconds(page)).toBeLessThan(1800);
  // Another device, whose own clock is a day off.
  const device = await browser.newContext({ baseURL: baseURL ?? '' });
  const second = await device.newPage();
  await second.clock.setSystemTime(new Date(Date.now() + 86_400_000));
  await second.goto(page.url());
  await seeDrying(second);
  expect(Math.abs((await seconds(second)) - (await seconds(page)))).toBeLessThan(120);
  await device.close();
});

test('past zero the clock announces itself, counts on and waits', BY_TURNS, async ({ page }) => {
  await toTheBench(page, 'Past zero');
  await untilDrying(page);
  await startDrying(page);
  // The server would tell that half an hour has not gone by: it is asked no more, and what was asked before has come.
  await page.route(/\/api\/(bench|runs)/, (route) => route.abort());
  await page.waitForEvent('requestfailed');
  await page.clock.fastForward(1_810_000);
  await expect(page.getByText('Time is up.')).toBeVisible();
  await expect(page.getByRole('timer')).toContainText('+');
  await expect(page.getByRole('heading', { name: 'Let the ink dry.' })).toBeVisible();
});

test('presses that could not be stored are kept in the browser and stored once, in order', async ({ page }) => {
  await toTheBench(page, 'Lost network');
  await page.route('**/presses', (route) => route.abort());
  await page.keyboard.press('Space');
  await expect(page.getByRole('alert')).toContainText('One entry is stored here');
  // What else is at hand is gone on with: the blank does not wait for the sheet.
  await expect(page.getByRole('heading', { name: 'Put card inside' })).toBeVisible();
  await page.keyboard.press('Space');
  await expect(page.getByText('2 entries are stored here')).toBeVisible();
  // Not even a reload loses them; back in the network they are sent by themselves, in their order.
  await page.reload();
  await expect(page.getByText('2 entries are stored here')).toBeVisible();
  await page.unroute('**/presses');
  await expect(page.getByRole('heading', { name: 'Look at the print.' })).toBeVisible();
  await expect(page.getByText(/kept here/)).toHaveCount(0);
  await expect(page.getByRole('region', { name: 'Other clocks and pieces' })).toContainText('press flat');
});

test('two pieces have two clocks, what needs hands next stands in front, and a look under a corner goes on', async ({
  page,
}) => {
  await toTheBench(page, 'Two clocks', '2');
  await untilDrying(page);
  await page.keyboard.press('s');
  await page.keyboard.press('2');
  // Both pieces are cut; the first is ironed area by area until it cools.
  for (let press = 0; press < 80; press++) {
    const title = await page.locator('h1').first().innerText();
    if (title.startsWith('Do not touch it')) {
      break;
    }
    const before = await page.locator('main').innerText();
    await page.keyboard.press('Space');
    await expect.poll(() => page.locator('main').innerText()).not.toBe(before);
  }
  await page.keyboard.press('Space');
  // While the first cools, the second is in front, and the first one's clock beside it.
  await expect(page.locator('main > header')).toContainText('piece 2 of 2');
  const first = beside(page, /Do not touch it/).first();
  await expect(first).toContainText('piece 1');
  await first.click();
  await expect(page.getByRole('heading', { name: /Do not touch it/ })).toBeVisible();
  await expect(page.getByRole('timer')).toBeVisible();
  await page.keyboard.press('ArrowRight');
  await expect(page.locator('main > header')).toContainText('piece 2 of 2');
  await page.keyboard.press('w');
  await page.keyboard.press('3');
  await page.getByRole('button', { name: 'scorch' }).click();
  await page.getByRole('button', { name: 'Save it' }).click();
  await expect(page.getByRole('heading', { name: /Do not touch it/ })).toBeVisible();
  // Covered again, it is heated on; a look under a corner ends it.
  await page.keyboard.press('a');
  await page.keyboard.press('3');
  await expect(page.getByRole('heading', { name: /Iron area|Once more/ })).toBeVisible();
  await expect(page.getByText('of 20 s')).toBeVisible();
  await page.keyboard.press('b');
  await expect(page.getByText('Paused.')).toBeVisible();
  await page.keyboard.press('Space');
  await page.keyboard.press('p');
  await page.getByRole('button', { name: /Tap where it is/ }).click();
  await page.keyboard.press('g');
  await expect(page.getByText('of 20 s')).toBeVisible();
  await page.keyboard.press('p');
  await page.keyboard.press('d');
  await expect(page.getByRole('heading', { name: /Do not touch it/ })).toBeVisible();
  await page.keyboard.press('u');
  await expect(page.getByText('of 20 s')).toBeVisible();
});

test('the bench is whole on a screen, a tablet, and a tablet held upright', BY_TURNS, async ({ page }) => {
  await toTheBench(page, 'Sizes');
  await untilDrying(page);
  await skipDrying(page);
  for (const title of ['Put card inside', 'Iron the cloth smooth where the picture will be.']) {
    await page.keyboard.press('Space');
    await expect(page.getByRole('heading', { name: title })).toBeVisible();
  }
  for (const [width, height] of [
    [1280, 800],
    [1024, 768],
    [800, 1280],
  ] as const) {
    await page.setViewportSize({ width, height });
    await expect(page.getByText('The plate is hot.')).toBeInViewport();
    await expect(page.getByRole('button', { name: /Space/ })).toBeInViewport({ ratio: 1 });
    const key = await page.getByRole('button', { name: /Space/ }).boundingBox();
    expect(key?.height ?? 0).toBeGreaterThan(90);
    const clock = await page.getByRole('timer').evaluate((e) => Number.parseFloat(getComputedStyle(e).fontSize));
    expect(clock, 'read at two metres').toBeGreaterThan(90);
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(width);
  }
});
