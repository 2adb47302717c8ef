import { type FormEvent, useState } from 'react';
import { Link } from 'react-router';
import { api, got, type ProblemError, problemOf, type Schemas } from '../api/client';
import { SelectField, TextField } from '../measure/Field';
import { useFormat } from '../measure/settings';

type Shelf = Schemas['shelf.schema'];
type OwnBlank = NonNullable<NonNullable<Shelf['own']>['blanks']>[number];

/** Blanks that the shop has measured itself. Every one is a copy of a usual one, and keeps what that keeps clear. */
export function OwnBlanks({
  kinds,
  shelf,
  onToggle,
  onAdded,
}: {
  kinds: Schemas['BlankOption'][];
  shelf: Shelf;
  onToggle: (id: string) => void;
  onAdded: () => void;
}) {
  const format = useFormat();
  const own = shelf.own?.blanks ?? [];
  const measured = (blank: OwnBlank) => {
    if (blank.outlines !== undefined) {
      return 'traced from a photo';
    }
    const across = blank.chest_mm ?? blank.width_mm ?? blank.diameter_mm ?? 0;
    const along = blank.length_mm ?? blank.height_mm ?? 0;
    if (blank.rim_diameter_mm !== undefined) {
      return `${format.bareLength(blank.rim_diameter_mm)} across the rim, ${format.bareLength(blank.foot_diameter_mm ?? 0)} the foot, ${format.length(along)} high`;
    }
    return blank.diameter_mm === undefined
      ? `${format.bareLength(across)} × ${format.length(along)}`
      : `${format.bareLength(across)} across, ${format.length(along)} high`;
  };
  return (
    <section className="mt-6 border-t border-ink pt-3" aria-labelledby="blanks">
      <h2 id="blanks" className="text-xl">
        Your own blanks
      </h2>
      <p className="text-sm text-soft">
        Wubbin knows the usual sizes. Sizes differ, so measure yours. Then plans fit it.
      </p>
      {own.map((blank) => {
        const has = shelf.blanks?.includes(blank.id) ?? false;
        return (
          <div key={blank.id} className="flex items-center gap-3 border-t border-rule py-1.5">
            <label className="flex items-center gap-3">
              <input type="checkbox" className="size-5 accent-ink" checked={has} onChange={() => onToggle(blank.id)} />
              <span>
                {blank.label}, {measured(blank)}
                <span className="text-soft">
                  {' '}
                  · like{' '}
                  {kinds.flatMap((kind) => kind.sizes).find((size) => size.id === blank.like)?.label ?? blank.like}
                  {has ? '' : ', retired'}
                  {blank.zones !== undefined && ` · keeps clear of ${blank.zones.map((zone) => zone.label).join(', ')}`}
                </span>
              </span>
            </label>
            {blank.outlines !== undefined && (
              <a className="link ml-auto" href={`/api/shelf/blanks/${blank.id}/outline.svg`}>
                Save its outline (SVG)
              </a>
            )}
          </div>
        );
      })}
      <NewBlank kinds={kinds} onAdded={onAdded} />
      <p className="mt-3">
        <Link to="/shelf/trace" className="link">
          Measure a garment from a photo
        </Link>
      </p>
    </section>
  );
}

type Zone = {
  id: number;
  label: string;
  side: string;
  right: string;
  below: string;
  width: string;
  height: string;
  hole: string;
};

const ZONE = [
  ['right', 'Right of centre'],
  ['below', 'Upper edge, below'],
  ['width', 'Wide'],
  ['height', 'High'],
] as const;

