import { useMutation } from '@tanstack/react-query';
import { Link } from 'react-router';
import { api, got, type Schemas } from '../api/client';

type Obstacle = Schemas['Obstacle'];

/** What is in the way, each with what mends it. */
export function ObstacleList({ obstacles, onChange }: { obstacles: Obstacle[]; onChange: () => void }) {
  if (obstacles.length === 0) {
    return null;
  }
  return (
    <section aria-labelledby="way" className="mt-3">
      <h2 id="way" className="text-xl">
        In the way
      </h2>
      <ul className="mt-1 border-t border-ink">
        {obstacles.map((one) => (
          <li key={one.text} className="border-b border-rule py-1.5">
            <span className={one.kind === 'late' || one.kind === 'backup' || one.kind === 'disk' ? 'text-hot' : ''}>
              {one.kind === 'late' ? '✕ ' : '◆ '}
            </span>
            {one.text}{' '}
            {one.absence ? (
              <Back absence={one.absence} label={one.mend} onBack={onChange} />
            ) : (
              <Link to={one.to} className="link font-semibold">
                {one.mend}
              </Link>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** It is there again: the plan goes on with it. */
function Back({ absence, label, onBack }: { absence: Schemas['Absence']; label: string; onBack: () => void }) {
  const back = useMutation({
    mutationFn: () => got(api.PUT('/api/day/absences', { body: absence })),
    onSuccess: onBack,
  });
  return (
    <button type="button" className="link font-semibold" disabled={back.isPending} onClick={() => back.mutate()}>
      {label}
    </button>
  );
}
