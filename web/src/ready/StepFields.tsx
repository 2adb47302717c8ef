import { useQuery } from '@tanstack/react-query';
import type { Schemas } from '../api/client';
import { server } from '../api/queries';
import { SelectField, TextField } from '../measure/Field';
import { useFormat } from '../measure/settings';
import { kindOf, type Step } from './steps';

/** The fields of one step; each change is looked at as it is typed. */
export function StepFields({
  step,
  errors,
  look,
  onChange,
}: {
  step: Step;
  /** What is wrong, by field. */
  errors: Record<string, string>;
  look: Schemas['ReadyLook'];
  onChange: (changes: Record<string, unknown>) => void;
}) {
  const format = useFormat();
  const pictures = useQuery(server.pictures());
  const kind = kindOf(step);
  if (kind === undefined) {
    return null;
  }
  const shown = (value: unknown) => (typeof value === 'number' ? format.exactLength(value) : String(value ?? ''));
  return (
    <div className="fields grid-cols-2 gap-2 pb-3">
      {kind.fields.map((field) => {
        const { name, label } = field;
        const value = step[name];
        const error = errors[name];
        const wide = 'col-span-2';
        switch (field.kind) {
          case 'length':
            return (
              <TextField
                key={name}
                label={label}
                error={error}
                value={shown(value)}
                onChange={(e) => onChange({ [name]: e.target.value })}
              />
            );
          case 'count':
            return (
              <TextField
                key={name}
                label={label}
                error={error}
                type="number"
                min={1}
                value={Number(value)}
                onChange={(e) => onChange({ [name]: Number(e.target.value) })}
              />
            );
          case 'range':
            return (
              <label key={name} className={`${wide} grid gap-0.5`}>
                <span className="text-sm text-soft">
                  {label}: {field.to <= 1 ? `${Math.round(Number(value) * 100)} %` : `${value}${field.unit ?? ''}`}
                </span>
                <input
                  type="range"
                  className="h-8 w-full accent-ink"
                  min={field.from}
                  max={field.to}
                  step={field.to <= 1 ? 0.01 : 1}
                  value={Number(value)}
                  onChange={(e) => onChange({ [name]: Number(e.target.value) })}
                />
                {error !== undefined && <Wrong>{error}</Wrong>}
              </label>
            );
          case 'check':
            return (
              <label key={name} className={wide}>
                <input
                  type="checkbox"
                  className="size-4 accent-ink"
                  checked={value === true}
                  onChange={(e) => onChange({ [name]: e.target.checked })}
                />{' '}
                {label}
                {error !== undefined && <Wrong>{error}</Wrong>}
              </label>
            );
          case 'choice':
            return (
              <SelectField
                key={name}
                label={label}
                error={error}
                options={field.options}
                value={String(value ?? '')}
                onChange={(e) =>
                  onChange({
                    [name]: name === 'lines' ? Number(e.target.value) : e.target.value === '' ? null : e.target.value,
                  })
                }
              />
            );
          case 'face':
            return (
              <SelectField
                key={name}
                label={label}
                error={error}
                options={look.faces}
                hint={`Readable from ${format.length(look.faces.find((face) => face.id === value)?.smallest_mm ?? 0)}.`}
                value={String(value)}
                onChange={(e) => onChange({ [name]: e.target.value })}
              />
            );
          case 'colour':
            return (
              <TextField
                key={name}
                label={label}
                error={error}
                type="color"
                value={String(value)}
                onChange={(e) => onChange({ [name]: e.target.value })}
              />
            );
          case 'text':
            return (
              <label key={name} className={`${wide} grid gap-0.5`}>
                <span className="text-sm text-soft">{label}</span>
                <textarea
                  className="field min-h-16"
                  value={String(value ?? '')}
                  onChange={(e) => onChange({ [name]: e.target.value })}
                />
                {error !== undefined && <Wrong>{error}</Wrong>}
              </label>
            );
          case 'picture':
            return (
              <div key={name} className={wide}>
                <SelectField
                  label={label}
                  error={error}
                  options={[
                    { id: '', label: step.do === 'back' ? 'none, the colour alone' : 'choose …' },
                    ...(pictures.data ?? []).map(({ picture }) => ({ id: picture.sha256, label: picture.name })),
                  ]}
                  value={String(value ?? '')}
                  onChange={(e) => {
                    const one = pictures.data?.find(({ picture }) => picture.sha256 === e.target.value)?.picture;
                    onChange({
                      [name]: one?.sha256 ?? (step.do === 'back' ? null : ''),
                      ...(step.do === 'join' && one !== undefined ? { aspect: one.width / one.height } : {}),
                    });
                  }}
                />
              </div>
            );
          default:
            return null;
        }
      })}
      <p className="col-span-2 text-sm text-soft">{kind.says}</p>
    </div>
  );
}

function Wrong({ children }: { children: string }) {
  return (
    <span role="alert" className="block text-sm font-semibold text-hot">
      {children}
    </span>
  );
}