function NewBlank({ kinds, onAdded }: { kinds: Schemas['BlankOption'][]; onAdded: () => void }) {
  const format = useFormat();
  const [id, setId] = useState(() => crypto.randomUUID());
  const [kindId, setKindId] = useState('mug');
  const [like, setLike] = useState('');
  const [zones, setZones] = useState<Zone[]>([]);
  const [problem, setProblem] = useState<ProblemError>();
  const errors = problem?.errors ?? {};
  const kind = kinds.find((k) => k.id === kindId);
  const models = (kind?.sizes ?? []).filter((size) => !size.own);
  const model = models.find((size) => size.id === like) ?? models[0];

  async function add(e: FormEvent<HTMLFormElement>) {
    e.preventDefault();
    const form = e.currentTarget;
    const { label = '', ...typed } = Object.fromEntries(
      [...new FormData(form)].map(([name, value]) => [name, String(value)]),
    );
    try {
      await got(
        api.POST('/api/shelf/own', {
          body: {
            kind: 'blanks',
            id,
            like: model?.id ?? '',
            label,
            typed,
            zones: zones.map(({ id: _, ...zone }) => ({ ...zone, side: zone.side || (kind?.sides[0]?.id ?? '') })),
          },
        }),
      );
      form.reset();
      setZones([]);
      setId(crypto.randomUUID());
      setProblem(undefined);
      onAdded();
    } catch (e) {
      setProblem(problemOf(e));
    }
  }
  const change = (zone: Zone, field: string, value: string) =>
    setZones((all) => all.map((z) => (z.id === zone.id ? { ...z, [field]: value } : z)));

  return (
    <form onSubmit={add} className="mt-3" noValidate>
      <div className="fields grid-cols-[repeat(auto-fill,minmax(10rem,1fr))] gap-x-3 gap-y-2">
        <SelectField
          label="Kind"
          options={kinds}
          value={kindId}
          onChange={(e) => {
            setKindId(e.target.value);
            setLike('');
            setZones([]);
          }}
        />
        <SelectField
          label="Most like"
          options={models}
          value={model?.id ?? ''}
          onChange={(e) => setLike(e.target.value)}
          error={errors.like}
        />
        <TextField label="What you call it" name="label" error={errors.label} />
        {model?.measures
          .filter((measure) => measure.needed)
          .map((measure) => (
            <TextField
              key={`${model.id} ${measure.id}`}
              label={measure.label}
              name={measure.id}
              placeholder={format.length(measure.usual_mm)}
              error={errors[measure.id]}
            />
          ))}
      </div>
      <details className="mt-2" open={Object.keys(errors).some((e) => e.startsWith('zone')) || undefined}>
        <summary className="text-soft">Print area, and parts to keep clear</summary>
        <div className="mt-2 fields grid-cols-[repeat(auto-fill,minmax(10rem,1fr))] gap-x-3 gap-y-2">
          {model?.measures
            .filter((measure) => !measure.needed)
            .map((measure) => (
              <TextField
                key={`${model.id} ${measure.id}`}
                label={measure.label}
                name={measure.id}
                placeholder={`usually ${format.length(measure.usual_mm)}`}
                error={errors[measure.id]}
              />
            ))}
        </div>
        {zones.map((zone, i) => (
          <fieldset
            key={zone.id}
            className="mt-2 border-t border-rule pt-2 fields grid-cols-[repeat(auto-fill,minmax(8rem,1fr))] gap-x-3 gap-y-2"
          >
            <legend className="sr-only">Keep clear, {i + 1}</legend>
            <TextField
              label="What is there"
              placeholder="pocket"
              value={zone.label}
              error={errors[`zone${i}.label`]}
              onChange={(e) => change(zone, 'label', e.target.value)}
            />
            {(kind?.sides.length ?? 0) > 1 && (
              <SelectField
                label="On its"
                options={kind?.sides ?? []}
                value={zone.side}
                onChange={(e) => change(zone, 'side', e.target.value)}
              />
            )}
            {ZONE.map(([field, label]) => (
              <TextField
                key={field}
                label={label}
                value={zone[field]}
                error={errors[`zone${i}.${field}`]}
                onChange={(e) => change(zone, field, e.target.value)}
              />
            ))}
            <label className="mt-7">
              <input
                type="checkbox"
                className="accent-ink"
                checked={zone.hole === 'yes'}
                onChange={(e) => change(zone, 'hole', e.target.checked ? 'yes' : 'no')}
              />{' '}
              a hole
            </label>
            <button
              type="button"
              className="link mt-7"
              onClick={() => setZones((all) => all.filter((z) => z.id !== zone.id))}
            >
              Remove it
            </button>
          </fieldset>
        ))}
        <button
          type="button"
          className="link mt-2"
          onClick={() =>
            setZones((all) => [
              ...all,
              {
                id: (all.at(-1)?.id ?? 0) + 1,
                label: '',
                side: '',
                right: '',
                below: '',
                width: '',
                height: '',
                hole: 'no',
              },
            ])
          }
        >
          Keep a pocket or a hole clear
        </button>
      </details>
      <button type="submit" className="key-main mt-3">
        Add this blank
      </button>
      {problem !== undefined && Object.keys(errors).length === 0 && (
        <p role="alert" className="text-hot">
          {problem.message}
        </p>
      )}
    </form>
  );
}
