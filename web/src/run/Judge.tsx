import { useQuery } from '@tanstack/react-query';
import { Camera } from 'lucide-react';
import { useState } from 'react';
import { api, fileBody, got, problemOf } from '../api/client';
import { server } from '../api/queries';
import { useKeys } from '../parts/useKeys';
import { MarkPicture } from './MarkPicture';
import type { Pressed } from './useRun';

type Outcome = 'good' | 'redo' | 'spoiled';
type Mark = NonNullable<Pressed['defects']>[number];

const OUTCOMES: [Outcome, string, string, string][] = [
  ['good', 'Good', '1', 'border-done text-done'],
  ['redo', 'Do it again', '2', 'border-wait text-wait'],
  ['spoiled', 'Spoiled', '3', 'border-hot text-hot'],
];

/** How a piece came out: one big key, what went wrong and where, and what is worth remembering. */
export function Judge({
  among,
  names,
  pieces,
  position,
  picture,
  press,
  busy,
  onBack,
  onClose,
}: {
  /** Pieces one of which is judged. */
  among: number[];
  /** What tells pieces from others, by their numbers. */
  names: Record<string, string>;
  pieces: number;
  position: number;
  picture: string | undefined;
  press: (what: Pressed) => Promise<boolean>;
  busy: boolean;
  onBack: (() => void) | undefined;
  onClose: () => void;
}) {
  const catalogue = useQuery(server.catalogue());
  const [outcome, setOutcome] = useState<Outcome>();
  const [piece, setPiece] = useState(among[0] ?? 1);
  const [marks, setMarks] = useState<Mark[]>([]);
  const [latest, setLatest] = useState<string>();
  const [note, setNote] = useState('');
  const [error, setError] = useState<string>();
  const [photos, setPhotos] = useState<{ photo?: string; photo_before?: string }>({});
  const [reading, setReading] = useState(false);
  const label = (id: string) => catalogue.data?.defects.find((defect) => defect.id === id)?.label ?? id;

  useKeys((e) => {
    const chosen = OUTCOMES.find(([, , key]) => key === e.key);
    if (chosen === undefined) {
      return false;
    }
    setOutcome(chosen[0]);
    return true;
  });

  function toggle(defect: string) {
    if (marks.some((mark) => mark.defect === defect)) {
      setMarks(marks.filter((mark) => mark.defect !== defect));
      setLatest(undefined);
    } else {
      setMarks([...marks, { defect, x: null, y: null }]);
      setLatest(defect);
    }
  }

  async function takePhoto(which: 'photo' | 'photo_before', file: File | undefined) {
    if (file === undefined) {
      return;
    }
    setError(undefined);
    setReading(true);
    try {
      const { sha256 } = await got(api.POST('/api/photos', fileBody(file)));
      setPhotos((before) => ({ ...before, [which]: sha256 }));
    } catch (e) {
      setError(problemOf(e).message);
    } finally {
      setReading(false);
    }
  }

  const placed = marks.filter((mark) => mark.x !== null);
  return (
    <form
      className="flex min-h-0 flex-1 flex-col"
      onSubmit={async (e) => {
        e.preventDefault();
        if (
          outcome !== undefined &&
          (await press({
            position,
            type: 'judged',
            outcome,
            piece,
            defects: outcome === 'good' ? [] : marks,
            note,
            ...photos,
          }))
        ) {
          onClose();
        }
      }}
    >
      <div className="min-h-0 flex-1 overflow-auto px-7 py-6">
        <h1 className="text-[clamp(2rem,4.4vw,3rem)] font-extrabold">
          How did {pieces === 1 ? 'it' : `piece ${piece}`}
          {names[piece] === undefined ? '' : ` (${names[piece]})`} come out?
        </h1>
        {among.length > 1 && (
          <fieldset className="mt-4">
            <legend className="text-xl text-soft">Which piece?</legend>
            <div className="mt-2 flex flex-wrap gap-3">
              {among.map((one) => (
                <button
                  key={one}
                  type="button"
                  aria-pressed={one === piece}
                  onClick={() => setPiece(one)}
                  className={`min-h-14 min-w-14 border-2 text-2xl font-extrabold ${one === piece ? 'border-ink bg-ink text-ground' : 'border-rule hover:bg-shade'}`}
                >
                  {one}
                </button>
              ))}
            </div>
          </fieldset>
        )}
        <div className="mt-5 grid max-w-5xl grid-cols-3 gap-4">
          {OUTCOMES.map(([id, text, key, look]) => (
            <button
              key={id}
              type="button"
              aria-pressed={outcome === id}
              onClick={() => setOutcome(id)}
              className={`min-h-24 border-2 text-2xl font-extrabold ${outcome === id ? 'border-ink bg-ink text-ground' : `${look} hover:bg-shade`}`}
            >
              {text}
              <span className="block text-base font-normal">{key}</span>
            </button>
          ))}
        </div>
        {outcome !== undefined && outcome !== 'good' && (
          <div className="mt-6 grid max-w-5xl gap-6 md:grid-cols-[1fr_auto]">
            <fieldset>
              <legend className="mb-2 text-xl font-bold">What went wrong?</legend>
              <div className="flex flex-wrap gap-2">
                {catalogue.data?.defects.map((defect) => {
                  const on = marks.some((mark) => mark.defect === defect.id);
                  return (
                    <button
                      key={defect.id}
                      type="button"
                      aria-pressed={on}
                      className={`key px-3.5 py-2 text-base ${on ? 'key-on' : ''}`}
                      onClick={() => toggle(defect.id)}
                    >
                      {defect.label}
                    </button>
                  );
                })}
              </div>
            </fieldset>
            {picture !== undefined && marks.length > 0 && (
              <div>
                <p className="mb-2 text-lg">
                  {latest === undefined ? (
                    'Where?'
                  ) : (
                    <>Where is “{label(latest)}”? Tap the place. If it is everywhere, do not tap.</>
                  )}
                </p>
                <MarkPicture
                  src={picture}
                  marks={placed.map((mark) => ({ x: mark.x ?? 0, y: mark.y ?? 0, label: label(mark.defect) }))}
                  onMark={({ x, y }) => {
                    const defect = latest ?? marks.at(-1)?.defect ?? 'missed-patch';
                    setMarks([...marks.filter((mark) => mark.defect !== defect || mark.x !== null), { defect, x, y }]);
                  }}
                />
                {placed.length > 0 && (
                  <button
                    type="button"
                    className="link block"
                    onClick={() => setMarks(marks.map((mark) => ({ ...mark, x: null, y: null })))}
                  >
                    Remove the marks
                  </button>
                )}
              </div>
            )}
          </div>
        )}
        <div className="mt-6 grid max-w-5xl gap-4 md:grid-cols-[1fr_auto_auto]">
          <label className="block">
            <span className="mb-1 block text-soft">Note (can stay empty)</span>
            <textarea
              className="field text-lg"
              rows={2}
              value={note}
              maxLength={4000}
              onChange={(e) => setNote(e.target.value)}
            />
          </label>
          <Photos photos={photos} onTake={takePhoto} />
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
          {reading ? 'Reading the photo …' : outcome === undefined ? 'Choose one above' : 'Save it'}
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

/** The piece before and after, as photos. */
function Photos({
  photos,
  onTake,
}: {
  photos: { photo?: string; photo_before?: string };
  onTake: (which: 'photo' | 'photo_before', file: File | undefined) => void;
}) {
  return (
    <>
      {(
        [
          ['photo_before', 'Photo before'],
          ['photo', 'Photo after'],
        ] as const
      ).map(([which, title]) => (
        <div key={which}>
          <span className="mb-1 block text-soft">{title}</span>
          <label className="key px-4 py-2.5 text-lg focus-within:outline-3 focus-within:outline-face">
            <Camera size={20} aria-hidden /> {photos[which] === undefined ? 'Take or choose' : 'Choose another'}
            <input
              type="file"
              aria-label={title}
              accept="image/jpeg,image/png,image/webp"
              capture="environment"
              className="sr-only"
              onChange={(e) => onTake(which, e.target.files?.[0])}
            />
          </label>
          {photos[which] !== undefined && (
            <img
              src={`/api/photos/${photos[which]}`}
              alt={which === 'photo' ? 'The finished piece' : 'The piece before'}
              className="mt-2 max-h-40"
            />
          )}
        </div>
      ))}
    </>
  );
}
