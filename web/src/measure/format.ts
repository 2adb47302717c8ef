import type { Phrase, Quantity } from '../api/client';

const MM_PER_INCH = 25.4;

export interface Reader {
  units: 'metric' | 'us';
  comma: boolean;
}

/** Writes figures the way the reader counts. Says what `UnitFormat` in the core says; one fixture checks both. */
export function makeFormat({ units, comma }: Reader) {
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

  const bareLength = (mm: number) => (metric ? number(mm, 1) : number(mm / MM_PER_INCH, 2));
  const degrees = (celsius: number) => number(metric ? celsius : celsius * 1.8 + 32, 0);

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
    quantity,
    temperature: (celsius: number) => quantity({ kind: 'temperature', value: celsius, to: null }),
    length: (mm: number) => `${bareLength(mm)} ${unit}`,
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
  return `${Math.floor(s / 60)}:${String(s % 60).padStart(2, '0')}`;
}
