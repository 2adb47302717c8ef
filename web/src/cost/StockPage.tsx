import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { Link } from 'react-router';
import { api, fileBody, got, type Schemas } from '../api/client';
import { keys, server } from '../api/queries';
import { SelectField, TextField } from '../measure/Field';
import { money } from '../measure/money';
import { useFormat } from '../measure/settings';
import { Waiting } from '../parts/Notice';
import { TableIn } from '../parts/TableIn';
import { TakeBack } from '../parts/TakeBack';

type Stock = Schemas['StockView'];
type Item = Stock['items'][number];
type Kind = Schemas['StockMove']['kind'];

const amount = (value: number, unit: string) => `${Number(value.toFixed(2))} ${unit}`;

/** What there is, what is needed of it, and what to buy. */
export function StockPage() {
  const queries = useQueryClient();
  const stock = useQuery(server.stock());
  const format = useFormat();
  if (stock.data === undefined) {
    return <Waiting error={stock.error} />;
  }
  const { items, others, buy, currency, digits, total, offcuts } = stock.data;
  const set = (changed: Stock) => {
    queries.setQueryData(keys.stock, changed);
    queries.invalidateQueries({ queryKey: keys.shelf });
  };
  const kinds = [...new Set(items.map((item) => item.kind))];
  return (
    <div className="mx-auto max-w-6xl px-6 py-6">
      <div className="flex flex-wrap items-baseline gap-4">
        <h1 className="mr-auto text-3xl">Stock</h1>
        <TakeBack of="stock" />
        <a className="link" href="/api/stock/buy.pdf" target="_blank" rel="noreferrer">
          Buying list
        </a>
        <a className="link" href="/api/stock.csv" download>
          Table (CSV)
        </a>
        <TableIn
          label="Read a table"
          take={(file) => got(api.POST('/api/stock/import', fileBody(file)))}
          onTaken={() => queries.invalidateQueries({ queryKey: keys.stock })}
        />
      </div>
      <section
        aria-label="To buy"
        className={`mt-4 border-l-4 bg-shade px-4 py-3 ${buy.length > 0 ? 'border-wait' : 'border-done'} ${items.length === 0 ? 'hidden' : ''}`}
      >
        <div className="flex items-baseline gap-4">
          <h2 className="text-xl">To buy for open jobs</h2>
          {buy.length > 0 && (
            <button type="button" className="link print:hidden" onClick={() => window.print()}>
              Print
            </button>
          )}
        </div>
        {buy.length === 0 ? (
          <p className="mt-1 text-done">✓ You have enough of everything that is counted.</p>
        ) : (
          <table className="mt-2 w-full text-left">
            <thead>
              <tr className="text-sm text-soft">
                <th className="font-normal">What</th>
                <th className="font-normal">Needed</th>
                <th className="font-normal">There</th>
                <th className="font-normal">Buy</th>
                <th className="text-right font-normal">About</th>
              </tr>
            </thead>
            <tbody>
              {buy.map((one) => (
                <tr key={one.key} className="border-t border-rule">
                  <td className="py-1 font-bold">{one.label}</td>
                  <td>{amount(one.needed, one.unit)}</td>
                  <td>{amount(one.there, one.unit)}</td>
                  <td className="font-bold">{amount(one.buy, one.unit)}</td>
                  <td className="text-right">
                    {one.cost === null ? 'no price yet' : money(one.cost, currency, digits)}
                  </td>
                </tr>
              ))}
              <tr className="border-t border-ink">
                <td colSpan={4} className="py-1">
                  All that has a price
                </td>
                <td className="text-right font-bold">{money(total, currency, digits)}</td>
              </tr>
            </tbody>
          </table>
        )}
      </section>
      <Move items={items} others={others} onMoved={set} />
      {items.length === 0 && (
        <p className="mt-5 text-lg">
          Nothing is counted yet. Write down what you bought, or what you have. Then Wubbin says in time what runs out,
          and what a piece costs.
        </p>
      )}
      {kinds.map((kind) => (
        <section key={kind} aria-label={kind} className="mt-6 print:hidden">
          <h2 className="border-b border-ink pb-1 text-xl">{kind}</h2>
          <table className="w-full text-left">
            <thead>
              <tr className="text-sm text-soft">
                <th className="w-2/5 font-normal">What</th>
                <th className="text-right font-normal">There</th>
                <th className="text-right font-normal">Needed</th>
                <th className="text-right font-normal">The next costs</th>
                <th className="text-right font-normal">Worth</th>
                <th className="pl-6 font-normal">Comes in packs of</th>
              </tr>
            </thead>
            <tbody>
              {items
                .filter((item) => item.kind === kind)
                .map((item) => (
                  <tr key={item.key} className="border-t border-rule align-baseline">
                    <td className="py-1">
                      {item.label}
                      {item.missing > 0 && (
                        <b className="block text-sm text-hot">
                          ✕ {amount(item.missing, item.unit)} more were used than you had. Count again
                        </b>
                      )}
                    </td>
                    <td className={`text-right ${item.short ? 'font-bold text-hot' : ''}`}>
                      {item.counted ? amount(item.level, item.unit) : 'not counted'}
                      {item.short && ' ✕'}
                    </td>
                    <td className="text-right">{item.needed > 0 ? amount(item.needed, item.unit) : ''}</td>
                    <td className="text-right">
                      {item.each === null ? (
                        <span className="text-soft">no price yet</span>
                      ) : (
                        money(item.each, currency, digits, 1)
                      )}
                    </td>
                    <td className="text-right">{money(item.value, currency, digits)}</td>
                    <td className="pl-6">
                      <Pack item={item} onKept={set} />
                    </td>
                  </tr>
                ))}
            </tbody>
          </table>
        </section>
      ))}
      {offcuts.length > 0 && (
        <section aria-label="Offcuts" className="mt-6 print:hidden">
          <h2 className="border-b border-ink pb-1 text-xl">Offcuts</h2>
          {offcuts.map((one, n) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: several may be alike
            <p key={n} className="border-b border-rule py-1">
              {one.label}, {format.bareLength(one.width_mm)} × {format.length(one.height_mm)}
            </p>
          ))}
          <p className="mt-1 text-sm text-soft">
            Add and delete them on the page{' '}
            <Link to="/shelf" className="link">
              shelf
            </Link>
            . The next sheets use them first.
          </p>
        </section>
      )}
    </div>
  );
}

