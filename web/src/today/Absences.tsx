import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { api, got, type Schemas } from '../api/client';
import { dayFrom } from '../measure/money';
import { Notice } from '../parts/Notice';

/** Says with one tap that a machine is out of order or somebody is away, until tomorrow unless another day is said. */
export function Absences({
  people,
  machines,
  onChange,
}: {
  people: Schemas['PersonView'][];
  machines: Schemas['MachineView'][];
  onChange: () => void;
}) {
  const [day, setDay] = useState(dayFrom(1));
  const say = useMutation({
    mutationFn: (body: Schemas['Absence']) => got(api.PUT('/api/day/absences', { body })),
    onSuccess: onChange,
  });
  const told = say.data;
  return (
    <details className="mt-5 border-t border-rule pt-2">
      <summary className="link">Something is out of order, or somebody is away</summary>
      <label className="mt-2 flex items-baseline gap-2">
        <span className="text-sm text-soft">Back on</span>
        <input
          type="date"
          className="field w-auto"
          value={day}
          min={dayFrom(1)}
          onChange={(e) => setDay(e.target.value)}
        />
      </label>
      <div className="mt-2 flex flex-wrap gap-2">
        {machines
          .filter((one) => one.out === null)
          .map((one) => (
            <button
              key={one.id}
              type="button"
              className="key"
              disabled={say.isPending}
              onClick={() => say.mutate({ kind: 'machine', id: one.id, number: 0, day })}
            >
              {one.name}
            </button>
          ))}
        {people.map(
          (one, number) =>
            one.away === null && (
              <button
                key={one.name}
                type="button"
                className="key"
                disabled={say.isPending}
                onClick={() => say.mutate({ kind: 'hands', id: '', number, day })}
              >
                {one.name}
              </button>
            ),
        )}
      </div>
      {say.error !== null && <Notice tone="hot">{say.error.message}</Notice>}
      {told !== undefined && (
        <Notice tone={told.late.length > 0 ? 'wait' : 'done'}>
          {told.late.length === 0 ? (
            'Planned again. No other job becomes late.'
          ) : (
            <>
              <p>
                Planned again. Now late: <b>{told.late.join(', ')}</b>.
              </p>
              {told.mends.length > 0 && (
                <ul className="mt-1 list-disc pl-5">
                  {told.mends.map((mend) => (
                    <li key={mend.what}>
                      {mend.what}
                      {mend.kept.length > 0 && `: then in time: ${mend.kept.join(', ')}`}
                    </li>
                  ))}
                </ul>
              )}
            </>
          )}
        </Notice>
      )}
    </details>
  );
}
