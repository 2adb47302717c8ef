import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { api, got, type ProblemError, type Schemas } from '../api/client';
import { Notice, Waiting } from '../app/Notice';
import { SelectField, TextField } from '../measure/Field';
import { useFormat } from '../measure/settings';

type Kind = 'media' | 'markings' | 'bases' | 'guards';

const KINDS: [Kind, string, string][] = [
  ['media', 'Film', 'What carries the picture.'],
  ['markings', 'Printers', 'What prints it.'],
  ['bases', 'To press on', 'Hard is better: on a soft base the edges lift.'],
  ['guards', 'To slip inside', 'Keeps colour from going through.'],
];

function NewIron({ onAdded }: { onAdded: () => void }) {
  const format = useFormat();
  const [id, setId] = useState(() => crypto.randomUUID());
  const [problem, setProblem] = useState<ProblemError>();
  const errors = problem?.errors ?? {};
  async function add(e: FormEvent<HTMLFormElement>) {
    e.preventDefault();
    const form = e.currentTarget;
    const data = new FormData(form);
    const text = (name: string) => String(data.get(name) ?? '');
    try {
      const body: Schemas['NewIron'] = {
        id,
        label: text('label'),
        width: text('width'),
        length: text('length'),
        dots: Number(text('dots')),
        steam: text('steam') === 'yes',
      };
      await got(api.POST('/api/shelf/irons', { body }));
      form.reset();
      setId(crypto.randomUUID());
      setProblem(undefined);
      onAdded();
    } catch (e) {
      setProblem(e as ProblemError);
    }
  }
  return (
    <form onSubmit={add} className="mt-3 grid grid-cols-[2fr_1fr_1fr_1fr_1fr_auto] items-start gap-3" noValidate>
      <TextField label="Another iron" name="label" placeholder="kitchen iron" error={errors.label} />
      <TextField label="Plate, across" name="width" placeholder={format.length(115)} error={errors.width} />
      <TextField label="Heel to point" name="length" placeholder={format.length(210)} error={errors.length} />
      <SelectField
        label="Hottest"
        name="dots"
        defaultValue="3"
        options={[
          { id: '3', label: '●●●' },
          { id: '2', label: '●●' },
          { id: '1', label: '●' },
        ]}
        error={errors.dots}
      />
      <SelectField
        label="Steam"
        name="steam"
        options={[
          { id: 'yes', label: 'yes' },
          { id: 'no', label: 'no' },
        ]}
      />
      <button type="submit" className="key-main mt-[1.35rem]">
        Add
      </button>
      {problem !== undefined && Object.keys(errors).length === 0 && (
        <p role="alert" className="col-span-full text-hot">
          {problem.message}
        </p>
      )}
    </form>
  );
}

/** What this shop has. Everything else Wubbin plans from it. */
export function ShelfPage() {
  const queries = useQueryClient();
  const format = useFormat();
  const shelf = useQuery({ queryKey: ['shelf'], queryFn: () => got(api.GET('/api/shelf')) });
  const catalogue = useQuery({ queryKey: ['catalogue'], queryFn: () => got(api.GET('/api/catalogue')) });
  const reread = () => {
    queries.invalidateQueries({ queryKey: ['shelf'] });
    queries.removeQueries({ queryKey: ['job'] });
  };
  const put = useMutation({
    mutationFn: (body: NonNullable<typeof shelf.data>) => got(api.PUT('/api/shelf', { body })),
    onMutate: (body) => queries.setQueryData(['shelf'], body),
    onSettled: reread,
    scope: { id: 'shelf' },
  });
  const { data } = shelf;
  if (data === undefined || catalogue.data === undefined) {
    return <Waiting error={shelf.error ?? catalogue.error} />;
  }
  return (
    <div className="mx-auto max-w-4xl px-6 py-6">
      <h1 className="text-3xl">Shelf</h1>
      <p className="text-soft">What you have. Plans are made from this; take off what has gone.</p>
      {put.error !== null && <Notice tone="hot">{put.error.message}</Notice>}
      <section className="mt-5 border-t border-ink pt-3" aria-labelledby="irons">
        <h2 id="irons" className="text-xl">
          Irons
        </h2>
        <p className="text-sm text-soft">The size of the plate decides how many places an iron needs: measure it.</p>
        <ul className="mt-2">
          {data.irons.map((iron) => (
            <li key={iron.id} className="flex items-baseline gap-3 border-t border-rule py-1.5">
              <b>{iron.label}</b>
              <span>
                plate {format.bareLength(iron.plate_width_mm)} × {format.length(iron.plate_length_mm)}
              </span>
              <span>{'●'.repeat(iron.dots)}</span>
              <span className="text-soft">{iron.steam ? 'with steam' : 'no steam'}</span>
              <button
                type="button"
                className="link ml-auto"
                aria-label={`Take ${iron.label} off the shelf`}
                onClick={() => put.mutate({ ...data, irons: data.irons.filter((i) => i.id !== iron.id) })}
              >
                Take off
              </button>
            </li>
          ))}
          {data.irons.length === 0 && <li className="py-1.5 text-wait">◆ No iron yet.</li>}
        </ul>
        <NewIron onAdded={reread} />
      </section>
      <div className="mt-6 grid gap-x-10 gap-y-6 md:grid-cols-2">
        {KINDS.map(([kind, title, what]) => (
          <fieldset key={kind} className="border-t border-ink pt-3">
            <legend className="float-left w-full text-xl font-bold">{title}</legend>
            <p className="clear-both text-sm text-soft">{what}</p>
            {catalogue.data[kind].map((thing) => {
              const has = data[kind].includes(thing.id);
              return (
                <label
                  key={thing.id}
                  className="flex items-center gap-3 border-t border-rule py-1.5 first-of-type:mt-2"
                >
                  <input
                    type="checkbox"
                    className="size-5 accent-ink"
                    checked={has}
                    onChange={() =>
                      put.mutate({
                        ...data,
                        [kind]: has ? data[kind].filter((i) => i !== thing.id) : [...data[kind], thing.id],
                      })
                    }
                  />
                  {thing.label}
                </label>
              );
            })}
          </fieldset>
        ))}
      </div>
    </div>
  );
}
