import { useQuery } from '@tanstack/react-query';
import { Camera } from 'lucide-react';
import { useEffect, useState } from 'react';
import { api, fileBody, got, type Schemas } from '../api/client';
import { isTyping } from '../app/Keys';

type Outcome = 'good' | 'redo' | 'spoiled';

const OUTCOMES: [Outcome, string, string, string][] = [
  ['good', 'Good', '1', 'border-done text-done'],
  ['redo', 'Needs redo', '2', 'border-wait text-wait'],
  ['spoiled', 'Spoiled', '3', 'border-hot text-hot'],
];

/** How a piece came out: one big key, and what is worth remembering. */
export function Judge({
  piece,
  pieces,
  position,
  press,
  busy,
  onBack,
}: {
  piece: number;
  pieces: number;
  position: number;
  press: (what: Omit<Schemas['Press'], 'id'>) => Promise<boolean>;
  busy: boolean;
  onBack: (() => void) | undefined;
}) {
  const catalogue = useQuery({ queryKey: ['catalogue'], queryFn: () => got(api.GET('/api/catalogue')) });
  const [outcome, setOutcome] = useState<Outcome>();
  const [defects, setDefects] = useState<string[]>([]);
  const [note, setNote] = useState('');
  const [photo, setPhoto] = useState<string>();
  const [error, setError] = useState<string>();
  const [reading, setReading] = useState(false);

  useEffect(() => {
    const listen = (e: KeyboardEvent) => {
      const chosen = OUTCOMES.find(([, , key]) => key === e.key);
      if (chosen !== undefined && !isTyping(e.target)) {
        setOutcome(chosen[0]);
      }
    };
    addEventListener('keydown', listen);
    return () => removeEventListener('keydown', listen);
  }, []);

  async function takePhoto(file: File | undefined) {
    if (file === undefined) {
      return;
    }
    setError(undefined);
    setReading(true);
    try {
      setPhoto((await got(api.POST('/api/photos', fileBody(file)))).sha256);
    } catch (e) {
      setError((e as Error).message);
    } finally {
      setReading(false);
    }
  }

  return (
    <form
      className="flex min-h-0 flex-1 flex-col"
      onSubmit={(e) => {
        e.preventDefault();
        if (outcome !== undefined) {
          press({ position, type: 'judged', outcome, defects, note, photo: photo ?? null });
        }
      }}
    >
      <div className="min-h-0 flex-1 overflow-auto px-7 py-6">
        <h1 className="text-[clamp(2rem,4.4vw,3rem)] font-extrabold">
          How did {pieces === 1 ? 'it' : `piece ${piece}`} come out?
        </h1>
        <div className="mt-5 grid max-w-4xl grid-cols-3 gap-4">
          {OUTCOMES.map(([id, label, key, tone]) => (
            <button
              key={id}
              type="button"
              aria-pressed={outcome === id}
              onClick={() => setOutcome(id)}
              className={`min-h-24 border-2 text-2xl font-extrabold ${outcome === id ? 'border-ink bg-ink text-ground' : `${tone} hover:bg-shade`}`}
            >
              {label}
              <span className="block text-base font-normal">{key}</span>
            </button>
          ))}
        </div>
        {outcome !== undefined && outcome !== 'good' && (
          <fieldset className="mt-6">
            <legend className="mb-2 text-xl font-bold">What went wrong?</legend>
            <div className="flex max-w-4xl flex-wrap gap-2.5">
              {catalogue.data?.defects.map((defect) => {
                const on = defects.includes(defect.id);
                return (
                  <button
                    key={defect.id}
                    type="button"
                    aria-pressed={on}
                    className={`key px-4 py-2.5 text-lg ${on ? 'key-on' : ''}`}
                    onClick={() => setDefects(on ? defects.filter((d) => d !== defect.id) : [...defects, defect.id])}
                  >
                    {defect.label}
                  </button>
                );
              })}
            </div>
          </fieldset>
        )}
        <div className="mt-6 grid max-w-4xl gap-4 md:grid-cols-[1fr_auto]">
          <label className="block">
            <span className="mb-1 block text-soft">Note (may stay empty)</span>
            <textarea
              className="field text-lg"
              rows={2}
              value={note}
              maxLength={4000}
              onChange={(e) => setNote(e.target.value)}
            />
          </label>
          <div>
            <span className="mb-1 block text-soft">Photo</span>
            <label className="key px-4 py-2.5 text-lg focus-within:outline-3 focus-within:outline-face">
              <Camera size={20} aria-hidden /> {photo === undefined ? 'Take or choose' : 'Choose another'}
              <input
                type="file"
                accept="image/jpeg,image/png,image/webp"
                capture="environment"
                className="sr-only"
                onChange={(e) => takePhoto(e.target.files?.[0])}
              />
            </label>
            {photo !== undefined && (
              <img src={`/api/photos/${photo}`} alt="The finished piece" className="mt-2 max-h-40" />
            )}
          </div>
        </div>
        {error !== undefined && (
          <p role="alert" className="mt-3 font-semibold text-hot">
            {error}
          </p>
        )}
      </div>
      <footer className="grid shrink-0 grid-cols-[1fr_12rem] border-t border-ink">
        <button
          type="submit"
          disabled={outcome === undefined || busy || reading}
          className="min-h-28 bg-ink px-4 text-4xl font-extrabold text-ground focus-visible:-outline-offset-8 disabled:bg-shade disabled:text-soft"
        >
          {reading ? 'Reading the photo …' : outcome === undefined ? 'Choose one above' : 'Write it down'}
        </button>
        {onBack === undefined ? (
          <span />
        ) : (
          <button type="button" className="text-xl font-bold hover:bg-shade" onClick={onBack}>
            Back to the step
          </button>
        )}
      </footer>
    </form>
  );
}
