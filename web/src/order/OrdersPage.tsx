import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Plus } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, got, type ProblemError, type Schemas } from '../api/client';
import { keys, server } from '../api/queries';
import { TextField } from '../measure/Field';
import { dayFrom } from '../measure/money';
import { useMoments } from '../measure/settings';
import { Waiting } from '../parts/Notice';
import { Remove } from '../parts/Remove';
import { SearchField } from '../parts/SearchField';
import { TakeBack } from '../parts/TakeBack';
import { NewLine } from './NewLine';

type Order = Schemas['OrderView'];

/** Orders of a page, and from how many on one wants to search them. */
const A_PAGE = 60;
const SEARCHED_FROM = 12;

/** Who ordered what, by when, and how far it is. */
export function OrdersPage() {
  const [words, setWords] = useState('');
  const [archived, setArchived] = useState(false);
  const [after, setAfter] = useState(0);
  const orders = useQuery({ ...server.orders(words, archived, after), placeholderData: keepPreviousData });
  if (orders.data === undefined) {
    return <Waiting error={orders.error} />;
  }
  const narrowed = words !== '' || after > 0 || archived;
  return (
    <div className="mx-auto max-w-5xl px-6 py-6">
      <div className="flex flex-wrap items-center gap-3">
        <h1 className="mr-auto text-3xl">Orders</h1>
        <TakeBack of="order" className="text-sm" />
        <Link to="/quotes" className="link">
          Quotes
        </Link>
        <Link to="/orders/table" className="key">
          From a table (CSV)
        </Link>
        <Link to="/orders/new" className="key-main">
          <Plus size={18} aria-hidden /> New order
        </Link>
      </div>
      {(narrowed || orders.data.length > SEARCHED_FROM) && (
        <SearchField
          label="Who it is for"
          value={words}
          onChange={(typed) => {
            setAfter(0);
            setWords(typed);
          }}
        />
      )}
      {orders.data.length === 0 ? (
        <p className="mt-5 text-lg">
          {narrowed
            ? 'No order matches.'
            : 'There are no orders yet. Enter one: who it is for, by when, and how many of what. Each line becomes a job.'}
        </p>
      ) : (
        <ul className="mt-5 border-t border-ink">
          {orders.data.map((order) => (
            <OrderLines key={order.id} order={order} />
          ))}
        </ul>
      )}
      <div className="mt-4 flex items-baseline gap-5">
        {after > 0 && (
          <button type="button" className="link" onClick={() => setAfter(Math.max(0, after - A_PAGE))}>
            Earlier
          </button>
        )}
        {orders.data.length === A_PAGE && (
          <button type="button" className="link" onClick={() => setAfter(after + A_PAGE)}>
            More
          </button>
        )}
        <button
          type="button"
          className="link ml-auto text-soft"
          onClick={() => {
            setAfter(0);
            setArchived(!archived);
          }}
        >
          {archived ? 'Open orders' : 'Closed orders'}
        </button>
      </div>
    </div>
  );
}

function OrderLines({ order }: { order: Order }) {
  const moments = useMoments();
  const [open, setOpen] = useState<'line' | 'change' | 'repeat'>();
  return (
    <li className="border-b border-line py-3">
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h2 className="text-xl">{order.label}</h2>
        <span className={order.over ? 'font-bold text-hot' : ''}>
          {order.due === null ? 'no day' : `by ${moments.day(order.due)}`}
          {order.over && ' ✕ over'}
        </span>
        <span className="ml-auto">
          {order.done ? (
            <b className="text-done">✓ all {order.pieces} good</b>
          ) : (
            <>
              <b>{order.good}</b> of {order.pieces} good
            </>
          )}
        </span>
        <Bar good={order.good} of={order.pieces} />
      </div>
      {order.note !== '' && <p className="text-soft">{order.note}</p>}
      <ul className="mt-1">
        {order.lines.map((line) => (
          <li key={line.job} className="flex items-baseline gap-3 border-t border-rule py-1">
            <Link to={`/jobs/${line.job}`} className="font-semibold hover:underline">
              {line.name}
            </Link>
            <span className="grow text-sm text-soft">{line.sizes}</span>
            <span className="whitespace-nowrap">
              {line.good} of {line.quantity}
            </span>
            <Bar good={line.good} of={line.quantity} />
          </li>
        ))}
      </ul>
      <div className="mt-2 flex flex-wrap gap-4 text-sm">
        {(
          [
            ['line', 'Add a line'],
            ['change', 'Change'],
            ['repeat', 'Repeat'],
          ] as const
        ).map(([what, label]) => (
          <button
            key={what}
            type="button"
            className="link"
            aria-expanded={open === what}
            onClick={() => setOpen(open === what ? undefined : what)}
          >
            {label}
          </button>
        ))}
        <Link
          to={`/quotes/new?for=${encodeURIComponent(order.label)}&jobs=${order.lines.map((line) => line.job).join(',')}`}
          className="link"
        >
          Quote
        </Link>
        <Remove kind="order" id={order.id} name={order.label} />
      </div>
      {open === 'line' && <AddLine order={order} onDone={() => setOpen(undefined)} />}
      {open === 'change' && <Change order={order} onDone={() => setOpen(undefined)} />}
      {open === 'repeat' && <Repeat order={order} onDone={() => setOpen(undefined)} />}
    </li>
  );
}

