import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import { Undo2 } from 'lucide-react';
import { useEffect, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { api, fileBody, got, type ProblemError, problemOf, type Schemas } from '../api/client';
import { keys, server } from '../api/queries';
import { SelectField, TextField } from '../measure/Field';
import { useFormat } from '../measure/settings';
import { Waiting } from '../parts/Notice';
import { TraceStage } from './TraceStage';
import { type Marks, mark, useMarks } from './useMarks';

const PAPERS = [
  { id: 'a4', label: 'A4, 210 × 297 mm' },
  { id: 'letter', label: 'Letter, 8.5 × 11 in' },
  { id: 'a5', label: 'A5, 148 × 210 mm' },
];
const SETTLE_MS = 250;

const row = (points: Marks['points']) => points.map((p) => `${p.x} ${p.y}`).join(' ');

interface Photo {
  sha256: string;
  width: number;
  height: number;
}

/** Measures a piece from a photo of it lying flat with a sheet of known size: corners, outline, name. */
export function TracePage() {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const catalogue = useQuery(server.catalogue());
  const [id] = useState(() => crypto.randomUUID());
  const [kindId, setKindId] = useState('apron');
  const [label, setLabel] = useState('');
  const [paper, setPaper] = useState('a4');
  const [overscan, setOverscan] = useState('10 mm');
  const [side, setSide] = useState('front');
  const [kept, setKept] = useState<Record<string, Schemas['TraceMarks']>>({});
  const [photo, setPhoto] = useState<Photo>();
  const [reading, setReading] = useState(false);
  const [mirrored, setMirrored] = useState(false);
  const [otherWay, setOtherWay] = useState(false);
  const { marks, set, takeBack, canTakeBack } = useMarks();
  const [problem, setProblem] = useState<ProblemError>();
  const settled = useSettled(marks);
  const body: Schemas['TraceMarks'] = {
    photo: photo?.sha256 ?? '',
    paper: paper as 'a4',
    other_way: otherWay,
    mirrored,
    overscan,
    corners: row(settled.corners),
    points: row(settled.points),
  };
  const enough = photo !== undefined && settled.corners.length === 4 && settled.points.length >= 3;
  const trace = useQuery({ ...server.trace(body), enabled: enough, placeholderData: keepPreviousData });
  const errors = { ...(trace.error?.errors ?? {}), ...(problem?.errors ?? {}) };
  const traced = enough && trace.error === null ? trace.data : undefined;
  const kind = catalogue.data?.blanks.find((k) => k.id === kindId);
  const sides = kind?.traced_sides ?? [];

  async function take(file: File) {
    setReading(true);
    setProblem(undefined);
    try {
      const { sha256 } = await got(
        api.POST('/api/photos', { params: { query: { to_measure: '1' } }, ...fileBody(file) }),
      );
      const image = new Image();
      image.src = `/api/photos/${sha256}`;
      await image.decode();
      setPhoto({ sha256, width: image.naturalWidth, height: image.naturalHeight });
      set(() => ({ corners: [], points: [] }));
    } catch (e) {
      setProblem(problemOf(e));
    } finally {
      setReading(false);
    }
  }

  function turnTo(to: string) {
    setKept((all) => (enough ? { ...all, [side]: body } : all));
    setSide(to);
    setPhoto(undefined);
    set(() => ({ corners: [], points: [] }));
  }

  async function keep() {
    try {
      const all = enough ? { ...kept, [side]: body } : kept;
      await got(
        api.POST('/api/shelf/traced', {
          body: { id, like: kind?.sizes.find((size) => !size.own)?.id ?? '', label, sides: all },
        }),
      );
      await queries.invalidateQueries({ queryKey: keys.shelf });
      await queries.invalidateQueries({ queryKey: keys.catalogue });
      navigate('/shelf');
    } catch (e) {
      setProblem(problemOf(e));
    }
  }

  if (catalogue.data === undefined) {
    return <Waiting error={catalogue.error} />;
  }
  const say =
    photo === undefined
      ? 'Lay the piece flat, put a sheet of paper on it or beside it, stand over its middle and take a photo.'
      : marks.corners.length < 4
        ? `Click the sheet’s corner ${marks.corners.length + 1} of 4, one after the other round it.`
        : marks.points.length < 3
          ? mirrored
            ? 'Click round one half, from the top of the middle to its foot.'
            : 'Click round the outline of the piece.'
          : 'Drag a point to move it, click a side to split it, double-click a point to remove it.';
  return (
    <div className="grid min-h-full grid-rows-[auto_1fr] lg:h-full lg:grid-cols-[21rem_minmax(0,1fr)] lg:grid-rows-1">
      <section aria-label="What is traced" className="overflow-auto border-rule px-5 py-4 lg:border-r">
        <h1 className="text-2xl">Measure from a photo</h1>
        <p className="mt-1 font-semibold" aria-live="polite">
          {say}
        </p>
        <PhotoButton reading={reading} again={photo !== undefined} onTake={take} />
        <Troubles errors={errors} problem={problem} />
        <div className="mt-3 grid gap-2">
          <SelectField label="The sheet" options={PAPERS} value={paper} onChange={(e) => setPaper(e.target.value)} />
          <label>
            <input
              type="checkbox"
              className="accent-ink"
              checked={otherWay}
              onChange={(e) => setOtherWay(e.target.checked)}
            />{' '}
            it lies the other way round
          </label>
          <label>
            <input
              type="checkbox"
              className="accent-ink"
              checked={mirrored}
              onChange={(e) => setMirrored(e.target.checked)}
            />{' '}
            one half only: mirror it
          </label>
          <TextField
            label="Printed beyond its edge by"
            value={overscan}
            error={errors.overscan}
            onChange={(e) => setOverscan(e.target.value)}
          />
        </div>
        {traced !== undefined && <Measured of={traced} />}
        <div className="mt-4 grid gap-2 border-t border-rule pt-3">
          <SelectField
            label="What is it?"
            options={catalogue.data.blanks.filter((k) => k.traced_sides.length > 0)}
            value={kindId}
            onChange={(e) => {
              setKindId(e.target.value);
              setSide('front');
              setKept({});
            }}
          />
          {sides.length > 1 && (
            <fieldset>
              <legend className="text-sm text-soft">This photo shows its</legend>
              {sides.map((s) => (
                <label key={s.id} className="mr-4">
                  <input type="radio" className="accent-ink" checked={side === s.id} onChange={() => turnTo(s.id)} />{' '}
                  {s.label}
                  {kept[s.id] !== undefined && side !== s.id && <span className="text-done"> ✓</span>}
                </label>
              ))}
              <p className="text-sm text-soft">A side without a photo is the mirrored other side.</p>
            </fieldset>
          )}
          <TextField
            label="What you call it"
            value={label}
            error={errors.label}
            onChange={(e) => setLabel(e.target.value)}
          />
          <button
            type="button"
            className="key-main"
            disabled={traced === undefined && Object.keys(kept).length === 0}
            onClick={keep}
          >
            Put it on the shelf
          </button>
        </div>
        <p className="mt-3 flex gap-4 text-sm">
          <button
            type="button"
            className="link disabled:text-soft disabled:no-underline"
            disabled={!canTakeBack}
            onClick={takeBack}
          >
            <Undo2 size={14} aria-hidden className="mr-1 inline" />
            Undo
          </button>
          {photo !== undefined && marks.points.length === 0 && (
            <button type="button" className="link" onClick={() => set(() => roughly(photo, marks))}>
              {marks.corners.length < 4 ? 'Put four corners in the middle' : 'Put four points round it'}
            </button>
          )}
          <Link to="/shelf" className="link ml-auto">
            Go to the shelf
          </Link>
        </p>
      </section>
      <section aria-label="Photo" className="min-h-[60vh] lg:min-h-0">
        {photo === undefined ? (
          <p className="mx-auto mt-28 max-w-md px-6 text-center text-soft">
            No photo yet. The farther from the sheet a piece reaches, the less sure its size is: put the sheet in its
            middle, and hold the camera level.
          </p>
        ) : (
          <TraceStage photo={photo.sha256} size={photo} marks={marks} set={set} traced={traced} mirrored={mirrored} />
        )}
      </section>
    </div>
  );
}

/** Marks to begin with, for whoever goes on by keyboard. */
function roughly(photo: Photo, marks: Marks): Marks {
  const at = (x: number, y: number) => mark(Math.round(photo.width * x), Math.round(photo.height * y));
  return marks.corners.length < 4
    ? { ...marks, corners: [at(0.4, 0.4), at(0.6, 0.4), at(0.6, 0.6), at(0.4, 0.6)] }
    : { ...marks, points: [at(0.2, 0.2), at(0.8, 0.2), at(0.8, 0.8), at(0.2, 0.8)] };
}

/** The marks once they have been still for a moment: what is sent to be measured. */
function useSettled(marks: Marks): Marks {
  const [settled, setSettled] = useState(marks);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(marks), SETTLE_MS);
    return () => clearTimeout(timer);
  }, [marks]);
  return settled;
}

