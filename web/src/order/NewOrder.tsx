import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api, got } from '../api/client';
import { TextField } from '../measure/Field';
import { dayFrom } from '../measure/money';
import { type Line, NewLine } from './NewLine';

const EMPTY: Line = { what: '', quantity: '', sizes: '' };

/** Takes an order: who for, by when, how many of what. */
export function NewOrder() {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [id] = useState(() => crypto.randomUUID());
  const [typed, setTyped] = useState({ label: '', due: dayFrom(10), note: '' });
  const [lines, setLines] = useState([{ key: 0, line: EMPTY }]);
  const take = useMutation({
    mutationFn: () => got(api.POST('/api/orders', { body: { id, ...typed, lines: lines.map((one) => one.line) } })),
    onSuccess: () => {
      for (const key of ['orders', 'jobs', 'day']) {
        queries.invalidateQueries({ queryKey: [key] });
      }
      navigate('/orders');
    },
  });
  const errors = take.error?.errors ?? {};
  return (
    <form
      className="mx-auto max-w-4xl px-6 py-6"
      noValidate
      onSubmit={(e) => {
        e.preventDefault();
        take.mutate();
      }}
    >
      <h1 className="text-3xl">New order</h1>
      <div className="mt-4 grid gap-4 md:grid-cols-[1fr_12rem]">
        <TextField
          label="Who it is for"
          value={typed.label}
          error={errors.label}
          autoFocus
          onChange={(e) => setTyped({ ...typed, label: e.target.value })}
        />
        <TextField
          label="By"
          type="date"
          value={typed.due}
          error={errors.due}
          onChange={(e) => setTyped({ ...typed, due: e.target.value })}
        />
      </div>
      <h2 className="mt-6 border-b border-ink pb-1 text-xl">What is wanted</h2>
      {lines.map(({ key, line }, n) => (
        <div key={key} className="grid items-start gap-3 border-b border-rule py-3 md:grid-cols-[1fr_7rem_14rem_6rem]">
          <NewLine
            line={line}
            onChange={(changed) => setLines(lines.map((one) => (one.key === key ? { key, line: changed } : one)))}
            errors={errors}
            at={`lines.${n}.`}
          />
          {lines.length > 1 && (
            <button
              type="button"
              className="link mt-7 justify-self-start text-sm"
              onClick={() => setLines(lines.filter((one) => one.key !== key))}
            >
              Leave out
            </button>
          )}
        </div>
      ))}
      <button
        type="button"
        className="link mt-3"
        onClick={() => setLines([...lines, { key: Math.max(...lines.map((one) => one.key)) + 1, line: EMPTY }])}
      >
        One more line
      </button>
      <div className="mt-5">
        <TextField
          label="Note"
          value={typed.note}
          error={errors.note}
          onChange={(e) => setTyped({ ...typed, note: e.target.value })}
        />
      </div>
      <p className="mt-3 text-soft">Each line becomes a job of its own, like the one chosen.</p>
      <button type="submit" className="key-main mt-4" disabled={take.isPending}>
        Take this order
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
