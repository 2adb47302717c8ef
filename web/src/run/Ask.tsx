import { useState } from 'react';
import { useKeys } from '../parts/useKeys';
import { MarkPicture, type Place } from './MarkPicture';
import type { Pressed } from './useRun';

/** Seconds that it is heated on: by key. */
const MORE: [string, number][] = [
  ['1', 5],
  ['2', 10],
  ['3', 20],
  ['4', 30],
];
const REASONS = ['Not needed here', 'Done already', 'I do not have it'];

const KEY = 'min-h-28 px-4 text-3xl font-extrabold focus-visible:-outline-offset-8';

function useActKeys(acts: Record<string, () => void>) {
  useKeys((e) => {
    const act = e.repeat ? undefined : acts[e.key.toLowerCase()];
    act?.();
    return act !== undefined;
  });
}

/** A look under a corner: done, or not yet and where. */
export function Peek({
  position,
  picture,
  press,
  onClose,
}: {
  position: number;
  picture: string | undefined;
  press: (what: Pressed) => Promise<boolean>;
  onClose: () => void;
}) {
  const [at, setAt] = useState<Place[]>([]);
  const say = async (ready: boolean, more?: number) => {
    const defects = ready ? [] : at.map((place) => ({ defect: 'missed-patch', ...place }));
    if (await press({ position, type: 'peeked', ready, defects })) {
      if (more !== undefined) {
        await press({ position, type: 'again', seconds: more });
      }
      onClose();
    }
  };
  useActKeys({ d: () => say(true), g: () => say(false), m: () => say(false, 10), escape: onClose });
  return (
    <div className="flex min-h-0 flex-1 flex-col">
      <div className="min-h-0 flex-1 overflow-auto px-7 py-6">
        <h1 className="text-[clamp(2rem,4.4vw,3rem)] font-extrabold">Look under a corner.</h1>
        <p className="mt-2 text-xl text-soft">The clock goes on. Tap the picture where it has not come off.</p>
        {picture !== undefined && (
          <div className="mt-4">
            <MarkPicture
              src={picture}
              marks={at.map((place) => ({ ...place, label: 'not yet' }))}
              onMark={(place) => setAt([...at, place])}
            />
          </div>
        )}
        <button type="button" className="key mt-5 px-5 py-3 text-lg" onClick={onClose}>
          Back <span className="text-soft">Esc</span>
        </button>
      </div>
      <footer className="grid shrink-0 grid-cols-3 border-t border-ink">
        <button type="button" className={`${KEY} bg-ink text-ground`} onClick={() => say(true)}>
          Done, lift it <span className="block text-base font-normal">D</span>
        </button>
        <button type="button" className={`${KEY} hover:bg-shade`} onClick={() => say(false)}>
          Not yet, go on <span className="block text-base font-normal text-soft">G</span>
        </button>
        <button type="button" className={`${KEY} hover:bg-shade`} onClick={() => say(false, 10)}>
          Not yet, 10 s more <span className="block text-base font-normal text-soft">M</span>
        </button>
      </footer>
    </div>
  );
}

/** Cover it, and a few seconds more: on the clock that runs, or once more after it. */
export function Again({
  position,
  press,
  onClose,
}: {
  position: number;
  press: (what: Pressed) => Promise<boolean>;
  onClose: () => void;
}) {
  const go = async (seconds: number) => {
    if (await press({ position, type: 'again', seconds })) {
      onClose();
    }
  };
  useActKeys({ ...Object.fromEntries(MORE.map(([key, seconds]) => [key, () => go(seconds)])), escape: onClose });
  return (
    <div className="flex min-h-0 flex-1 flex-col px-7 py-6">
      <h1 className="text-[clamp(2rem,4.4vw,3rem)] font-extrabold">Cover it and press a little more.</h1>
      <p className="mt-2 text-xl text-soft">
        Lay it back where it was, with the cover over it. The clock starts when you press the key.
      </p>
      <div className="mt-6 grid max-w-3xl grid-cols-2 gap-4 sm:grid-cols-4">
        {MORE.map(([key, seconds]) => (
          <button
            key={key}
            type="button"
            className="min-h-28 border-2 border-hot text-4xl font-extrabold text-hot hover:bg-shade"
            onClick={() => go(seconds)}
          >
            {seconds} s <span className="block text-base font-normal">{key}</span>
          </button>
        ))}
      </div>
      <div>
        <button type="button" className="key mt-6 px-5 py-3 text-lg" onClick={onClose}>
          Back <span className="text-soft">Esc</span>
        </button>
      </div>
    </div>
  );
}

/** Leaving a step out wants a reason, which the logbook keeps. */
export function Skip({
  position,
  title,
  press,
  onClose,
}: {
  position: number;
  title: string;
  press: (what: Pressed) => Promise<boolean>;
  onClose: () => void;
}) {
  const [reason, setReason] = useState('');
  const go = async (why: string) => {
    if (why.trim() !== '' && (await press({ position, type: 'skipped', reason: why }))) {
      onClose();
    }
  };
  useActKeys({ ...Object.fromEntries(REASONS.map((why, n) => [String(n + 1), () => go(why)])), escape: onClose });
  return (
    <form
      className="flex min-h-0 flex-1 flex-col px-7 py-6"
      onSubmit={(e) => {
        e.preventDefault();
        go(reason);
      }}
    >
      <h1 className="text-[clamp(2rem,4.4vw,3rem)] font-extrabold">Leave this step out?</h1>
      <p className="mt-2 text-xl text-soft">{title}</p>
      <div className="mt-6 flex max-w-4xl flex-wrap gap-4">
        {REASONS.map((why, n) => (
          <button
            key={why}
            type="button"
            className="min-h-24 border-2 border-line px-6 text-2xl font-bold hover:bg-shade"
            onClick={() => go(why)}
          >
            {why} <span className="block text-base font-normal text-soft">{n + 1}</span>
          </button>
        ))}
      </div>
      <label className="mt-5 block max-w-2xl">
        <span className="mb-1 block text-soft">Another reason</span>
        <input className="field text-lg" value={reason} maxLength={200} onChange={(e) => setReason(e.target.value)} />
      </label>
      <div className="mt-5 flex gap-3">
        <button type="submit" className="key px-5 py-3 text-lg" disabled={reason.trim() === ''}>
          Leave it out
        </button>
        <button type="button" className="key px-5 py-3 text-lg" onClick={onClose}>
          Back <span className="text-soft">Esc</span>
        </button>
      </div>
    </form>
  );
}
