import { api, got, problemOf, type Schemas } from '../api/client';
import { TypedField } from '../measure/Field';
import { useFormat } from '../measure/settings';

type Shelf = Schemas['shelf.schema'];

/** How many sheets there are, where somebody counts them, and what was left of some. */
export function PaperStock({
  shelf,
  known,
  onChange,
}: {
  shelf: Shelf;
  known: Schemas['Option'][];
  onChange: (shelf: Shelf) => void;
}) {
  const format = useFormat();
  const own = shelf.own?.media ?? [];
  const label = (id: string) => [...known, ...own].find((one) => one.id === id)?.label ?? id;
  const offcuts = shelf.paper?.offcuts ?? [];

  async function count(medium: string, typed: string) {
    try {
      onChange(await got(api.POST('/api/shelf/sheets', { body: { medium, count: typed } })));
      return undefined;
    } catch (e) {
      return problemOf(e).errors.count ?? problemOf(e).message;
    }
  }

  return (
    <section
      aria-label="Sheets and offcuts"
      className="mt-6 grid gap-x-10 gap-y-6 border-t border-ink pt-3 md:grid-cols-2"
    >
      <div>
        <h2 className="text-xl">How many sheets</h2>
        <p className="text-sm text-soft">
          Leave it empty if you do not count them. If you do, Wubbin says when a job needs more.
        </p>
        <div className="fields mt-2 grid-cols-2 gap-x-4 gap-y-2">
          {shelf.media.map((id) => (
            <TypedField
              key={id}
              label={label(id)}
              inputMode="numeric"
              value={shelf.paper?.sheets?.[id]?.toString() ?? ''}
              onSend={(typed) => count(id, typed)}
            />
          ))}
        </div>
      </div>
      <div>
        <h2 className="text-xl">Offcuts</h2>
        <p className="text-sm text-soft">The next sheet layout uses them first.</p>
        <ul className="mt-2">
          {offcuts.map((offcut) => (
            <li key={offcut.id} className="flex items-baseline gap-3 border-t border-rule py-1">
              <span className="flex-1">
                {label(offcut.medium)}, {format.bareLength(offcut.width_mm)} × {format.length(offcut.height_mm)}
              </span>
              <button
                type="button"
                className="link text-sm"
                aria-label={`Throw away ${label(offcut.medium)}, ${format.length(offcut.width_mm)} wide`}
                onClick={async () =>
                  onChange(await got(api.DELETE('/api/shelf/offcuts/{id}', { params: { path: { id: offcut.id } } })))
                }
              >
                Throw away
              </button>
            </li>
          ))}
          {offcuts.length === 0 && (
            <li className="border-t border-rule py-1.5 text-soft">There are none. A sheet layout can save them.</li>
          )}
        </ul>
      </div>
    </section>
  );
}
