import type { ReactNode } from 'react';
import type { Plan, Step } from '../api/client';
import { useFormat } from '../measure/settings';

/** Neighbouring steps under one word, as the strip has no room for each. */
const WORD: Record<Step['kind'], string> = {
  print: 'Print',
  look: 'Print',
  dry: 'Ink dries',
  cut: 'Cut',
  ready: 'Lay',
  prepress: 'Lay',
  place: 'Lay',
  heat: 'Iron',
  cool: 'Cool',
  peel: 'Peel, look',
  compare: 'Peel, look',
  off: 'Peel, look',
};

interface Stretch {
  word: string;
  seconds: number;
  kind: Step['kind'];
  waits: boolean;
}

/** Every step to scale along the foot of the page: hands-on time solid, waiting hatched. */
export function TimeStrip({ plan, children }: { plan: Plan; children: ReactNode }) {
  const format = useFormat();
  const { times, quantity } = plan;
  const stretches: Stretch[] = [];
  for (const step of plan.steps) {
    const last = stretches.at(-1);
    if (last?.word === WORD[step.kind]) {
      last.seconds += step.duration_s;
    } else {
      stretches.push({ word: WORD[step.kind], seconds: step.duration_s, kind: step.kind, waits: step.waits });
    }
  }
  const look = (s: Stretch) =>
    s.kind === 'heat' ? 'bg-hot' : s.kind === 'cool' ? 'strip-cool' : s.waits ? 'strip-wait' : 'bg-ink';
  const tone = (s: Stretch) =>
    s.kind === 'heat' ? 'text-hot font-bold' : s.kind === 'cool' ? 'text-cold font-bold' : s.waits ? 'text-wait' : '';
  return (
    <section aria-label="Time">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
        <p className="mr-auto">
          <b>
            One shirt: {format.duration(times.one_s)}, of which hands {format.duration(times.one_hands_s)}.
          </b>{' '}
          {quantity > 1 && (
            <span className="text-soft">
              {quantity} shirts, one after another with drying shared: {format.duration(times.all_s)}.
            </span>
          )}
        </p>
        {children}
      </div>
      <ol className="mt-2 flex text-sm" style={{ gap: 1 }}>
        {stretches.map((s) => (
          <li key={s.word} style={{ flexGrow: s.seconds, flexBasis: 0 }} className="min-w-0">
            <div className={`h-5 ${look(s)}`} title={`${s.word}: ${format.duration(s.seconds)}`} />
            <span className={`block whitespace-nowrap ${tone(s)}`}>
              {s.word}
              {s.kind === 'dry' && ` ${format.duration(s.seconds)}: meanwhile cut and make ready`}
            </span>
          </li>
        ))}
      </ol>
    </section>
  );
}