interface Moved {
  kind: Kind;
  item: string;
  amount: string;
  price: string;
  note: string;
}

/** Says what was bought, used or counted. */
function Move({ items, others, onMoved }: { items: Item[]; others: Stock['others']; onMoved: (stock: Stock) => void }) {
  const empty = { item: '', amount: '', price: '', note: '' };
  const [id, setId] = useState(() => crypto.randomUUID());
  const { control, register, handleSubmit, reset } = useForm<Moved>({ defaultValues: { kind: 'bought', ...empty } });
  const [kind, of] = useWatch({ control, name: ['kind', 'item'] });
  const move = useMutation({
    mutationFn: (typed: Moved) => got(api.POST('/api/stock', { body: { id, ...typed } })),
    onSuccess: (stock, typed) => {
      setId(crypto.randomUUID());
      reset({ ...empty, kind: typed.kind, item: typed.item });
      onMoved(stock);
    },
  });
  const errors = move.error?.errors ?? {};
  const unit = [...items, ...others].find((one) => one.key === of)?.unit;
  return (
    <form
      className="fields mt-5 gap-x-3 gap-y-2 md:grid-cols-[1fr_9rem_9rem_9rem_1fr_auto] print:hidden"
      aria-label="What came or went"
      onSubmit={handleSubmit((typed) => move.mutate(typed))}
    >
      <SelectField
        label="What"
        {...register('item')}
        error={errors.item}
        options={[
          { id: '', label: 'Choose …' },
          ...items.map((item) => ({ id: item.key, label: item.label })),
          ...others.map((item) => ({
            id: item.key,
            label: `${item.label}${item.needed > 0 ? ' (needed)' : ''}`,
          })),
        ]}
      />
      <SelectField
        label="was"
        {...register('kind')}
        error={errors.kind}
        options={[
          { id: 'bought', label: 'bought' },
          { id: 'counted', label: 'counted' },
          { id: 'used', label: 'used' },
        ]}
      />
      <TextField
        label={unit === undefined ? 'How much' : `How much, in ${unit}`}
        inputMode="decimal"
        {...register('amount')}
        error={errors.amount}
      />
      {kind === 'bought' ? (
        <TextField label="Price of all of it" inputMode="decimal" {...register('price')} error={errors.price} />
      ) : (
        <span />
      )}
      <TextField label="Note" {...register('note')} error={errors.note} />
      <div className="beside">
        <button type="submit" className="key-main" disabled={move.isPending}>
          Write down
        </button>
      </div>
      {move.error !== null && Object.keys(errors).length === 0 && (
        <p role="alert" className="text-hot">
          {move.error.message}
        </p>
      )}
    </form>
  );
}

function Pack({ item, onKept }: { item: Item; onKept: (stock: Stock) => void }) {
  const [typed, setTyped] = useState(String(item.pack));
  const keep = useMutation({
    mutationFn: () => got(api.PUT('/api/stock/pack', { body: { item: item.key, pack: typed } })),
    onSuccess: onKept,
  });
  const error = keep.error?.message;
  return (
    <>
      <input
        className="field w-20 py-0.5"
        aria-label={`Pack of ${item.label}`}
        aria-invalid={error !== undefined}
        inputMode="decimal"
        value={typed}
        onChange={(e) => setTyped(e.target.value)}
        onBlur={() => typed !== String(item.pack) && keep.mutate()}
        onKeyDown={(e) => e.key === 'Enter' && keep.mutate()}
      />
      {error !== undefined && (
        <span role="alert" className="block text-sm font-semibold text-hot">
          {error}
        </span>
      )}
    </>
  );
}
