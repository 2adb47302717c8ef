// Arrows between the rooms of the page go one way: a room uses only rooms before it in this list.
import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join, normalize } from 'node:path';

const ROOMS = [
  'api',
  'parts',
  'measure',
  'drawing',
  'blank',
  'artwork',
  'route',
  'help',
  'start',
  'sums',
  'job',
  'order',
  'stack',
  'sheet',
  'heat',
  'plan',
  'ready',
  'proof',
  'run',
  'log',
  'day',
  'cost',
  'advice',
  'ladder',
  'keep',
  'today',
  'app',
];
const ROOT = 'web/src';

const wrong = [];
for (const file of readdirSync(ROOT, { recursive: true })) {
  if (!/\.tsx?$/.test(file) || !file.includes('/')) {
    continue;
  }
  const [room] = file.split('/');
  if (!ROOMS.includes(room)) {
    wrong.push(`${file}: the room ${room} has no place in the order`);
  }
  for (const [, to] of readFileSync(join(ROOT, file), 'utf8').matchAll(/(?:from|import)\s*\(?\s*'(\.[^']+)'/g)) {
    const [other] = normalize(join(dirname(file), to)).split('/');
    if (other !== room && ROOMS.indexOf(other) >= ROOMS.indexOf(room)) {
      wrong.push(`${file}: ${room} stands below ${other}, and uses it`);
    }
  }
}
if (wrong.length > 0) {
  console.error(wrong.join('\n'));
  process.exit(1);
}
