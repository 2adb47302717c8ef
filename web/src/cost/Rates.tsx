import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useForm } from 'react-hook-form';
import { api, got, type Schemas } from '../api/client';
import { keys, server } from '../api/queries';
import { TextField } from '../measure/Field';

type Typed = Schemas['ShopRates'];

const FIELDS = [
  ['hour', 'An hour of hands'],
  ['kwh', 'A kWh of electricity'],
  ['overhead', 'Overhead, % on all of it'],
  ['spares', 'Spare sheets for each batch'],
  ['margin', 'Margin, % of the price'],
  ['set_up', 'Set-up, once for a quote'],
  ['tax', 'Tax, %'],
] as const;

/** What the shop reckons with. */
export function Rates({ open }: { open: boolean }) {
  const rates = useQuery(server.rates());
  return (
    <details className="mt-8 border-t border-rule pt-3" open={open}>
      <summary className="link">What the shop reckons with</summary>
      {rates.data !== undefined && <Form key={JSON.stringify(rates.data)} rates={rates.data} />}
    </details>
  );
}

function Form({ rates }: { rates: Typed }) {
  const queries = useQueryClient();
  const { register, handleSubmit } = useForm({ defaultValues: rates });
  const keep = useMutation({
    mutationFn: (typed: Typed) => got(api.PUT('/api/rates', { body: typed })),
    onSuccess: (kept) => {
      queries.setQueryData(keys.rates, kept);
      queries.invalidateQueries({ queryKey: keys.cost });
    },
  });
  const errors = keep.error?.errors ?? {};
  return (
    <form
      className="mt-3 grid max-w-4xl items-start gap-3 sm:grid-cols-3"
      onSubmit={handleSubmit((typed) => keep.mutate(typed))}
    >
      {FIELDS.map(([field, label]) => (
        <TextField key={field} label={label} inputMode="decimal" error={errors[field]} {...register(field)} />
      ))}
      <button type="submit" className="key key-on mt-[1.35rem] justify-self-start" disabled={keep.isPending}>
        Reckon with these
      </button>
    </form>
  );
}
