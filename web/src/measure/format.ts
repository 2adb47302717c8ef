import type { Phrase, Quantity } from '../api/client';

const MM_PER_INCH = 25.4;
const SIXTEENTHS = 16;

export interface Reader {
  units: 'metric' | 'us';
  comma: boolean;
  inches?: 'fractions' | 'decimals';
}

/** Writes figures the way the reader counts. Says what `UnitFormat` in the core says; one fixture checks both. */
export function makeFormat({ units, comma, inches = 'fractions' }: Reader) {
  const metric = units === 'metric';
  const unit = metric ? 'mm' : 'in';

  function number(value: number, decimals: number): string {
    let written = value.toFixed(decimals);
    if (decimals > 0) {
      written = written.replace(/\.?0+$/, '');
    }
    if (written === '-0') {
      written = '0';
    }
    return comma ? written.replace('.', ',') : written;
  }

  /** 9.4488 is 9 7/16. */
  function fraction(value: number): string {
    const sixteenths = Math.round(Math.abs(value) * SIXTEENTHS);
    let [over, under] = [sixteenths % SIXTEENTHS, SIXTEENTHS];
    while (over !== 0 && over % 2 === 0) {
      [over, under] = [over / 2, under / 2];
    }
    const whole = Math.floor(sixteenths / SIXTEENTHS);
    const parts = [...(whole === 0 && over !== 0 ? [] : [whole]), ...(over === 0 ? [] : [`${over}/${under}`])];
    return `${value < 0 ? '-' : ''}${parts.join(' ')}`;
  }

  function bareLength(mm: number): string {
    const size = Math.abs(metric ? mm : mm / MM_PER_INCH);
    if (metric) {
      return number(mm, size >= 20 ? 0 : size >= 0.05 && size < 1 ? 2 : 1);
    }
    if (size < 1 / SIXTEENTHS) {
      return number(mm / MM_PER_INCH, 3);
    }
    return inches === 'decimals' ? number(mm / MM_PER_INCH, 2) : fraction(mm / MM_PER_INCH);
  }

  /** For a field that can be changed: what was typed is there again. */
  function exactLength(mm: number): string {
    const sixteenths = (mm / MM_PER_INCH) * SIXTEENTHS;
    const onRuler = inches === 'fractions' && Math.abs(sixteenths - Math.round(sixteenths)) < 0.05;
    return metric ? number(mm, 2) : onRuler ? bareLength(mm) : number(mm / MM_PER_INCH, 3);
  }

  function degrees(celsius: number): string {
    const fahrenheit = celsius * 1.8 + 32;
    return number(metric ? celsius : fahrenheit >= 100 ? 5 * Math.round(fahrenheit / 5) : fahrenheit, 0);
  }

  function duration(seconds: number): string {
    const s = Math.round(seconds);
    if (s < 120) {
      return `${s} s`;
    }
    if (s < 3600) {
      return `${Math.floor(s / 60)} min${s < 600 && s % 60 !== 0 ? ` ${s % 60} s` : ''}`;
    }
    const minutes = Math.floor(s / 60) % 60;
    return `${Math.floor(s / 3600)} h${minutes === 0 ? '' : ` ${minutes} min`}`;
  }

  /** A time that was worked out, as a person says it: about 40 s, not 41. `Duration::spoken` in the core has the steps. */
  function about(seconds: number): string {
    const step = seconds < 20 ? 1 : seconds < 120 ? 5 : seconds < 600 ? 30 : 60;
    return duration(step * Math.round(seconds / step));
  }

  /** One unit for both ends where it is the same one. */
  function durationRange(from: number, to: number): string {
    const s = Math.round(from);
    if (to < 120) {
      return `${s}–${duration(to)}`;
    }
    return s % 60 === 0 && to < 3600 && to % 60 === 0
      ? `${s / 60}–${to / 60} min`
      : `${duration(from)}–${duration(to)}`;
  }

  function quantity({ kind, value, to }: Quantity): string {
    switch (kind) {
      case 'length':
        return `${bareLength(value)} ${unit}`;
      case 'size':
        return `${bareLength(value)} × ${bareLength(to ?? 0)} ${unit}`;
      case 'temperature':
        return `${degrees(value)}${to === null ? '' : `–${degrees(to)}`} ${metric ? '°C' : '°F'}`;
      case 'duration':
        return to === null ? duration(value) : durationRange(value, to);
      case 'speed':
        return `${metric ? number(value, 0) : number(value / MM_PER_INCH, 2)} ${unit}/s`;
      case 'count':
        return number(value, 0);
      case 'resolution':
        return `${number(value, 0)} dpi`;
    }
  }

  return {
    unit,
    bareLength,
    duration,
    about,
    quantity,
    temperature: (celsius: number) => quantity({ kind: 'temperature', value: celsius, to: null }),
    length: (mm: number) => `${bareLength(mm)} ${unit}`,
    exactLength: (mm: number) => `${exactLength(mm)} ${unit}`,
    area: (mm2: number) =>
      metric ? `${number(mm2 / 100, 0)} cm²` : `${number(mm2 / (MM_PER_INCH * MM_PER_INCH), 0)} sq in`,
    phrase: ({ text, values }: Phrase) =>
      text.replace(/\{([a-z_]+)\}/g, (whole, name: string) => {
        const value = values[name];
        return value === undefined ? whole : quantity(value);
      }),
  };
}

export type Format = ReturnType<typeof makeFormat>;

/** A clock as m:ss; past zero it counts up again. */
export function clock(seconds: number): string {
  const s = Math.abs(seconds < 0 ? Math.floor(seconds) : Math.ceil(seconds));
  const two = (n: number) => String(n).padStart(2, '0');
  const minutes = Math.floor(s / 60);
  return minutes < 100
    ? `${minutes}:${two(s % 60)}`
    : `${Math.floor(minutes / 60)}:${two(minutes % 60)}:${two(s % 60)}`;
}
