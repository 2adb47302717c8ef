import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { Link, useNavigate, useParams } from 'react-router';
import { api, got } from '../api/client';
import { server } from '../api/queries';
import { Waiting } from '../parts/Notice';

const SIDES = [
  ['seconds', 'Seconds under heat', '10 15 20 25 30'],
  ['celsius', 'Temperature, °C', '170 180 190 200'],
  ['pressure', 'Pressure', 'light medium heavy'],
  ['drying', 'Drying, minutes', '5 15 30'],
] as const;

type Of = (typeof SIDES)[number][0];

interface Side {
  of: Of;
  text: string;
}

interface Typed {
  x: Side;
  y: Side;
  swatch: string;
}

/** What a test ladder of a job varies. */
export function NewLadder() {
  const { job = '', picture = '0' } = useParams();
  const view = useQuery(server.job(job));
  const navigate = useNavigate();
  const { register, handleSubmit, setValue } = useForm<Typed>({
    defaultValues: { x: { of: 'seconds', text: SIDES[0][2] }, y: { of: 'celsius', text: SIDES[1][2] }, swatch: '25' },
  });
  const [id] = useState(() => crypto.randomUUID());
  const values = ({ of, text }: Side) =>
    text
      .split(/[\s;]+/)
      .filter((one) => one !== '')
      .map((one) => {
        const number = Number(one.replace(',', '.'));
        return of === 'drying' && !Number.isNaN(number) ? String(number * 60) : one.replace(',', '.');
      });
  const plan = useMutation({
    mutationFn: ({ x, y, swatch }: Typed) =>
      got(
        api.POST('/api/jobs/{id}/ladders', {
          params: { path: { id: job } },
          body: {
            id,
            picture: Number(picture),
            x: { of: x.of, values: values(x) },
            y: { of: y.of, values: values(y) },
            swatch_mm: Number(swatch.replace(',', '.')),
          },
        }),
      ),
    onSuccess: (ladder) => navigate(`/ladders/${ladder.id}`),
  });
  if (view.data === undefined) {
    return <Waiting error={view.error} />;
  }
  const errors = plan.error?.errors ?? {};
  return (
    <div className="mx-auto max-w-3xl px-6 py-6">
      <p>
        <Link to={`/jobs/${job}`} className="link">
          {view.data.job.name}
        </Link>
      </p>
      <h1 className="mt-1 text-3xl">A test ladder</h1>
      <p className="mt-1 text-soft">Two things change. Sheet, printer, heat and base stay as in the job.</p>
      <form className="mt-4 grid gap-5" onSubmit={handleSubmit((typed) => plan.mutate(typed))}>
        {(
          [
            ['x', 'Across'],
            ['y', 'Down'],
          ] as const
        ).map(([side, label]) => (
          <fieldset key={side} className="grid gap-3 sm:grid-cols-2">
            <label>
              <span className="block text-soft">{label}</span>
              <select
                className="field"
                {...register(`${side}.of`, {
                  onChange: (e: { target: { value: string } }) =>
                    setValue(`${side}.text`, SIDES.find(([of]) => of === e.target.value)?.[2] ?? ''),
                })}
              >
                {SIDES.map(([of, words]) => (
                  <option key={of} value={of}>
                    {words}
                  </option>
                ))}
              </select>
            </label>
            <label>
              <span className="block text-soft">Rungs {label.toLowerCase()}</span>
              <input
                className="field text-lg"
                aria-invalid={errors[side] !== undefined}
                {...register(`${side}.text`)}
              />
              {errors[side] !== undefined && (
                <span role="alert" className="text-hot">
                  {errors[side]}
                </span>
              )}
            </label>
          </fieldset>
        ))}
        <label className="max-w-48">
          <span className="block text-soft">A swatch, mm wide</span>
          <input
            className="field"
            inputMode="decimal"
            aria-invalid={errors.swatch_mm !== undefined}
            {...register('swatch')}
          />
          {errors.swatch_mm !== undefined && (
            <span role="alert" className="text-hot">
              {errors.swatch_mm}
            </span>
          )}
        </label>
        {plan.error !== null && Object.keys(errors).every((field) => !['x', 'y', 'swatch_mm'].includes(field)) && (
          <p role="alert" className="text-hot">
            {plan.error.message}
          </p>
        )}
        <div>
          <button type="submit" className="key-main" disabled={plan.isPending}>
            Plan it
          </button>
        </div>
      </form>
    </div>
  );
}