function PhotoButton({ reading, again, onTake }: { reading: boolean; again: boolean; onTake: (file: File) => void }) {
  return (
    <label className="key mt-3 w-full">
      {reading ? 'Reading the photo …' : again ? 'Another photo' : 'Take or choose a photo'}
      <input
        type="file"
        accept="image/jpeg,image/png,image/webp,image/heic"
        capture="environment"
        className="sr-only"
        disabled={reading}
        onChange={(e) => {
          const file = e.target.files?.[0];
          e.target.value = '';
          if (file !== undefined) {
            onTake(file);
          }
        }}
      />
    </label>
  );
}

/** What is wrong with the photo and its marks; what is wrong elsewhere stands at its field. */
function Troubles({ errors, problem }: { errors: Record<string, string>; problem: ProblemError | undefined }) {
  return (
    <>
      {['file', 'photo', 'corners', 'points'].map(
        (field) =>
          errors[field] !== undefined && (
            <p key={field} role="alert" className="mt-2 font-semibold text-hot">
              {errors[field]}
            </p>
          ),
      )}
      {problem !== undefined && Object.keys(errors).length === 0 && (
        <p role="alert" className="mt-2 font-semibold text-hot">
          {problem.message}
        </p>
      )}
    </>
  );
}

/** What the marks come to, and how sure that is. */
function Measured({ of: traced }: { of: Schemas['TracedView'] }) {
  const format = useFormat();
  return (
    <dl className="mt-4 grid grid-cols-[6rem_1fr] border-t border-rule pt-2">
      <dt className="text-soft">Width</dt>
      <dd>
        <b>{format.length(traced.width_mm)}</b> ± {format.length(traced.width_off_mm)}
      </dd>
      <dt className="text-soft">Height</dt>
      <dd>
        <b>{format.length(traced.height_mm)}</b> ± {format.length(traced.height_off_mm)}
      </dd>
      <dt className="text-soft">Area</dt>
      <dd>{format.area(traced.area_mm2)}</dd>
      <dt className="text-soft">Sheet lies</dt>
      <dd>
        {format.bareLength(traced.sheet_width_mm)} × {format.length(traced.sheet_height_mm)}
      </dd>
      <dt className="sr-only">How sure</dt>
      <dd className="col-span-2 mt-1 text-sm text-soft">
        Over {format.length(traced.far_mm)} the size can be wrong by ±&nbsp;{format.length(traced.far_off_mm)}. Use a
        larger sheet, or lay it nearer the middle, to be more exact.
      </dd>
    </dl>
  );
}
