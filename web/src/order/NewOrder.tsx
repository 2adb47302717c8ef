import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useFieldArray, useForm, useWatch } from 'react-hook-form';
import { useNavigate } from 'react-router';
import { api, got } from '../api/client';
import { keys } from '../api/queries';
import { TextField } from '../measure/Field';
import { dayFrom } from '../measure/money';
import { type Line, NewLine } from './NewLine';

const EMPTY: Line = { what: '', quantity: '', sizes: '' };

interface Typed {
  label: string;
  due: string;
  note: string;
  customer: string;
  contact: string;
  agreed: string;
  lines: Line[];
}

/** Takes an order: who for, by when, how many of what. */
export function NewOrder() {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [id] = useState(() => crypto.randomUUID());
  const { control, register, handleSubmit, setValue } = useForm<Typed>({
    defaultValues: { label: '', due: dayFrom(10), note: '', customer: '', contact: '', agreed: '', lines: [EMPTY] },
  });
  const { fields, append, remove } = useFieldArray({ control, name: 'lines' });
  const lines = useWatch({ control, name: 'lines' });
  const take = useMutation({
    mutationFn: (typed: Typed) => got(api.POST('/api/orders', { body: { id, ...typed } })),
    onSuccess: (order) => {
      for (const queryKey of [keys.orders, keys.jobs, keys.day, keys.today]) {
        queries.invalidateQueries({ queryKey });
      }
      navigate(`/orders/${order.id}`);
    },
  });
  const errors = take.error?.errors ?? {};
  return (
    <form className="mx-auto max-w-4xl px-6 py-6" noValidate onSubmit={handleSubmit((typed) => take.mutate(typed))}>
      <h1 className="text-3xl">New order</h1>
      <div className="fields mt-4 gap-x-4 gap-y-2 md:grid-cols-[1fr_12rem]">
        <TextField label="Who it is for" {...register('label')} error={errors.label} autoFocus />
        <TextField label="By" type="date" {...register('due')} error={errors.due} />
      </div>
      <h2 className="mt-6 border-b border-ink pb-1 text-xl">What is ordered</h2>
      {fields.map(({ id: key }, n) => (
        <div key={key} className="fields gap-x-3 gap-y-2 border-b border-rule py-3 md:grid-cols-[1fr_7rem_14rem_6rem]">
          <NewLine
            line={lines[n] ?? EMPTY}
            onChange={(changed) => setValue(`lines.${n}`, changed)}
            errors={errors}
            at={`lines.${n}.`}
          />
          {fields.length > 1 && (
            <div className="beside">
              <button type="button" className="link justify-self-start text-sm" onClick={() => remove(n)}>
                Remove
              </button>
            </div>
          )}
        </div>
      ))}
      <button type="button" className="link mt-3" onClick={() => append(EMPTY)}>
        One more line
      </button>
      <div className="fields mt-5 gap-x-4 gap-y-2 md:grid-cols-[1fr_1fr_10rem]">
        <TextField label="Who pays, if it is somebody else" {...register('customer')} error={errors.customer} />
        <TextField label="Phone or mail" {...register('contact')} error={errors.contact} />
        <TextField label="Agreed price" inputMode="decimal" {...register('agreed')} error={errors.agreed} />
      </div>
      <div className="mt-3">
        <TextField label="Note" {...register('note')} error={errors.note} />
      </div>
      <p className="mt-3 text-soft">Each line becomes its own job, like the job that you choose.</p>
      <button type="submit" className="key-main mt-4" disabled={take.isPending}>
        Save this order
      </button>
      {errors.lines !== undefined && (
        <p role="alert" className="mt-2 font-semibold text-hot">
          {errors.lines}
        </p>
      )}
      {take.error !== null && Object.keys(errors).length === 0 && (
        <p role="alert" className="mt-2 font-semibold text-hot">
          {take.error.message}
        </p>
      )}
    </form>
  );
}
