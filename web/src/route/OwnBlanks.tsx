import { type FormEvent, useState } from 'react';
import { api, got, type ProblemError, type Schemas } from '../api/client';
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
    const across = blank.chest_mm ?? blank.width_mm ?? blank.diameter_mm ?? 0;
    const along = blank.length_mm ?? blank.height_mm ?? 0;
    return blank.diameter_mm === undefined
      ? `${format.bareLength(across)} × ${format.length(along)}`
      : `${format.bareLength(across)} across, ${format.length(along)} high`;
  };
  return (
    <section className="mt-6 border-t border-ink pt-3" aria-labelledby="blanks">
      <h2 id="blanks" className="text-xl">
        Things to print on, as you measured them
      </h2>
      <p className="text-sm text-soft">Wubbin knows the usual ones. Makes differ: measure yours, and plans fit it.</p>
      {own.map((blank) => {
        const has = shelf.blanks?.includes(blank.id) ?? false;
        return (
          <label key={blank.id} className="flex items-center gap-3 border-t border-rule py-1.5 first-of-type:mt-2">
            <input type="checkbox" className="size-5 accent-ink" checked={has} onChange={() => onToggle(blank.id)} />
            <span>
              {blank.label}, {measured(blank)}
              <span className="text-soft">
                {' '}
                · like {kinds.flatMap((kind) => kind.sizes).find((size) => size.id === blank.like)?.label ?? blank.like}
                {has ? '' : ', retired'}
              </span>
            </span>
          </label>
        );
      })}
      <NewBlank kinds={kinds} own={own} onAdded={onAdded} />
    </section>
  );
}

function NewBlank({ kinds, own, onAdded }: { kinds: Schemas['BlankOption'][]; own: OwnBlank[]; onAdded: () => void }) {
  const [id, setId] = useState(() => crypto.randomUUID());
  const [kindId, setKindId] = useState('mug');
  const [problem, setProblem] = useState<ProblemError>();
  const errors = problem?.errors ?? {};
  const kind = kinds.find((k) => k.id === kindId);

  async function add(e: FormEvent<HTMLFormElement>) {
    e.preventDefault();
    const form = e.currentTarget;
    const {
      label = '',
      like = '',
      ...typed
    } = Object.fromEntries([...new FormData(form)].map(([name, value]) => [name, String(value)]));
    try {
      await got(api.POST('/api/shelf/own', { body: { kind: 'blanks', id, like, label, typed } }));
      form.reset();
      setId(crypto.randomUUID());
      setProblem(undefined);
      onAdded();
    } catch (e) {
      setProblem(e as ProblemError);
    }
  }

  return (
    <form onSubmit={add} className="mt-3 flex flex-wrap items-start gap-3 [&>div]:w-40" noValidate>
      <SelectField label="Kind" options={kinds} value={kindId} onChange={(e) => setKindId(e.target.value)} />
      <SelectField
        key={kindId}
        label="Most like"
        name="like"
        options={(kind?.sizes ?? []).filter((size) => !own.some((blank) => blank.id === size.id))}
        error={errors.like}
      />
      <TextField label="What you call it" name="label" error={errors.label} />
      {kind?.measures.map((measure) => (
        <TextField key={measure.id} label={measure.label} name={measure.id} error={errors[measure.id]} />
      ))}
      <button type="submit" className="key-main mt-[1.35rem]">
        Add this blank
      </button>
      {problem !== undefined && Object.keys(errors).length === 0 && (
        <p role="alert" className="w-full! text-hot">
          {problem.message}
        </p>
      )}
    </form>
  );
}
