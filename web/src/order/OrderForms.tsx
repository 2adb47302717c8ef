import { useState } from 'react';
import { api, got, type ProblemError, type Schemas } from '../api/client';
import { TextField } from '../measure/Field';
import { dayFrom } from '../measure/money';
import { NewLine } from './NewLine';
import { useOrders } from './useOrders';

type Order = Schemas['OrderView'];

export const errorsOf = (error: ProblemError | null) => error?.errors ?? {};

/** One line more. */
export function AddLine({ order, onDone }: { order: Order; onDone: () => void }) {
  const [line, setLine] = useState({ what: '', quantity: '', sizes: '' });
  const add = useOrders(
    () => got(api.POST('/api/orders/{id}/lines', { params: { path: { id: order.id } }, body: line })),
    onDone,
  );
  return (
    <form
      className="fields mt-2 max-w-3xl gap-x-3 gap-y-2 md:grid-cols-[1fr_7rem_14rem_auto]"
      onSubmit={(e) => {
        e.preventDefault();
        add.mutate(undefined);
      }}
    >
      <NewLine line={line} onChange={setLine} errors={errorsOf(add.error)} at="" />
      <div className="beside">
        <button type="submit" className="key" disabled={add.isPending}>
          Add it
        </button>
      </div>
    </form>
  );
}

/** Whom it is for, who pays, by when, and for how much. */
export function Change({ order, onDone }: { order: Order; onDone: () => void }) {
  const [typed, setTyped] = useState({
    label: order.label,
    due: order.due ?? '',
    customer: order.customer,
    contact: order.contact,
    agreed: order.agreed === null ? '' : (order.agreed / 10 ** order.digits).toFixed(order.digits),
    note: order.note,
  });
  const change = useOrders(
    (archived: boolean) =>
      got(
        api.PUT('/api/orders/{id}', {
          params: { path: { id: order.id } },
          body: { revision: order.revision, ...typed, archived },
        }),
      ),
    onDone,
  );
  const errors = errorsOf(change.error);
  const field = (name: keyof typeof typed) => ({
    value: typed[name],
    error: errors[name],
    onChange: (e: { target: { value: string } }) => setTyped({ ...typed, [name]: e.target.value }),
  });
  return (
    <form
      className="mt-2 fields grid-cols-[repeat(auto-fill,minmax(9rem,1fr))] gap-x-3 gap-y-2"
      onSubmit={(e) => {
        e.preventDefault();
        change.mutate(order.archived);
      }}
    >
      <TextField label="Who it is for" {...field('label')} />
      <TextField label="By" type="date" {...field('due')} />
      <TextField label="Who pays" {...field('customer')} />
      <TextField label="Phone or mail" {...field('contact')} />
      <TextField label={`Agreed, ${order.currency}`} inputMode="decimal" {...field('agreed')} />
      <TextField label="Note" {...field('note')} />
      <div className="beside">
        <button type="submit" className="key key-on">
          Keep
        </button>
      </div>
      <div className="beside">
        <button type="button" className="key" onClick={() => change.mutate(!order.archived)}>
          {order.archived ? 'Open again' : 'Close the order'}
        </button>
      </div>
      {change.error !== null && Object.keys(errors).length === 0 && (
        <p role="alert" className="w-full text-hot">
          {change.error.message}
        </p>
      )}
    </form>
  );
}

/** The same once more. */
export function Repeat({ order, onDone }: { order: Order; onDone: () => void }) {
  const [id] = useState(() => crypto.randomUUID());
  const [due, setDue] = useState(dayFrom(14));
  const repeat = useOrders(
    () => got(api.POST('/api/orders/{id}/repeat', { params: { path: { id: order.id } }, body: { id, due } })),
    onDone,
  );
  return (
    <form
      className="fields mt-2 grid-cols-[1fr_auto] gap-x-3"
      onSubmit={(e) => {
        e.preventDefault();
        repeat.mutate(undefined);
      }}
    >
      <TextField
        label="The same once more, by"
        type="date"
        value={due}
        error={errorsOf(repeat.error).due}
        onChange={(e) => setDue(e.target.value)}
      />
      <div className="beside">
        <button type="submit" className="key key-on" disabled={repeat.isPending}>
          Save it
        </button>
      </div>
    </form>
  );
}
