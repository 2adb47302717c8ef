import type { ReactNode } from 'react';
import type { JobView, Step } from '../api/client';
import { useFormat } from '../measure/settings';
import { useSize } from '../parts/useSize';

/** Neighbouring steps under one word, as the strip has no room for each. */
const WORD: Record<Step['kind'], string> = {
  flatten: 'Carrier',
  carrier: 'Carrier',
  print: 'Print',
  look: 'Print',
  draw: 'Draw',
  dry: 'Ink dries',
  cut: 'Cut',
  sand: 'Prepare',
  clean: 'Prepare',
  ready: 'Lay',
  prepress: 'Lay',
  place: 'Lay',
  wrap: 'Lay',
  tack: 'Heat',
  heat: 'Heat',
  burnish: 'Rub',
  turn: 'Turn',
  set: 'Set',
  cool: 'Cool',
  peel: 'Peel',
  quench: 'Cool',
  soak: 'Soak',
  rub: 'Paper off',
  film: 'Wipe',
  fuse: 'Fuse',
  coat: 'Coat',
  wait: 'Dry',
  'touch-up': 'Look',
  compare: 'Look',
  off: 'Off',
};

/** Space between stretches, and the usual width of a character of a label, in CSS pixels. */
const GAP = 1;
const CHARACTER = 6.9;

const HOT: ReadonlySet<Step['kind']> = new Set(['tack', 'heat', 'fuse']);

interface Stretch {
  /** A word may come again later: coat, dry, coat. */
  key: string;
  word: string;
  seconds: number;
  kind: Step['kind'];
  waits: boolean;
}

/** The work on all pieces to scale along the foot of the page: hands solid, waiting hatched and once. */
export function TimeStrip({ view, children }: { view: JobView; children: ReactNode }) {
  const format = useFormat();
  const { plan, work } = view;
  const { quantity } = plan;
  const { ref, width } = useSize<HTMLDivElement>();
  const stretches: Stretch[] = [];
  for (const [n, line] of work.lines.entries()) {
    const last = stretches.at(-1);
    const kind = line.kind as Step['kind'];
    if (kind === 'off') {
      // Done in passing: it would be a stretch of nothing.
      continue;
    }
    const waits = line.hands_s === 0;
    if (last !== undefined && last.word === WORD[kind] && last.waits === waits) {
      last.seconds += line.hands_s + line.wait_s;
    } else {
      stretches.push({ key: `${n}`, word: WORD[kind], seconds: line.hands_s + line.wait_s, kind, waits });
    }
  }
  const labels = placeLabels(stretches, width, (s) =>
    s.kind === 'dry' ? `${s.word} ${format.about(s.seconds)}: cut and prepare meanwhile` : s.word,
  );
  const rows = Math.max(1, ...labels.map((label) => label.row + 1));
  const look = (s: Stretch) =>
    HOT.has(s.kind) ? 'bg-hot' : s.kind === 'cool' ? 'strip-cool' : s.waits ? 'strip-wait' : 'bg-ink';
  const tone = (s: Stretch) =>
    HOT.has(s.kind) ? 'text-hot font-bold' : s.kind === 'cool' ? 'text-cold font-bold' : s.waits ? 'text-wait' : '';
  return (
    <section aria-label="Time">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
        <p className="mr-auto">
          <b>
            One {plan.piece}: {format.about(work.one_hands_s)} of work in {format.about(work.one_span_s)}.
          </b>{' '}
          {quantity > 1 && (
            <span className="text-soft">
              All {quantity}: {format.about(work.hands_s)} of work in {format.about(work.span_s)},{' '}
              {work.sheets === 1 ? '1 sheet' : `${work.sheets} sheets`}.
            </span>
          )}
        </p>
        {children}
      </div>
      <div ref={ref} className="relative mt-2 text-sm" style={{ height: 20 + 18 * rows }}>
        <ol className="flex" style={{ gap: GAP }}>
          {stretches.map((s) => (
            <li
              key={s.key}
              style={{ flexGrow: s.seconds, flexBasis: 0 }}
              className={`h-5 min-w-0 ${look(s)}`}
              title={`${s.word}: ${format.about(s.seconds)}`}
            >
              <span className="sr-only">
                {s.word} {format.about(s.seconds)}
              </span>
            </li>
          ))}
        </ol>
        {labels.map(({ stretch, text, left, row }) => (
          <span
            key={stretch.key}
            aria-hidden
            className={`absolute whitespace-nowrap ${tone(stretch)}`}
            style={{ left, top: 20 + 18 * row }}
          >
            {text}
          </span>
        ))}
      </div>
    </section>
  );
}

/** Labels begin where their stretch does; one that would run into its neighbour goes into a row below. */
function placeLabels(stretches: Stretch[], width: number, words: (s: Stretch) => string) {
  const total = stretches.reduce((sum, s) => sum + s.seconds, 0);
  const ends = [0, 0, 0];
  let at = 0;
  return stretches.flatMap((stretch) => {
    const text = words(stretch);
    const room = text.length * CHARACTER + 6;
    const left = Math.max(0, Math.min((at / total) * width, width - room));
    at += stretch.seconds;
    const row = ends.findIndex((end) => left >= end);
    if (row === -1) {
      return [];
    }
    ends[row] = left + room;
    return [{ stretch, text, left, row }];
  });
}
