import type { CSSProperties } from 'react';

/** Lines that lie on the cloth take colours that show on it, whatever the page's theme. */
export const onCloth = (cloth: string) =>
  ({
    '--c-ink': contrasting(cloth),
    '--c-ground': cloth,
    '--c-face': isLight(cloth) ? '#6a35ab' : '#cdb3fa',
  }) as CSSProperties;

export const contrasting = (cloth: string) => (isLight(cloth) ? '#16212b' : '#f2f4f0');

/** Dark lines on light cloth and the other way round: only how it is drawn, not a judgement of the cloth. */
function isLight(cloth: string): boolean {
  const [r = 0, g = 0, b = 0] = [1, 3, 5].map((i) => Number.parseInt(cloth.slice(i, i + 2), 16));
  return r * 0.299 + g * 0.587 + b * 0.114 > 140;
}
