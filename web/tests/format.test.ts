import { describe, expect, test } from 'vitest';
import figures from '../../core/tests/fixtures/figures.json';
import type { Quantity } from '../src/api/client';
import { onCloth } from '../src/blank/onCloth';
import { colourOf } from '../src/day/colours';
import { clock, makeFormat } from '../src/measure/format';
import { dayFrom, money } from '../src/measure/money';

const metric = makeFormat({ units: 'metric', comma: false });
const us = makeFormat({ units: 'us', comma: false });

describe('figures', () => {
  // The same fixture holds the core to the same words.
  test.each(figures)('$kind $value is $metric, and $us', ({ metric: mm, us: inch, ...quantity }) => {
    expect(metric.quantity(quantity as Quantity)).toBe(mm);
    expect(us.quantity(quantity as Quantity)).toBe(inch);
  });

  test('times that were worked out are told as people say them', () => {
    expect([18.4, 41, 433, 662].map(us.about)).toEqual(['18 s', '40 s', '7 min', '11 min']);
  });

  test('what was typed into a field is there again', () => {
    expect([241.3, 240, 0.35].map(us.exactLength)).toEqual(['9 1/2 in', '9.449 in', '0.014 in']);
    expect([241.34, 240, 0.35].map(metric.exactLength)).toEqual(['241.34 mm', '240 mm', '0.35 mm']);
  });

  test('a comma stands where people write one', () => {
    expect(makeFormat({ units: 'metric', comma: true }).length(3.18)).toBe('3,2 mm');
  });

  test('inches are decimals for who wants them so', () => {
    const decimals = makeFormat({ units: 'us', comma: false, inches: 'decimals' });
    expect(decimals.length(241.3)).toBe('9.5 in');
  });

  test('a sentence has its figures, and keeps what is none of them', () => {
    const values = { width: { kind: 'length', value: 240, to: null } as Quantity };
    expect(metric.phrase({ text: 'It is {width} wide, {not} more.', values })).toBe('It is 240 mm wide, {not} more.');
  });

  test('areas', () => {
    expect([metric.area(64_516), us.area(64_516)]).toEqual(['645 cm²', '100 sq in']);
  });

  test('a clock counts down, and up again past zero', () => {
    expect([90, 59.2, 0.4, 0, -0.4, -61, 6000].map(clock)).toEqual([
      '1:30',
      '1:00',
      '0:01',
      '0:00',
      '0:01',
      '1:01',
      '1:40:00',
    ]);
  });

  test('money has as many digits as its currency, and finer where asked', () => {
    expect([money(1800, 'EUR', 2), money(1800, 'JPY', 0), money(180, 'EUR', 2, 1)]).toEqual([
      '€18.00',
      '¥1,800',
      '€1.800',
    ]);
  });

  test('days are written as the server writes them', () => {
    expect(dayFrom(0)).toMatch(/^\d{4}-\d\d-\d\d$/);
    expect(Date.parse(dayFrom(2)) - Date.parse(dayFrom(0))).toBe(2 * 86_400_000);
  });
});

/** Relative luminance and contrast by WCAG 2.2. */
function contrast(one: string, other: string): number {
  const light = (hex: string) => {
    const [r = 0, g = 0, b = 0] = [1, 3, 5].map((i) => {
      const c = Number.parseInt(hex.slice(i, i + 2), 16) / 255;
      return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
    });
    return 0.2126 * r + 0.7152 * g + 0.0722 * b;
  };
  const [dark = 0, bright = 0] = [light(one), light(other)].sort((a, b) => a - b);
  return (bright + 0.05) / (dark + 0.05);
}

describe('colours', () => {
  test.each([...Array(12).keys()])('the number on job %i can be read', (n) => {
    const [fill, ink] = colourOf(n);
    expect(contrast(fill, ink)).toBeGreaterThan(4.5);
  });

  test.each(['#ffffff', '#1f4d2b', '#f4ecd8', '#000000', '#d9a441'])('lines show on cloth of %s', (cloth) => {
    const { '--c-ink': ink } = onCloth(cloth) as Record<string, string>;
    expect(contrast(cloth, ink ?? cloth)).toBeGreaterThan(4.5);
  });
});
