import { useQuery } from '@tanstack/react-query';
import type { ComponentType } from 'react';
import { Link } from 'react-router';
import type { Part, Schemas } from '../api/client';
import { server } from '../api/queries';
import { PicturePicker } from '../artwork/PicturePicker';
import type { JobHandle } from '../job/useJob';
import { SelectField, TypedField } from '../measure/Field';
import { useFormat } from '../measure/settings';

type Option = Schemas['Option'];

interface Props {
  view: Part;
  handle: JobHandle;
}

/** Sends one field; what is wrong with it comes back as text. */
const sender = (handle: JobHandle, field: string) => (typed: string) =>
  handle.change({ [field]: typed }).then((errors) => errors[field]);

const PATTERNS = [
  { id: '', label: 'no, one colour' },
  { id: 'stripes', label: 'stripes' },
  { id: 'checks', label: 'checks' },
  { id: 'dots', label: 'dots' },
];

function BlankEditor({ view, handle }: Props) {
  const format = useFormat();
  const catalogue = useQuery(server.catalogue());
  const { blank, due, name, note } = view.job;
  if (catalogue.data === undefined) {
    return null;
  }
  const { blanks, colours } = catalogue.data;
  const kind = blanks.find((b) => b.id === blank.kind);
  const known = colours.some((c) => c.id === blank.colour);
  const select = (label: string, field: 'kind' | 'size' | 'material' | 'condition', options: Option[]) => (
    <SelectField
      label={label}
      options={options}
      value={blank[field]}
      onChange={(e) => handle.change({ [field]: e.target.value })}
    />
  );
  return (
    <div className="grid gap-2">
      {select('What is it?', 'kind', blanks)}
      {select('Size', 'size', kind?.sizes ?? [])}
      {select('Made of', 'material', kind?.materials ?? [])}
      {select('State', 'condition', kind?.conditions ?? [])}
      <SelectField
        label="Colour"
        options={known ? colours : [...colours, { id: blank.colour, label: blank.colour }]}
        value={blank.colour}
        onChange={(e) => handle.change({ colour: e.target.value })}
      />
      <TypedField label="Another colour" value={blank.colour} onSend={sender(handle, 'colour')} />
      <SelectField
        label="Pattern of the cloth"
        options={PATTERNS}
        value={blank.pattern?.kind ?? ''}
        onChange={(e) => handle.change({ pattern: e.target.value })}
      />
      {blank.pattern != null && (
        <div className="fields grid-cols-2 gap-2">
          <TypedField label="Its other colour" value={blank.pattern.colour} onSend={sender(handle, 'pattern_colour')} />
          <TypedField
            label="It repeats every"
            value={format.exactLength(blank.pattern.repeat_mm)}
            onSend={sender(handle, 'repeat')}
          />
        </div>
      )}
      <TypedField label="By when?" type="date" value={due ?? ''} onSend={sender(handle, 'due')} />
      <TypedField label="Name of the job" value={name} onSend={sender(handle, 'name')} />
      <TypedField label="Note" value={note} onSend={sender(handle, 'note')} />
    </div>
  );
}

function PictureEditor({ view, handle }: Props) {
  const format = useFormat();
  const placed = view.plan.placed;
  const { shows } = view.transfer;
  const pictures = useQuery(server.pictures());
  const others = pictures.data?.filter(({ picture }) => picture.sha256 !== view.artwork?.sha256) ?? [];
  return (
    <div className="grid gap-3">
      <PicturePicker current={view.artwork?.name} onPicked={({ sha256 }) => handle.change({ artwork: sha256 })} />
      {others.length > 0 && (
        <SelectField
          label="Or one that you have"
          options={[
            { id: '', label: 'choose …' },
            ...others.map(({ picture }) => ({ id: picture.sha256, label: picture.name })),
          ]}
          value=""
          onChange={(e) => e.target.value !== '' && handle.change({ artwork: e.target.value })}
        />
      )}
      <Link
        to={`/jobs/${view.job.id}/ready${view.at === 0 ? '' : `?picture=${view.at + 1}`}`}
        className="key justify-self-start"
      >
        {view.artwork === null ? 'Begin with words' : 'Crop it, change it, put words on it'}
      </Link>
      {view.artwork !== null && (
        <fieldset className="flex flex-wrap gap-x-4">
          <legend className="text-sm text-soft">What is in it?</legend>
          {(['lettering', 'face'] as const).map((subject) => (
            <label key={subject}>
              <input
                type="checkbox"
                className="accent-ink"
                checked={shows.includes(subject)}
                onChange={(e) =>
                  handle.change({
                    shows: [...shows.filter((s) => s !== subject), ...(e.target.checked ? [subject] : [])].join(' '),
                  })
                }
              />{' '}
              {subject === 'face' ? 'a face' : subject}
            </label>
          ))}
        </fieldset>
      )}
      {view.artwork?.note != null && <p className="text-sm text-wait">{view.artwork.note}</p>}
      {placed !== null && (
        <div className="fields grid-cols-2 gap-2">
          <TypedField label="Width" value={format.exactLength(placed.width_mm)} onSend={sender(handle, 'width')} />
          <TypedField label="Height" value={format.exactLength(placed.height_mm)} onSend={sender(handle, 'height')} />
        </div>
      )}
    </div>
  );
}

