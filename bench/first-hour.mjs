// The first hour, as a person meets it: a quick sum from key to figure, in the browser, and what can be made with all
// that the demo shop has, over HTTP. Usage: node bench/first-hour.mjs ADDRESS-OF-A-DEMO-SHOP
import { readdirSync, readFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';
import { chromium } from '@playwright/test';
import { time } from './row.mjs';

const [, , address] = process.argv;
const KEYS = 40;
const ASKED = 15;

const median = (times) => [...times].sort((one, other) => one - other)[Math.floor(times.length / 2)];

const browser = await chromium.launch({ executablePath: '/usr/bin/chromium-headless-shell', args: ['--no-sandbox'] });
const page = await browser.newPage();
for (const [sum, field] of [
  ['round', 'Across'],
  ['sheet', 'Width of a picture'],
  ['areas', 'Width of the picture'],
]) {
  await page.goto(`${address}/sums?of=${sum}`);
  const input = page.getByLabel(field, { exact: true });
  await input.waitFor();
  await page.getByLabel('What follows').locator('dd').first().waitFor();
  // From the key to the answer's drawing on the page: the frame is watched for the change that this key makes.
  const times = await input.evaluate(async (element, keys) => {
    const follows = document.querySelector('[aria-label="What follows"]');
    const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set;
    const took = [];
    for (let n = 0; n < keys; n++) {
      const changed = new Promise((done) => {
        const watch = new MutationObserver(() => {
          watch.disconnect();
          done();
        });
        watch.observe(document.querySelector('main'), {
          subtree: true,
          childList: true,
          characterData: true,
          attributes: true,
          attributeFilter: ['d', 'viewBox'],
        });
      });
      const began = performance.now();
      set.call(element, `${40 + n * 3}.${n} mm`);
      element.dispatchEvent(new Event('input', { bubbles: true }));
      await changed;
      took.push(performance.now() - began);
      await new Promise((done) => setTimeout(done, 60));
    }
    return follows === null ? [] : took;
  }, KEYS);
  time(`sums.${sum}`, `${sum}: key to figure, median`, median(times), 50);
}
await browser.close();

const times = [];
for (let n = 0; n < ASKED; n++) {
  const began = performance.now();
  const answer = await fetch(`${address}/api/possible`, { headers: { 'X-Wubbin': '1' } });
  await answer.json();
  times.push(performance.now() - began);
}
time('possible', 'What can be made, all blanks and routes, median', median(times), 300);

const first = readFileSync('public/app/index.html', 'utf8').match(/assets\/(index-[^"]+\.js)/)?.[1];
const script = readdirSync('public/app/assets').find((name) => name === first);
const packed = Math.round(gzipSync(readFileSync(`public/app/assets/${script}`)).length / 1000);
console.log(
  `${'The first script, packed'.padEnd(64)}${`${packed} kB`.padEnd(28)}${packed <= 200 ? 'within' : 'OVER  '} 200 kB`,
);
