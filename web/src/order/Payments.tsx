import { useState } from 'react';
import { api, got, type Schemas } from '../api/client';
import { TextField } from '../measure/Field';
import { dayFrom, money } from '../measure/money';
import { useMoments } from '../measure/settings';
import { useOrders } from './useOrders';

/** What was agreed and paid, and what is still owed. */
export function Payments({
  order,
  payments,
  quote,
}: {
  order: Schemas['OrderView'];
  payments: Schemas['PaymentView'][];
  quote: number | null;
}) {
  const moments = useMoments();
  const amount = (minor: number) => money(minor, order.currency, order.digits);
  const [id, setId] = useState(() => crypto.randomUUID());
  const [typed, setTyped] = useState({ day: dayFrom(0), amount: '', how: '' });
  const pay = useOrders(
    (twice: boolean) =>
      got(
        api.POST('/api/orders/{id}/payments', {
          params: { path: { id: order.id } },
          body: { id, ...typed, twice },
        }),
      ),
    () => {
      setId(crypto.randomUUID());
      setTyped({ ...typed, amount: '' });
    },
  );
  const unpay = useOrders((payment: string) =>
    got(api.DELETE('/api/orders/{id}/payments/{payment}', { params: { path: { id: order.id, payment } } })),
  );
  const errors = pay.error?.errors ?? {};
  const field = (name: keyof typeof typed) => ({
    value: typed[name],
    error: errors[name],
    onChange: (e: { target: { value: string } }) => setTyped({ ...typed, [name]: e.target.value }),
  });
  return (
    <section aria-labelledby="paid" className="mt-5">
      <h2 id="paid" className="text-xl">
        Money
      </h2>
      <dl className="mt-1 grid grid-cols-[1fr_auto] border-t border-ink">
        <dt className="border-b border-rule py-1">Agreed{quote !== null && ` (quote ${quote})`}</dt>
        <dd className="border-b border-rule py-1 text-right">
          {order.agreed === null ? <span className="text-soft">nothing yet</span> : amount(order.agreed)}
        </dd>
        {payments.map((one) => (
          <div key={one.id} className="col-span-2 grid grid-cols-subgrid border-b border-rule py-1">
            <dt>
              {one.amount < 0 ? 'Paid back' : 'Paid'} {moments.day(one.day)}
              {one.how !== '' && `, ${one.how}`}{' '}
              <button type="button" className="link text-sm" onClick={() => unpay.mutate(one.id)}>
                delete
              </button>
            </dt>
            <dd className="text-right">{amount(one.amount)}</dd>
          </div>
        ))}
        <dt className="py-1 font-bold">
          {order.owed === null ? 'Paid' : order.owed < 0 ? 'Paid too much' : 'Still owed'}
        </dt>
        <dd className={`py-1 text-right font-bold ${order.owed !== null && order.owed < 0 ? 'text-wait' : ''}`}>
          {amount(order.owed === null ? order.paid : Math.abs(order.owed))}
        </dd>
      </dl>
      <form
        className="fields mt-1 grid-cols-2 gap-2"
        onSubmit={(e) => {
          e.preventDefault();
          pay.mutate(false);
        }}
      >
        <TextField label={`Amount, ${order.currency}`} inputMode="decimal" {...field('amount')} />
        <TextField label="On" type="date" {...field('day')} />
        <TextField label="How" placeholder="cash, transfer" {...field('how')} />
        <div className="beside">
          <button type="submit" className="key" disabled={pay.isPending || typed.amount === ''}>
            Note it
          </button>
        </div>
        {errors.twice !== undefined && (
          <p role="alert" className="col-span-2 text-hot">
            {errors.twice}{' '}
            <button type="button" className="link font-bold" onClick={() => pay.mutate(true)}>
              It is another one
            </button>
          </p>
        )}
        {pay.error !== null && Object.keys(errors).length === 0 && (
          <p role="alert" className="col-span-2 text-hot">
            {pay.error.message}
          </p>
        )}
      </form>
    </section>
  );
}
