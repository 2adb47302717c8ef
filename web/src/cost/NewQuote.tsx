import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { api, got, type Schemas } from '../api/client';
import { keys, server } from '../api/queries';
import { SelectField, TextField } from '../measure/Field';
import { dayFrom, money } from '../measure/money';
import { Notice, Waiting } from '../parts/Notice';

type Wish = Schemas['QuoteWish'];
type Quote = Schemas['QuoteView'];

/** Reckons a quote while it is typed, and keeps it when it is given. */
export function NewQuote() {
  const rates = useQuery(server.rates());
  return rates.data === undefined ? <Waiting error={rates.error} /> : <Form rates={rates.data} />;
}

function Form({ rates }: { rates: Schemas['ShopRates'] }) {
  const [search] = useSearchParams();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [id] = useState(() => crypto.randomUUID());
  const { control, register, handleSubmit } = useForm<Wish>({
    defaultValues: {
      jobs: (search.get('jobs') ?? '').split(',').filter((one) => one !== ''),
      for: search.get('for') ?? '',
      by: 'margin',
      margin: rates.margin,
      target: '0',
      breaks: '',
      set_up: rates.set_up === '' ? '0' : rates.set_up,
      tax: rates.tax,
      valid: dayFrom(30),
    },
  });
  const wish = useWatch({ control }) as Wish;
  const reckoned = useQuery({ ...server.reckonedQuote(wish), placeholderData: keepPreviousData });
  const keep = useMutation({
    mutationFn: () => got(api.POST('/api/quotes', { params: { query: { id } }, body: wish })),
    onSuccess: () => {
      queries.invalidateQueries({ queryKey: keys.quotes });
      navigate('/quotes');
    },
  });
  const problem = reckoned.error ?? keep.error;
  const errors = problem?.errors ?? {};
  const field = (name: Exclude<keyof Wish, 'jobs'>) => ({ error: errors[name], ...register(name) });
  return (
    <div className="mx-auto max-w-5xl px-6 py-6">
      <h1 className="text-3xl">Quote</h1>
      <form
        className="fields mt-4 gap-x-4 gap-y-3 sm:grid-cols-2 md:grid-cols-4"
        noValidate
        onSubmit={handleSubmit(() => keep.mutate())}
      >
        <TextField label="Who it is for" {...field('for')} />
        <SelectField
          label="The price is made by"
          {...field('by')}
          options={[
            { id: 'margin', label: 'a margin' },
            { id: 'target', label: 'your own price' },
          ]}
        />
        {wish.by === 'margin' ? (
          <TextField label="Margin, % of the price" inputMode="decimal" {...field('margin')} />
        ) : (
          <TextField label="Price of a piece" inputMode="decimal" {...field('target')} />
        )}
        <TextField label="Also for" placeholder="50, 100 pieces" {...field('breaks')} />
        <TextField label="Set-up, once" inputMode="decimal" {...field('set_up')} />
        <TextField label="Tax, %" inputMode="decimal" {...field('tax')} />
        <TextField label="Valid until" type="date" {...field('valid')} />
        <div className="beside">
          <button type="submit" className="key-main" disabled={keep.isPending || problem !== null}>
            Save this quote
          </button>
        </div>
      </form>
      {wish.jobs.length === 0 ? (
        <Notice tone="wait">
          Begin a quote from an{' '}
          <Link to="/orders" className="link">
            order
          </Link>
          , or from the costs of a job.
        </Notice>
      ) : (
        errors.jobs !== undefined && <Notice tone="hot">{errors.jobs}</Notice>
      )}
      {problem !== null && Object.keys(errors).length === 0 && <Notice tone="hot">{problem.message}</Notice>}
      {reckoned.data !== undefined && <Paper quote={reckoned.data} />}
    </div>
  );
}

/** The quote as it will stand on paper, with the margin beside it that stays in the shop. */
function Paper({ quote }: { quote: Quote }) {
  const write = (minor: number) => money(minor, quote.currency, quote.digits);
  return (
    <section aria-label="The quote" className="mt-6 border border-line p-6">
      {quote.unknown.length > 0 && (
        <Notice tone="wait">
          <b>Without a price, and not counted:</b> {quote.unknown.join(', ')}.
        </Notice>
      )}
      <table className="w-full text-left">
        <thead>
          <tr className="text-sm text-soft">
            <th className="font-normal">What</th>
            <th className="text-right font-normal">Pieces</th>
            <th className="text-right font-normal">Each</th>
            <th className="text-right font-normal">Amount</th>
            <th className="text-right font-normal">Margin (stays here)</th>
          </tr>
        </thead>
        <tbody>
          {quote.lines.map((line) => (
            <Rows key={line.label} line={line} write={write} />
          ))}
          {quote.set_up > 0 && <Sum label="Set-up, once" value={write(quote.set_up)} />}
          <Sum label="Net" value={write(quote.net)} strong />
          <Sum label={`Tax, ${Number((100 * quote.tax_rate).toFixed(3))} %`} value={write(quote.tax)} />
          <Sum label="To pay" value={write(quote.gross)} strong />
        </tbody>
      </table>
    </section>
  );
}

function Rows({ line, write }: { line: Quote['lines'][number]; write: (minor: number) => string }) {
  const margin = (share: number) => (
    <td className={`text-right ${share < 0 ? 'font-bold text-hot' : 'text-soft'}`}>
      {share < 0 && '✕ '}
      {Math.round(100 * share)} %
    </td>
  );
  return (
    <>
      <tr className="border-t border-rule">
        <td className="py-1 font-bold">{line.label}</td>
        <td className="text-right">{line.quantity}</td>
        <td className="text-right">{write(line.each)}</td>
        <td className="text-right">{write(line.amount)}</td>
        {margin(line.margin)}
      </tr>
      {line.breaks.map((one) => (
        <tr key={one.quantity} className="text-soft">
          <td className="pl-6">instead</td>
          <td className="text-right">{one.quantity}</td>
          <td className="text-right">{write(one.each)}</td>
          <td className="text-right">{write(one.amount)}</td>
          {margin(one.margin)}
        </tr>
      ))}
    </>
  );
}

function Sum({ label, value, strong = false }: { label: string; value: string; strong?: boolean }) {
  return (
    <tr className={`border-t ${strong ? 'border-ink font-bold' : 'border-rule'}`}>
      <td colSpan={3} className="py-1">
        {label}
      </td>
      <td className="text-right">{value}</td>
      <td />
    </tr>
  );
}
