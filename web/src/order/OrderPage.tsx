import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { api, got, type Schemas } from '../api/client';
import { server } from '../api/queries';
import { JobRow } from '../job/JobRow';
import { useMoments } from '../measure/settings';
import { Waiting } from '../parts/Notice';
import { Remove } from '../parts/Remove';
import { TakeBack } from '../parts/TakeBack';
import { Garments } from './Garments';
import { AddLine, Change, Repeat } from './OrderForms';
import { Payments } from './Payments';
import { useOrders } from './useOrders';

/** One order: its lines and how far they are, what was agreed and paid, what was handed over, its papers. */
export function OrderPage() {
  const { id = '' } = useParams();
  const navigate = useNavigate();
  const moments = useMoments();
  const page = useQuery(server.order(id));
  const [open, setOpen] = useState<'line' | 'change' | 'repeat'>();
  if (page.data === undefined) {
    return <Waiting error={page.error} />;
  }
  const { order, jobs } = page.data;
  const done = () => setOpen(undefined);
  return (
    <div className="mx-auto max-w-6xl px-5 py-5">
      <p>
        <Link to="/orders" className="link text-soft">
          Orders
        </Link>
      </p>
      <div className="flex flex-wrap items-baseline gap-x-5 gap-y-1 border-b border-ink pb-2">
        <h1 className="text-3xl">{order.label}</h1>
        <span className={order.over ? 'text-lg font-bold text-hot' : 'text-lg'}>
          {order.due === null ? 'no day' : `by ${moments.day(order.due)}`}
          {order.over && ' ✕ over'}
        </span>
        <span className="ml-auto text-lg">
          <b>{order.good}</b> of {order.pieces} good, <b>{order.handed}</b> handed over
        </span>
      </div>
      <div className="mt-2 grid gap-x-8 lg:grid-cols-[minmax(0,1fr)_21rem]">
        <div>
          {(order.customer !== '' || order.contact !== '' || order.note !== '') && (
            <p className="mt-1">
              {[order.customer, order.contact].filter((one) => one !== '').join(' · ')}
              {order.note !== '' && <span className="block text-soft">{order.note}</span>}
            </p>
          )}
          <ul className="mt-3 border-t border-ink" aria-label="Lines">
            {jobs.map((job) => (
              <JobRow key={job.id} job={job} />
            ))}
          </ul>
          <div className="mt-2 flex flex-wrap items-baseline gap-4 text-sm">
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
            <Remove kind="order" id={order.id} name={order.label} onGone={() => navigate('/orders')} />
            <TakeBack of="order" className="ml-auto" />
          </div>
          {open === 'line' && <AddLine order={order} onDone={done} />}
          {open === 'change' && <Change order={order} onDone={done} />}
          {open === 'repeat' && <Repeat order={order} onDone={done} />}
          <Garments order={order.id} garments={page.data.garments} />
        </div>
        <div>
          <HandOver page={page.data} />
          <Payments order={order} payments={page.data.payments} quote={page.data.quote_number} />
          <section aria-labelledby="papers" className="mt-5">
            <h2 id="papers" className="text-xl">
              Papers
            </h2>
            <ul className="mt-1 border-t border-ink">
              {(
                [
                  ['confirmation.pdf', 'Order confirmation'],
                  ['picks.pdf', 'Pick list by size and colour'],
                  ['label.pdf', 'Label for the bag'],
                ] as const
              ).map(([file, label]) => (
                <li key={file} className="border-b border-rule py-1">
                  <a className="link" href={`/api/orders/${order.id}/${file}`}>
                    {label}
                  </a>
                </li>
              ))}
              {page.data.handovers.map((one) => (
                <li key={one.id} className="border-b border-rule py-1">
                  <a className="link" href={`/api/orders/${order.id}/handovers/${one.id}.pdf`}>
                    Delivery note {one.number}
                  </a>
                </li>
              ))}
            </ul>
          </section>
        </div>
      </div>
    </div>
  );
}

/** Good pieces go to the customer: all of them with one key. */
function HandOver({ page }: { page: Schemas['OrderPage'] }) {
  const moments = useMoments();
  const { order } = page;
  const hand = useOrders(() =>
    got(
      api.POST('/api/orders/{id}/handovers', {
        params: { path: { id: order.id } },
        body: { id: crypto.randomUUID(), pieces: {}, note: '' },
      }),
    ),
  );
  const back = useOrders((handover: string) =>
    got(api.DELETE('/api/orders/{id}/handovers/{handover}', { params: { path: { id: order.id, handover } } })),
  );
  return (
    <section aria-labelledby="handed" className="mt-3">
      <h2 id="handed" className="text-xl">
        Handed over
      </h2>
      <ul className="mt-1 border-t border-ink">
        {page.handovers.map((one) => (
          <li key={one.id} className="flex items-baseline gap-3 border-b border-rule py-1">
            <span className="flex-1">
              {one.pieces === 1 ? '1 piece' : `${one.pieces} pieces`}, {moments.at(one.at)}
            </span>
            <button type="button" className="link text-sm" onClick={() => back.mutate(one.id)}>
              Take back
            </button>
          </li>
        ))}
      </ul>
      {page.ready > 0 ? (
        <button
          type="button"
          className="key-main mt-2 w-full"
          disabled={hand.isPending}
          onClick={() => hand.mutate(undefined)}
        >
          Hand over {page.ready === 1 ? '1 piece' : `${page.ready} pieces`}
        </button>
      ) : (
        <p className="mt-1 text-soft">
          {order.pieces > 0 && order.handed >= order.pieces
            ? '✓ The customer has all of it.'
            : 'No good piece is left to hand over.'}
        </p>
      )}
      {(hand.error ?? back.error) !== null && (
        <p role="alert" className="mt-1 font-semibold text-hot">
          {(hand.error ?? back.error)?.message}
        </p>
      )}
    </section>
  );
}
