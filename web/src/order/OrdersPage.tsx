import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Plus } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../api/client';
import { type OrdersWanted, server } from '../api/queries';
import { money } from '../measure/money';
import { useMoments } from '../measure/settings';
import { Filter } from '../parts/Filter';
import { Waiting } from '../parts/Notice';
import { SearchField } from '../parts/SearchField';
import { TakeBack } from '../parts/TakeBack';
import { Bar } from './Bar';

type Order = Schemas['OrderView'];

/** Orders of a page. */
const A_PAGE = 60;

const FILTERS: readonly [OrdersWanted, string][] = [
  ['', 'All'],
  ['open', 'Open'],
  ['late', 'Late'],
  ['owing', 'Owing'],
  ['handed', 'Handed over'],
  ['archived', 'Closed'],
];

/** Who ordered what, by when, and how far it is. */
export function OrdersPage() {
  const [words, setWords] = useState('');
  const [which, setWhich] = useState<OrdersWanted>('');
  const [after, setAfter] = useState(0);
  const orders = useQuery({ ...server.orders(words, which, after), placeholderData: keepPreviousData });
  if (orders.data === undefined) {
    return <Waiting error={orders.error} />;
  }
  const narrowed = words !== '' || after > 0 || which !== '';
  return (
    <div className="mx-auto max-w-6xl px-5 py-5">
      <div className="flex flex-wrap items-center gap-3">
        <h1 className="mr-auto text-3xl">Orders</h1>
        <TakeBack of="order" className="text-sm" />
        <Link to="/orders/table" className="key">
          From a table (CSV)
        </Link>
        <Link to="/orders/new" className="key-main">
          <Plus size={18} aria-hidden /> New order
        </Link>
      </div>
      <div className="mt-3 flex flex-wrap items-end gap-x-5 gap-y-2">
        <Filter
          label="Which orders"
          options={FILTERS}
          value={which}
          onChange={(to) => {
            setAfter(0);
            setWhich(to);
          }}
        />
        <SearchField
          label="Who it is for"
          value={words}
          onChange={(typed) => {
            setAfter(0);
            setWords(typed);
          }}
        />
      </div>
      {orders.data.length === 0 ? (
        <p className="mt-5 text-lg">
          {narrowed
            ? 'No order matches.'
            : 'There are no orders yet. Enter one: who it is for, by when, and how many of what. Each line becomes a job.'}
        </p>
      ) : (
        <ul className="mt-5 border-t border-ink">
          {orders.data.map((order) => (
            <OrderRow key={order.id} order={order} />
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
        <span className="ml-auto text-sm text-soft">
          As tables:{' '}
          <a className="link" href="/api/orders.csv" download>
            orders
          </a>
          ,{' '}
          <a className="link" href="/api/payments.csv" download>
            payments
          </a>
        </span>
      </div>
    </div>
  );
}

function OrderRow({ order }: { order: Order }) {
  const moments = useMoments();
  return (
    <li className="border-b border-rule">
      <Link
        to={`/orders/${order.id}`}
        className="grid grid-cols-[minmax(0,1fr)_auto] items-center gap-x-5 gap-y-1 py-2.5 hover:bg-shade md:grid-cols-[minmax(0,1fr)_15rem_11rem_8rem]"
      >
        <span className="min-w-0">
          <b className="block truncate text-lg">
            {order.label}
            {order.customer !== '' && <span className="font-normal text-soft"> · {order.customer}</span>}
          </b>
          <span className="block truncate text-sm text-soft">
            {order.lines.map((line) => `${line.quantity} ${line.name}`).join(' · ')}
          </span>
        </span>
        <span className="flex items-center gap-3">
          <Bar part={order.handed > 0 ? order.handed : order.good} of={order.pieces} />
          <span className="whitespace-nowrap">
            {order.pieces > 0 && order.handed >= order.pieces ? (
              <b className="text-done">✓ handed over</b>
            ) : order.done ? (
              <b className="text-wait">◆ all good, hand over</b>
            ) : (
              `${order.good} of ${order.pieces} good`
            )}
          </span>
        </span>
        <span className={order.over ? 'font-bold text-hot' : ''}>
          {order.due === null ? 'no day' : `by ${moments.day(order.due)}`}
          {order.over && ' ✕ over'}
        </span>
        <span className="text-right">
          {order.owed === null ? (
            <span className="text-soft">no price</span>
          ) : order.owed > 0 ? (
            `${money(order.owed, order.currency, order.digits)} owed`
          ) : (
            <span className="text-done">✓ paid</span>
          )}
        </span>
      </Link>
    </li>
  );
}
