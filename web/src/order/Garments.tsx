import { useState } from 'react';
import { api, got, type Schemas } from '../api/client';
import { TextField } from '../measure/Field';
import { useOrders } from './useOrders';

const NOTHING = { what: '', size: '', colour: '', pieces: '', terms: '' };

/** What the customer brought to be printed on: booked in and counted, with what was agreed if one is spoilt. */
export function Garments({ order, garments }: { order: string; garments: Schemas['GarmentView'][] }) {
  const [open, setOpen] = useState(false);
  const [id, setId] = useState(() => crypto.randomUUID());
  const [typed, setTyped] = useState(NOTHING);
  const bring = useOrders(
    () =>
      got(
        api.POST('/api/orders/{id}/garments', {
          params: { path: { id: order } },
          body: { id, ...typed, pieces: /^\d{1,6}$/.test(typed.pieces.trim()) ? Number(typed.pieces) : 0 },
        }),
      ),
    () => {
      setId(crypto.randomUUID());
      setTyped({ ...NOTHING, what: typed.what, terms: typed.terms });
    },
  );
  const back = useOrders((garment: string) =>
    got(api.DELETE('/api/orders/{id}/garments/{garment}', { params: { path: { id: order, garment } } })),
  );
  const errors = bring.error?.errors ?? {};
  const field = (name: keyof typeof typed) => ({
    value: typed[name],
    error: errors[name],
    onChange: (e: { target: { value: string } }) => setTyped({ ...typed, [name]: e.target.value }),
  });
  const together = garments.reduce((sum, one) => sum + one.pieces, 0);
  return (
    <section aria-labelledby="brought" className="mt-6">
      <div className="flex items-baseline gap-4">
        <h2 id="brought" className="text-xl">
          The customer’s own
        </h2>
        {together > 0 && <span className="text-soft">{together === 1 ? '1 piece' : `${together} pieces`}</span>}
        <button type="button" className="link ml-auto text-sm" aria-expanded={open} onClick={() => setOpen(!open)}>
          Book something in
        </button>
      </div>
      {garments.length > 0 && (
        <ul className="mt-1 border-t border-ink">
          {garments.map((one) => (
            <li key={one.id} className="flex flex-wrap items-baseline gap-x-3 border-b border-rule py-1">
              <b>{one.pieces}</b>
              <span>{[one.what, one.size, one.colour].filter((word) => word !== '').join(', ')}</span>
              <span className="text-soft">{one.terms !== '' && `if one is spoilt: ${one.terms}`}</span>
              <button type="button" className="link ml-auto text-sm" onClick={() => back.mutate(one.id)}>
                delete
              </button>
            </li>
          ))}
        </ul>
      )}
      {open && (
        <form
          className="fields mt-2 gap-2 sm:grid-cols-[1fr_6rem_8rem_6rem_1fr_auto]"
          onSubmit={(e) => {
            e.preventDefault();
            bring.mutate(undefined);
          }}
        >
          <TextField label="What" placeholder="shirts" {...field('what')} />
          <TextField label="Size" {...field('size')} />
          <TextField label="Colour" {...field('colour')} />
          <TextField label="Pieces" inputMode="numeric" {...field('pieces')} />
          <TextField label="If one is spoilt" placeholder="we replace it" {...field('terms')} />
          <div className="beside">
            <button type="submit" className="key" disabled={bring.isPending}>
              Book it in
            </button>
          </div>
        </form>
      )}
    </section>
  );
}
