/** A stretch of time on the drawing: hours at work as long as they are, all others folded to a thin line. */
interface Span {
  from: number;
  to: number;
  x: number;
  wide: number;
  folded: boolean;
}

/** How wide a folded stretch is drawn, in the drawing's units. */
const FOLD = 12;

export interface Axis {
  spans: Span[];
  x: (t: number) => number;
  /** The instant that a place on the drawing stands for. */
  t: (x: number) => number;
}

/** Working hours side by side over a width; what lies between them takes the width of a line. */
export function foldedAxis(stretches: number[][], from: number, to: number, left: number, right: number): Axis {
  const open = stretches
    .map(([begin = 0, end = 0]) => [Math.max(begin, from), Math.min(end, to)] as const)
    .filter(([begin, end]) => end > begin);
  const parts: { from: number; to: number; folded: boolean }[] = [];
  let at = from;
  for (const [begin, end] of open) {
    if (begin > at) {
      parts.push({ from: at, to: begin, folded: true });
    }
    parts.push({ from: begin, to: end, folded: false });
    at = end;
  }
  if (at < to) {
    parts.push({ from: at, to, folded: true });
  }
  const folds = parts.filter((part) => part.folded).length;
  const worked = parts.reduce((sum, part) => sum + (part.folded ? 0 : part.to - part.from), 0);
  const perSecond = worked === 0 ? 0 : (right - left - folds * FOLD) / worked;
  let x = left;
  const spans = parts.map((part) => {
    const wide = part.folded ? (worked === 0 ? right - left : FOLD) : (part.to - part.from) * perSecond;
    const span = { ...part, x, wide };
    x += wide;
    return span;
  });
  return {
    spans,
    x: (t) => {
      const span = spans.find((one) => t <= one.to) ?? spans.at(-1);
      if (span === undefined) {
        return left;
      }
      const share = (t - span.from) / Math.max(1, span.to - span.from);
      return span.x + Math.min(1, Math.max(0, share)) * span.wide;
    },
    t: (at) => {
      const span = spans.find((one) => at <= one.x + one.wide) ?? spans.at(-1);
      return span === undefined
        ? from
        : span.from + Math.min(1, Math.max(0, (at - span.x) / span.wide)) * (span.to - span.from);
    },
  };
}
