import { useLayoutEffect, useRef, useState } from 'react';

/** The size of an element in CSS pixels, kept up as it changes. */
export function useSize<E extends HTMLElement>() {
  const ref = useRef<E>(null);
  const [size, setSize] = useState({ width: 0, height: 0 });
  useLayoutEffect(() => {
    const element = ref.current;
    if (element === null) {
      return;
    }
    const observer = new ResizeObserver(([entry]) => {
      if (entry !== undefined) {
        setSize({ width: entry.contentRect.width, height: entry.contentRect.height });
      }
    });
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  return { ref, ...size };
}

/** CSS defines its pixel as 1/96 of an inch; screens keep to it more or less. */
export const PX_PER_MM = 96 / 25.4;

/** A drawing's scale as it is written on one: 1 : 7.7 */
export function scaleLabel(pxPerMm: number): string {
  const times = PX_PER_MM / pxPerMm;
  return `1 : ${times < 10 ? times.toFixed(1) : Math.round(times)}`;
}