const ALIGN = [
  ['left', 'To the left'],
  ['centre', 'Centre it'],
  ['right', 'To the right'],
  ['top', 'To the top'],
  ['middle', 'Half-way down'],
  ['bottom', 'To the foot'],
] as const;

function PlaceEditor({ view, handle }: Props) {
  const format = useFormat();
  const { placement } = view.transfer;
  return (
    <div className="fields grid-cols-2 gap-2">
      <TypedField
        label="Right of centre"
        value={format.exactLength(placement.right_mm)}
        onSend={sender(handle, 'right')}
      />
      <TypedField
        label={`Below the ${view.plan.blank.from}`}
        value={format.exactLength(placement.below_mm)}
        onSend={sender(handle, 'below')}
      />
      <fieldset className="col-span-2">
        <legend className="text-sm text-soft">In the print area</legend>
        <div className="grid grid-cols-3 gap-1.5">
          {ALIGN.map(([to, label]) => (
            <button key={to} type="button" className="key px-1" onClick={() => handle.change({ align: to })}>
              {label}
            </button>
          ))}
        </div>
      </fieldset>
      {view.whole.transfers.length > 1 && (
        <>
          <label className="col-span-2 flex items-baseline gap-2">
            <input
              type="checkbox"
              className="size-4 accent-ink"
              checked={view.transfer.over}
              onChange={(e) => handle.change({ over: e.target.checked ? 'yes' : 'no' })}
            />
            It should lie over the picture that is pressed first
          </label>
          <button
            type="button"
            className="key"
            disabled={view.at === 0}
            onClick={() => handle.change({ transfer: 'earlier' })}
          >
            Press it earlier
          </button>
          <button type="button" className="key" onClick={() => handle.change({ transfer: 'remove' })}>
            Remove it from the {view.whole.piece}
          </button>
        </>
      )}
    </div>
  );
}

/** How many, all alike or by size and colour; the second is written in words and read by the server. */
function QuantityEditor({ view, handle }: Props) {
  const format = useFormat();
  const { shares } = view.whole;
  const names = (
    <Link to={`/jobs/${view.job.id}/names`} className="key justify-self-start">
      {view.job.series == null ? 'A name on every piece' : 'The list of names'}
    </Link>
  );
  if (view.job.series != null) {
    return names;
  }
  return (
    <div className="grid gap-2">
      <TypedField
        label="All alike"
        value={String(view.job.quantity)}
        inputMode="numeric"
        onSend={sender(handle, 'quantity')}
      />
      <TypedField
        label="By size and colour (empty: all alike)"
        hint="For example: 6 S, 10 M, 2 XL navy 200 mm. Write how many, the size, and a colour or width if it differs."
        value={shares.map((s) => `${s.quantity} ${s.label}`).join(', ')}
        onSend={sender(handle, 'breakdown')}
      />
      {shares.length > 0 && (
        <ul className="text-sm">
          {shares.map((share) => (
            <li key={share.label} className="flex gap-2 border-t border-rule py-0.5">
              <span className={share.ready ? 'text-done' : 'text-hot'}>{share.ready ? '○' : '✕'}</span>
              <span>
                {share.quantity} × {share.label}
              </span>
              <span className="ml-auto text-soft">
                {share.width_mm === null ? 'no picture' : `${format.length(share.width_mm)} wide`}
              </span>
            </li>
          ))}
        </ul>
      )}
      {names}
    </div>
  );
}

function RouteEditor({ view }: Props) {
  return (
    <Link to={`/jobs/${view.job.id}/routes${view.at === 0 ? '' : `?picture=${view.at + 1}`}`} className="key w-full">
      See every route and choose
    </Link>
  );
}

/** A figure of the recipe, set for this job alone; emptied, it goes back to the recipe's. */
export function FigureEditor({ figure, view, handle }: Props & { figure: string }) {
  const set = view.transfer.choices.figures[figure];
  return (
    <div className="mt-2">
      <TypedField
        label="Only for this job (empty: as in the recipe)"
        value={set === undefined ? '' : `${set} s`}
        onSend={sender(handle, `figure.${figure}`)}
      />
    </div>
  );
}

/** Lines of the ticket that are typed into rather than chosen from. */
export const EDITORS: Record<string, ComponentType<Props>> = {
  blank: BlankEditor,
  quantity: QuantityEditor,
  route: RouteEditor,
  picture: PictureEditor,
  place: PlaceEditor,
};
