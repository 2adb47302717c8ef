import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { api, got, type ProblemError, problemOf, type Schemas } from '../api/client';
import { SelectField, TextField } from '../measure/Field';
import { useFormat } from '../measure/settings';

type Kind = Schemas['NewHeatSource']['kind'];
type Source = Schemas['shelf.schema']['heat'][number];

/** Puts a heat source on the shelf; which measures are asked for depends on its kind. */
export function NewHeat({
  kinds,
  source,
  onAdded,
}: {
  kinds: Schemas['Option'][];
  /** One that is there and is measured now: it is stored in its place. */
  source?: Source;
  onAdded: () => void;
}) {
  const format = useFormat();
  const length = (mm: number | undefined) => (mm === undefined ? '' : format.exactLength(mm));
  const [id, setId] = useState(() => source?.id ?? crypto.randomUUID());
  const [kind, setKind] = useState<Kind>(source?.kind ?? 'iron');
  const [problem, setProblem] = useState<ProblemError>();
  // What another kind of source is not asked for is not sent either.
  const { register, handleSubmit, reset } = useForm<Record<string, string>>({
    shouldUnregister: true,
    defaultValues: {
      label: source?.label ?? '',
      width: length(source?.plate_width_mm),
      length: length(source?.plate_length_mm),
      least: length(source?.diameter_from_mm),
      most: length(source?.diameter_to_mm),
      patch: length(source?.patch_mm),
      from: source?.from_c === undefined ? '' : format.temperature(source.from_c),
      to: source?.to_c === undefined ? '' : format.temperature(source.to_c),
      dots: String(source?.dots ?? 3),
      dial: source?.dial === undefined ? '' : String(source.dial),
      watts: source?.watts === undefined ? '' : String(source.watts),
      steam: source?.steam === false ? 'no' : 'yes',
    },
  });
  const errors = problem?.errors ?? {};
  const plate = kind === 'iron' || kind === 'flat-press';
  const press = kind === 'flat-press' || kind === 'mug-press';

  async function add(data: Record<string, string>) {
    const { label = '', dots = '3', dial = '', steam = '', ...typed } = data;
    try {
      await got(
        api.POST('/api/shelf/heat', {
          body: { id, label, kind, dots: Number(dots), dial: Number(dial) || 0, steam: steam === 'yes', typed },
        }),
      );
      if (source === undefined) {
        reset();
        setId(crypto.randomUUID());
      }
      setProblem(undefined);
      onAdded();
    } catch (e) {
      setProblem(problemOf(e));
    }
  }

  return (
    <form
      onSubmit={handleSubmit(add)}
      className="mt-3 fields grid-cols-[repeat(auto-fill,minmax(9rem,1fr))] gap-x-3 gap-y-2"
      noValidate
    >
      {source === undefined && (
        <SelectField label="Another" options={kinds} value={kind} onChange={(e) => setKind(e.target.value as Kind)} />
      )}
      <TextField label="Its name" {...register('label')} placeholder="kitchen iron" error={errors.label} />
      {plate && (
        <>
          <TextField
            label="Plate, across"
            {...register('width')}
            placeholder={format.length(115)}
            error={errors.width}
          />
          <TextField
            label={kind === 'iron' ? 'Heel to point' : 'Plate, front to back'}
            {...register('length')}
            placeholder={format.length(210)}
            error={errors.length}
          />
        </>
      )}
      {kind === 'mug-press' && (
        <>
          <TextField
            label="Smallest mug, across"
            {...register('least')}
            placeholder={format.length(75)}
            error={errors.least}
          />
          <TextField
            label="Largest mug, across"
            {...register('most')}
            placeholder={format.length(90)}
            error={errors.most}
          />
        </>
      )}
      {press && (
        <>
          <TextField label="From" {...register('from')} placeholder="80 °C" error={errors.from} />
          <TextField label="Hottest" {...register('to')} placeholder="220 °C or 428 F" error={errors.to} />
        </>
      )}
      {kind === 'iron' && (
        <>
          <SelectField
            label="Hottest"
            {...register('dots')}
            options={[
              { id: '3', label: '●●●' },
              { id: '2', label: '●●' },
              { id: '1', label: '●' },
            ]}
            error={errors.dots}
          />
          <TextField
            label="Dial up to (or empty)"
            {...register('dial')}
            placeholder="6"
            error={errors.dial}
            inputMode="numeric"
          />
          <SelectField
            label="Steam"
            {...register('steam')}
            options={[
              { id: 'yes', label: 'yes' },
              { id: 'no', label: 'no' },
            ]}
          />
        </>
      )}
      {(kind === 'dryer' || kind === 'gun') && (
        <TextField
          label="Heats a spot of (or empty)"
          {...register('patch')}
          placeholder={format.length(kind === 'dryer' ? 60 : 50)}
          error={errors.patch}
        />
      )}
      {kind !== 'spoon' && kind !== 'burnisher' && (
        <TextField
          label="Watts (or empty)"
          {...register('watts')}
          placeholder="2400"
          error={errors.watts}
          inputMode="numeric"
        />
      )}
      <div className="beside">
        <button type="submit" className="key-main">
          {source === undefined ? 'Add this source' : 'I have measured it'}
        </button>
      </div>
      {problem !== undefined && Object.keys(errors).length === 0 && (
        <p role="alert" className="col-span-full text-hot">
          {problem.message}
        </p>
      )}
    </form>
  );
}
