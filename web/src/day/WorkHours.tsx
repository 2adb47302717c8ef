import { useMutation } from '@tanstack/react-query';
import { useForm } from 'react-hook-form';
import { api, got, type Schemas } from '../api/client';
import { TextField } from '../measure/Field';
import type { Day } from './DayStrip';

const WEEK = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'];

interface Typed {
  hands: string;
  week: string[];
  off: string;
  rack: string;
  shelf: string;
  apart: boolean;
  people: string;
}

/** Nothing of what was typed is cut: what is no number is sent as none, and told at its field. */
const whole = (typed: string) => (typed.trim() === '' ? Number.NaN : Number(typed));

/** When hands work, how many there are, and what has room. */
export function WorkHours({ hours, onKept }: { hours: Schemas['WorkHours']; onKept: (day: Day) => void }) {
  const { register, handleSubmit } = useForm<Typed>({
    defaultValues: {
      hands: String(hours.hands),
      week: hours.week,
      off: hours.off.join(' '),
      rack: String(hours.rack),
      shelf: String(hours.shelf),
      apart: hours.apart,
      people: hours.people.join(', '),
    },
  });
  const keep = useMutation({
    mutationFn: (typed: Typed) =>
      got(
        api.PUT('/api/day/hours', {
          body: {
            hands: whole(typed.hands),
            week: typed.week,
            off: typed.off.split(/\s+/).filter((one) => one !== ''),
            rack: whole(typed.rack),
            shelf: whole(typed.shelf),
            apart: typed.apart,
            people: typed.people
              .split(',')
              .map((one) => one.trim())
              .filter((one) => one !== ''),
          },
        }),
      ),
    onSuccess: onKept,
  });
  const errors = keep.error?.errors ?? {};
  return (
    <details className="mt-8 border-t border-rule pt-3 print:hidden">
      <summary className="link">Working hours, people and room</summary>
      <form
        className="mt-3 grid max-w-4xl gap-x-8 gap-y-3 md:grid-cols-2"
        onSubmit={handleSubmit((typed) => keep.mutate(typed))}
      >
        <div className="grid content-start gap-2">
          {WEEK.map((name, n) => (
            <TextField
              key={name}
              label={name}
              placeholder="no work"
              error={errors[`week.${n}`]}
              {...register(`week.${n}`)}
            />
          ))}
          {errors.week !== undefined && (
            <p role="alert" className="font-semibold text-hot">
              {errors.week}
            </p>
          )}
        </div>
        <div className="grid content-start gap-2">
          {(
            [
              ['off', 'Days off', '2026-12-24 2026-12-25'],
              ['hands', 'People who work', ''],
              ['rack', 'Room on the drying rack', ''],
              ['shelf', 'Room on the cooling shelf', ''],
              ['people', 'What they are called', 'Ada, Ben'],
            ] as const
          ).map(([field, label, placeholder]) => (
            <TextField key={field} label={label} {...register(field)} placeholder={placeholder} error={errors[field]} />
          ))}
          <label className="flex items-baseline gap-2 py-1">
            <input type="checkbox" className="size-4 accent-ink" {...register('apart')} />
            <span>
              We spray outdoors or in another room
              <span className="block text-sm text-soft">
                Otherwise no solvent, spray or varnish is opened while anything is hot.
              </span>
            </span>
          </label>
          <div>
            <button type="submit" className="key key-on" disabled={keep.isPending}>
              Use these
            </button>
          </div>
        </div>
      </form>
    </details>
  );
}
