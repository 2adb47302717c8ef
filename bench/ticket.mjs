/*
 * A change on the ticket, in a real browser, and dragging: from the key that centres the picture, or takes that back, to the frame that
 * shows the new line.
 * Usage: node bench/ticket.mjs ADDRESS-OF-A-DEMO-SHOP
 */
import { chromium } from '@playwright/test';
import { time } from './row.mjs';

const RUNS = 40;
const TARGET_MS = 200;
/** Sixty a second, and a tenth for the clock's own grain. */
const FRAME_MS = 18.4;

const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium-headless-shell',
  args: ['--no-sandbox', '--disable-gpu'],
});
try {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`${process.argv[2]}/jobs/picking-crew`);
  const picture = page.getByRole('button', { name: /^The picture, / });
  const line = page
    .getByRole('region', { name: 'Ticket' })
    .getByRole('button', { name: /Where it goes/ })
    .first();
  await line.waitFor();
  // A little off the middle, so that centring changes something. Arrow keys wait for the last of them; the rest does not.
  await picture.press('Shift+ArrowRight');
  await line.filter({ hasText: 'right of centre' }).waitFor();
  const times = [];
  for (let run = 0; run < RUNS; run++) {
    const shown = line.evaluate(
      (element) =>
        new Promise((resolve) => {
          let began = 0;
          addEventListener('keydown', () => (began = performance.now()), { once: true, capture: true });
          const before = element.textContent;
          const look = () =>
            began > 0 && element.textContent !== before
              ? resolve(performance.now() - began)
              : requestAnimationFrame(look);
          look();
        }),
    );
    await picture.focus();
    await picture.press(run % 2 ? 'Control+z' : 'c');
    times.push(await shown);
  }
  times.sort((one, other) => one - other);
  const p95 = times[Math.floor(times.length * 0.95)];
  time('change.ticket', 'A change on the ticket seen, 95th percentile', p95, TARGET_MS);

  // Dragging: the time between frames while the pointer moves, as the browser draws them.
  const frames = page.evaluate(
    () =>
      new Promise((resolve) => {
        const between = [];
        let last = 0;
        const frame = (now) => {
          if (last > 0) {
            between.push(now - last);
          }
          last = now;
          if (between.length < 120) {
            requestAnimationFrame(frame);
          } else {
            resolve(between);
          }
        };
        requestAnimationFrame(frame);
      }),
  );
  const box = await picture.boundingBox();
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  let dragged = true;
  frames.then(() => (dragged = false));
  for (let step = 0; dragged; step++) {
    await page.mouse.move(box.x + box.width / 2 + (step % 40), box.y + box.height / 2 + ((step * 3) % 25));
  }
  const between = (await frames).sort((one, other) => one - other);
  await page.mouse.up();
  const slow = between[Math.floor(between.length * 0.95)];
  // The screen sets their pace, not the machine.
  console.log(
    `${'Between two frames while a picture is dragged, 95th percentile'.padEnd(64)}${`${slow.toFixed(1)} ms`.padEnd(28)}${slow <= FRAME_MS ? 'within' : 'OVER  '} ${FRAME_MS} ms`,
  );
} finally {
  await browser.close();
}
