// Rooms: day, log, artwork.
import { parse } from 'csv-parse/sync';
import DxfParser from 'dxf-parser';
import ICAL from 'ical.js';
import { expect, test } from './shop';

/* What leaves the shop is read by readers that this project did not write. They need no page. */

test('the day goes into a calendar', async ({ request }) => {
  const text = await (await request.get('/api/day.ics')).text();
  const calendar = new ICAL.Component(ICAL.parse(text));
  const events = calendar.getAllSubcomponents('vevent').map((event) => new ICAL.Event(event));
  expect(events.length).toBeGreaterThan(3);
  for (const event of events) {
    expect(event.startDate.toUnixTime()).toBeLessThan(event.endDate.toUnixTime());
    expect(event.summary).not.toBe('');
    expect(event.component.getFirstSubcomponent('valarm')?.getFirstPropertyValue('action')).toBe('DISPLAY');
  }
  expect(new Set(events.map((event) => event.uid)).size).toBe(events.length);
});

test('the logbook is a table by RFC 4180', async ({ request }) => {
  const { total } = (await (await request.get('/api/logbook')).json()) as { total: number };
  const csv = await (await request.get('/api/logbook.csv')).text();
  const rows = parse(csv, { columns: true, record_delimiter: '\r\n' }) as Record<string, string>[];
  expect(rows).toHaveLength(total);
  expect(rows.every((row) => ['good', 'redo', 'spoiled'].includes(row.outcome ?? ''))).toBe(true);
});

test('cut lines go to a cutter as they are drawn', async ({ request }) => {
  const svg = await (await request.get('/api/jobs/row-tags/cut/1.svg')).text();
  const dxf = await (await request.get('/api/jobs/row-tags/cut/1.dxf')).text();
  const high = Number(/height="([\d.]+)mm"/.exec(svg)?.[1]);
  const drawn = [...svg.matchAll(/<path d="([^"]+)"/g)].map(([, d = '']) =>
    d
      .split('Z')[0]
      ?.slice(1)
      .split('L')
      .map((p) => p.split(' ').map(Number)),
  );
  const read = new DxfParser().parseSync(dxf);
  const lines = (read?.entities ?? []).filter((one) => one.type === 'POLYLINE') as unknown as {
    layer: string;
    shape: boolean;
    vertices: { x: number; y: number }[];
  }[];
  expect(lines).toHaveLength(drawn.length);
  for (const [n, line] of lines.entries()) {
    expect(line.layer).toBe('CUT');
    expect(line.shape, 'closed').toBe(true);
    const [x = 0, y = 0] = drawn[n]?.[0] ?? [];
    expect(line.vertices[0]?.x).toBeCloseTo(x, 1);
    expect(line.vertices[0]?.y).toBeCloseTo(high - y, 1);
  }
  expect((read?.entities ?? []).filter((one) => one.layer === 'MARKS')).toHaveLength(2);
});
