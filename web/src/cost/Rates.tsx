import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { api, got, type Schemas } from '../api/client';
import { keys, server } from '../api/queries';
import { TextField } from '../measure/Field';
import { Notice } from '../parts/Notice';

type Typed = Schemas['ShopRates'];

const FIELDS = [
  ['hour', 'An hour of work'],
  ['kwh', 'A kWh of electricity'],
  ['overhead', 'Overhead, % of all costs'],
  ['spares', 'Spare sheets for each batch'],
  ['margin', 'Margin, % of the price'],
  ['set_up', 'Set-up, once for a quote'],
  ['tax', 'Tax, %'],
] as const;

/** Rates of this shop. */
export function Rates({ open }: { open: boolean }) {
  const rates = useQuery(server.rates());
  return (
    <details className="mt-8 border-t border-rule pt-3" open={open}>
      <summary className="link">Rates of this shop</summary>
      {rates.data !== undefined && <Form key={JSON.stringify(rates.data)} rates={rates.data} />}
    </details>
  );
}

function Form({ rates }: { rates: Typed }) {
  const queries = useQueryClient();
  const { register, handleSubmit, setValue, formState } = useForm({ defaultValues: rates });
  const [theirs, setTheirs] = useState<string[]>([]);
  const keep = useMutation({
    mutationFn: (typed: Typed) => got(api.PUT('/api/rates', { body: typed })),
    onSuccess: (kept) => {
      queries.setQueryData(keys.rates, kept);
      queries.invalidateQueries({ queryKey: keys.cost });
    },
    onError: (e) => {
      const now = e.document as Typed | undefined;
      if (now === undefined) {
        return;
      }
      // What somebody else changed and this person did not, is taken over; the rest stays as it was typed.
      const changed = FIELDS.filter(([field]) => now[field] !== rates[field]);
      for (const [field] of changed.filter(([field]) => formState.dirtyFields[field] !== true)) {
        setValue(field, now[field]);
      }
      setTheirs(changed.map(([field, label]) => `${label}: ${now[field] === '' ? 'nothing' : now[field]}`));
    },
  });
  const errors = keep.error?.errors ?? {};
  return (
    <form
      className="fields mt-3 max-w-4xl gap-x-3 gap-y-2 sm:grid-cols-3"
      onSubmit={handleSubmit((typed) => keep.mutate(typed))}
    >
      {FIELDS.map(([field, label]) => (
        <TextField key={field} label={label} inputMode="decimal" error={errors[field]} {...register(field)} />
      ))}
      {keep.error?.status === 409 && (
        <Notice tone="hot">
          {keep.error.message} They wrote {theirs.join('; ')}.
        </Notice>
      )}
      <div className="beside">
        <button type="submit" className="key key-on justify-self-start" disabled={keep.isPending}>
          Use these rates
        </button>
      </div>
    </form>
  );
}