/** How much of it is good, drawn. */
function Bar({ good, of }: { good: number; of: number }) {
  return (
    <span aria-hidden className="inline-block h-2.5 w-28 shrink-0 border border-line">
      <span className="block h-full bg-done" style={{ width: `${of === 0 ? 0 : (100 * good) / of}%` }} />
    </span>
  );
}

/** Sends something of an order, and shows the lists anew. */
function useOrders<T>(send: (given: T) => Promise<unknown>, onDone: () => void) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: send,
    onSuccess: () => {
      for (const queryKey of [keys.orders, keys.jobs, keys.day]) {
        queries.invalidateQueries({ queryKey });
      }
      onDone();
    },
  });
}

const errorsOf = (error: ProblemError | null) => error?.errors ?? {};

function AddLine({ order, onDone }: { order: Order; onDone: () => void }) {
  const [line, setLine] = useState({ what: '', quantity: '', sizes: '' });
  const add = useOrders(
    () => got(api.POST('/api/orders/{id}/lines', { params: { path: { id: order.id } }, body: line })),
    onDone,
  );
  return (
    <form
      className="mt-2 grid max-w-3xl items-start gap-3 md:grid-cols-[1fr_7rem_14rem_auto]"
      onSubmit={(e) => {
        e.preventDefault();
        add.mutate(undefined);
      }}
    >
      <NewLine line={line} onChange={setLine} errors={errorsOf(add.error)} at="" />
      <button type="submit" className="key mt-[1.35rem]" disabled={add.isPending}>
        Add it
      </button>
    </form>
  );
}

function Change({ order, onDone }: { order: Order; onDone: () => void }) {
  const [typed, setTyped] = useState({ label: order.label, due: order.due ?? '', note: order.note });
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
      className="mt-2 flex flex-wrap items-start gap-3"
      onSubmit={(e) => {
        e.preventDefault();
        change.mutate(order.archived);
      }}
    >
      <TextField label="Who it is for" {...field('label')} />
      <TextField label="By" type="date" {...field('due')} />
      <TextField label="Note" {...field('note')} />
      <button type="submit" className="key key-on mt-[1.35rem]">
        Keep
      </button>
      <button type="button" className="key mt-[1.35rem]" onClick={() => change.mutate(!order.archived)}>
        {order.archived ? 'Open again' : 'Close the order'}
      </button>
      {change.error !== null && Object.keys(errors).length === 0 && (
        <p role="alert" className="w-full text-hot">
          {change.error.message}
        </p>
      )}
    </form>
  );
}

function Repeat({ order, onDone }: { order: Order; onDone: () => void }) {
  const [id] = useState(() => crypto.randomUUID());
  const [due, setDue] = useState(dayFrom(14));
  const repeat = useOrders(
    () => got(api.POST('/api/orders/{id}/repeat', { params: { path: { id: order.id } }, body: { id, due } })),
    onDone,
  );
  return (
    <form
      className="mt-2 flex items-start gap-3"
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
      <button type="submit" className="key key-on mt-[1.35rem]" disabled={repeat.isPending}>
        Save it
      </button>
    </form>
  );
}
