import { useQuery, useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useEffect, useId, useRef, useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { api, got, type ProblemError, problemOf, type Schemas } from '../api/client';
import { keys, server } from '../api/queries';
import { PicturePicker } from '../artwork/PicturePicker';
import { StepDrawing } from '../drawing/StepDrawing';
import { TextField } from '../measure/Field';
import { useFormat } from '../measure/settings';
import { Notice, Waiting } from '../parts/Notice';

type Portrait = Schemas['PortraitView'];

/** What an address can say of a job before it is made, beside what the page asks for itself. */
const GIVEN = ['route', 'width', 'height'] as const;

interface Draft {
  picked?: { sha256: string; name: string; note?: string | null } | undefined;
  name: string;
  quantity: string;
  due: string;
  kind: string;
  chosen: Record<string, string>;
}

const EMPTY: Draft = { name: '', quantity: '1', due: '', kind: 'shirt', chosen: {} };

/** What was entered, for who leaves half-way, to the shelf for instance, and comes back. */
let draft = EMPTY;

/** A new job: what on what, each chosen by how it looks, in whichever order. */
export function NewJob() {
  const catalogue = useQuery(server.catalogue());
  const portraits = useQuery(server.portraits());
  const shelf = useQuery(server.shelf());
  const format = useFormat();
  const navigate = useNavigate();
  const queries = useQueryClient();
  // One id for this form, however often its button is pressed.
  const id = useRef(crypto.randomUUID());
  const go = useRef<HTMLButtonElement>(null);
  // A picture that the shop has already, or a piece and figures, when the page was opened with them.
  const [search] = useSearchParams();
  const known = useQuery({ ...server.pictures(), enabled: search.has('picture') });
  const given = known.data?.find(({ picture }) => picture.sha256 === search.get('picture'))?.picture;
  const [picked, setArtwork] = useState(draft.picked);
  const artwork = picked ?? given;
  const [problem, setProblem] = useState<ProblemError>();
  const [busy, setBusy] = useState(false);
  const [reading, setReading] = useState(false);
  const [name, setName] = useState(draft.name);
  const [quantity, setQuantity] = useState(search.get('quantity') ?? draft.quantity);
  const [due, setDue] = useState(draft.due);
  const [kindId, setKindId] = useState(search.get('kind') ?? draft.kind);
  const [chosen, setChosen] = useState<Record<string, string>>({
    ...draft.chosen,
    ...Object.fromEntries(
      ['size', 'material'].flatMap((one) => (search.has(one) ? [[one, search.get(one) ?? '']] : [])),
    ),
  });
  useEffect(() => {
    draft = { picked, name, quantity, due, kind: kindId, chosen };
  }, [picked, name, quantity, due, kindId, chosen]);
  // With a picture all is there that a job needs: the next thing is to make it.
  useEffect(() => {
    if (picked !== undefined && !reading) {
      go.current?.focus();
    }
  }, [picked, reading]);
  if (catalogue.data === undefined || portraits.data === undefined) {
    return <Waiting error={catalogue.error ?? portraits.error} />;
  }
  const { blanks, colours } = catalogue.data;
  const kind = blanks.find((b) => b.id === kindId) ?? blanks[0];
  if (kind === undefined) {
    return null;
  }
  const of = (field: string, from: { id: string }[]) =>
    from.find((one) => one.id === chosen[field])?.id ?? from[0]?.id ?? '';
  const [size, material, condition, colour] = [
    of('size', kind.sizes),
    of('material', kind.materials),
    of('condition', kind.conditions),
    of('colour', colours),
  ];
  const errors = problem?.errors ?? {};
  const stem = artwork?.name
    .replace(/\.[^.]*$/, '')
    .replace(/[_-]+/g, ' ')
    .trim();
  const called = `${kind.label.charAt(0).toUpperCase()}${kind.label.slice(1)}${stem === undefined ? '' : `: ${stem}`}`;
  const choose = (field: string) => (value: string) => setChosen({ ...chosen, [field]: value });
  const figures = Object.fromEntries(
    GIVEN.flatMap((field) => {
      const value = search.get(field);
      return value === null || (field === 'route' && kindId !== search.get('kind')) ? [] : [[field, value]];
    }),
  );
  // A size belongs to a picture; without one it waits until there is one.
  const { width, height, ...rest } = figures;
  const changes = {
    quantity,
    due,
    kind: kind.id,
    size,
    colour,
    material,
    condition,
    ...rest,
    ...(artwork && { artwork: artwork.sha256, ...(width && { width }), ...(height && { height }) }),
  };
  const empty = shelf.data !== undefined && shelf.data.heat.length + shelf.data.markings.length === 0;

  async function make(e: FormEvent<HTMLFormElement>) {
    e.preventDefault();
    setBusy(true);
    try {
      const view = await got(
        api.POST('/api/jobs', { body: { id: id.current, name: name.trim() === '' ? called : name, changes } }),
      );
      draft = EMPTY;
      queries.setQueryData(keys.job(view.job.id), view);
      // A shirt has its usual route; for anything else the routes are shown first.
      const there = view.plan.ready || kind?.id === 'shirt' || 'route' in figures;
      navigate(`/jobs/${view.job.id}${there ? '' : '/routes'}`, { replace: true, state: 'made' });
    } catch (e) {
      setProblem(problemOf(e));
      setBusy(false);
    }
  }

  return (
    <form onSubmit={make} className="mx-auto max-w-6xl px-5 py-5" noValidate>
      <h1 className="text-3xl">New job</h1>
      <p className="mt-1 text-soft">Say what you want to make, and on what. You can change everything later.</p>
      {problem !== undefined && Object.keys(errors).length === 0 && <Notice tone="hot">{problem.message}</Notice>}
      {empty && (
        <Notice tone="wait">
          Your shelf is empty, so Wubbin cannot say how it is made.{' '}
          <Link to="/start" className="link">
            Tick what you have
          </Link>
          . You can make the job now. Wubbin plans it when you have.
        </Notice>
      )}
      <div className="mt-4 grid gap-x-8 gap-y-5 lg:grid-cols-[20rem_minmax(0,1fr)]">
        <section aria-label="The picture" className="border-t border-ink pt-3">
          <h2 className="mb-2 text-xl">Which picture?</h2>
          {artwork !== undefined && (
            <img
              src={`/api/artwork/${artwork.sha256}/preview`}
              alt=""
              className="on-paper mb-2 max-h-44 w-full bg-ground object-contain"
            />
          )}
          <PicturePicker
            current={artwork?.name}
            note={artwork?.note}
            onPicked={setArtwork}
            onReading={setReading}
            first={search.has('kind') && given === undefined}
          />
          {(width ?? height) !== undefined && (
            <p className="mt-2 text-sm text-soft">From your sum: {[width, height].filter(Boolean).join(' × ')}</p>
          )}
          <div className="mt-4 grid gap-2.5">
            <div className="fields grid-cols-2 gap-x-3">
              <TextField
                label="How many?"
                value={quantity}
                error={errors.quantity}
                inputMode="numeric"
                onChange={(e) => setQuantity(e.target.value)}
              />
              <TextField
                label="By when? (can stay empty)"
                value={due}
                error={errors.due}
                type="date"
                onChange={(e) => setDue(e.target.value)}
              />
            </div>
            <TextField
              label="What is it called?"
              value={name}
              error={errors.name}
              placeholder={called}
              onChange={(e) => setName(e.target.value)}
            />
          </div>
          <button ref={go} type="submit" className="key-main mt-4 w-full text-lg" disabled={busy || reading}>
            {reading ? 'Reading the picture …' : 'Make the job'}
          </button>
        </section>
        <section aria-label="The piece" className="border-t border-ink pt-3">
          <Cards
            legend="On what?"
            name="kind"
            value={kind.id}
            error={errors.kind}
            cards={blanks.map((blank) => ({
              id: blank.id,
              label: blank.label,
              portrait: portraits.data.find((one) => one.kind === blank.id),
            }))}
            onChange={setKindId}
          />
          {kind.sizes.length > 1 && (
            <Cards
              legend="Which size?"
              name="size"
              alike
              value={size}
              error={errors.size}
              cards={kind.sizes.map((one) => ({
                id: one.id,
                label: one.label,
                more: one.measures
                  .slice(0, 2)
                  .map((measure) => format.bareLength(measure.usual_mm))
                  .join(' × '),
                portrait: portraits.data.find((of) => of.kind === kind.id && of.size === one.id),
              }))}
              onChange={choose('size')}
            />
          )}
          <Chips
            legend="Colour"
            name="colour"
            value={colour}
            error={errors.colour}
            options={colours}
            swatch
            onChange={choose('colour')}
          />
          <Chips
            legend="Made of"
            name="material"
            value={material}
            error={errors.material}
            options={kind.materials}
            onChange={choose('material')}
          />
          {kind.conditions.length > 1 && (
            <Chips
              legend="State"
              name="condition"
              value={condition}
              error={errors.condition}
              options={kind.conditions}
              onChange={choose('condition')}
            />
          )}
        </section>
      </div>
    </form>
  );
}

interface Card {
  id: string;
  label: string;
  more?: string;
  portrait: Portrait | undefined;
}

/** One of several, chosen by its drawing. Where they are sizes of one thing they are drawn at one scale. */
function Cards({
  legend,
  name,
  value,
  error,
  cards,
  alike = false,
  onChange,
}: {
  legend: string;
  name: string;
  value: string;
  error: string | undefined;
  cards: Card[];
  alike?: boolean;
  onChange: (id: string) => void;
}) {
  const id = useId();
  const tallest = Math.max(...cards.map((card) => card.portrait?.drawing.frame.height_mm ?? 0));
  return (
    <fieldset className="mb-4" aria-describedby={error === undefined ? undefined : id}>
      <legend className="mb-1.5 text-xl font-bold">{legend}</legend>
      <div className="grid grid-cols-[repeat(auto-fill,minmax(6.2rem,1fr))] gap-2">
        {cards.map((card) => {
          const share = alike && card.portrait !== undefined ? card.portrait.drawing.frame.height_mm / tallest : 1;
          return (
            <label
              key={card.id}
              className={`flex cursor-pointer flex-col items-center border p-1.5 text-center text-sm leading-tight focus-within:outline-3 focus-within:outline-face hover:bg-shade ${card.id === value ? 'border-2 border-ink font-bold' : 'border-line'}`}
            >
              <input
                type="radio"
                name={name}
                value={card.id}
                className="sr-only"
                checked={card.id === value}
                onChange={() => onChange(card.id)}
              />
              <span className="flex h-16 items-end" aria-hidden>
                {card.portrait !== undefined && (
                  <span style={{ height: `${Math.round(share * 100)}%` }} className="flex">
                    <StepDrawing of={card.portrait.drawing} className="h-full max-w-[5.6rem] rounded-sm" />
                  </span>
                )}
              </span>
              <span className="mt-1">{card.label}</span>
              {card.more !== undefined && card.more !== '' && (
                <span className="font-normal text-soft">{card.more}</span>
              )}
            </label>
          );
        })}
      </div>
      <Wrong id={id} error={error} />
    </fieldset>
  );
}

/** One of several words, all of them in sight. */
function Chips({
  legend,
  name,
  value,
  error,
  options,
  swatch = false,
  onChange,
}: {
  legend: string;
  name: string;
  value: string;
  error: string | undefined;
  options: { id: string; label: string }[];
  swatch?: boolean;
  onChange: (id: string) => void;
}) {
  const id = useId();
  return (
    <fieldset className="mb-3" aria-describedby={error === undefined ? undefined : id}>
      <legend className="mb-1 text-sm text-soft">{legend}</legend>
      <div className="flex flex-wrap gap-1.5">
        {options.map((option) => (
          <label
            key={option.id}
            className={`flex min-h-9 cursor-pointer items-center gap-2 rounded-sm border px-2.5 focus-within:outline-3 focus-within:outline-face hover:bg-shade ${option.id === value ? 'border-2 border-ink font-bold' : 'border-line'}`}
          >
            <input
              type="radio"
              name={name}
              value={option.id}
              className="sr-only"
              checked={option.id === value}
              onChange={() => onChange(option.id)}
            />
            {swatch && <span className="size-5 border border-line" style={{ background: option.id }} aria-hidden />}
            {option.label}
          </label>
        ))}
      </div>
      <Wrong id={id} error={error} />
    </fieldset>
  );
}

function Wrong({ id, error }: { id: string; error: string | undefined }) {
  return error === undefined ? null : (
    <p id={id} role="alert" className="mt-1 text-sm font-semibold text-hot">
      {error}
    </p>
  );
}
