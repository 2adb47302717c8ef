/*
 * A step's drawing at the bench while its clock runs, in a real browser: what a frame takes of the page's own time, and
 * how far apart frames are.
 * Usage: node bench/frame.mjs ADDRESS-OF-A-DEMO-SHOP
 */
import { chromium } from '@playwright/test';
import { time } from './row.mjs';

const SECONDS = 5;
const TARGET_MS = 16;
const address = process.argv[2];

const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium-headless-shell',
  args: ['--no-sandbox', '--disable-gpu'],
});
try {
  const page = await browser.newPage({ viewport: { width: 1024, height: 768 } });
  await page.goto(address);
  await page.evaluate(async () => {
    const headers = { 'Content-Type': 'application/json', 'X-Wubbin': '1' };
    await fetch('/api/jobs/picking-crew/runs', {
      method: 'POST',
      headers,
      body: JSON.stringify({ id: 'frames', pieces: 1, share: 0 }),
    });
  });
  await page.goto(`${address}/bench/frames`);
  // On to the first place of the iron, and its clock begun.
  const follows = page.locator('[data-follows=clock]').first();
  const heading = page.locator('main h1');
  await heading.waitFor();
  for (let n = 0; n < 40; n++) {
    const title = await heading.textContent();
    if (title?.startsWith('Iron area 1') && (await page.getByText('not started').count()) === 0) {
      if ((await page.getByText('Before you start the heat').count()) === 0) {
        break;
      }
    }
    await page.keyboard.press('Space');
    await page.waitForTimeout(300);
  }
  await follows.waitFor({ state: 'attached' });
  const session = await page.context().newCDPSession(page);
  await session.send('Performance.enable');
  const work = async () => {
    const { metrics } = await session.send('Performance.getMetrics');
    return metrics.find((one) => one.name === 'TaskDuration')?.value ?? 0;
  };
  const before = await work();
  const apart = await page.evaluate(
    (seconds) =>
      new Promise((resolve) => {
        const times = [];
        let last = performance.now();
        const end = last + seconds * 1000;
        const frame = (now) => {
          times.push(now - last);
          last = now;
          now < end ? requestAnimationFrame(frame) : resolve(times.slice(1).sort((a, b) => a - b));
        };
        requestAnimationFrame(frame);
      }),
    SECONDS,
  );
  const each = ((await work()) - before) * 1000;
  const ms = each / apart.length;
  time('bench.frame', 'A frame of a step’s drawing while its clock runs', ms, TARGET_MS);
} finally {
  await browser.close();
}
