import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, got, type Schemas } from '../api/client';
import { keys } from '../api/queries';

/** Asks how printed sheets came out: all good with one key, or which of them did not. */
export function PrintVerdict({
  sheet,
  first,
  onSaid,
}: {
  sheet: Schemas['UnseenSheet'];
  first: boolean;
  onSaid: () => void;
}) {
  const queries = useQueryClient();
  const [asking, setAsking] = useState(false);
  const [wrong, setWrong] = useState<number[]>([]);
  const say = useMutation({
    mutationFn: (spoiled: number[]) => got(api.POST('/api/print/verdicts', { body: { sheet: sheet.sheet, spoiled } })),
    onSuccess: (view) => {
      queries.setQueryData(keys.due, view);
      queries.invalidateQueries({ queryKey: keys.stock });
      onSaid();
    },
  });
  const count = sheet.pages.length;
  return (
    <>
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
        <p className="min-w-0 flex-1">
          <b className="block text-lg">{sheet.name}</b>
          <span className="text-soft">
            {count === 1 ? '1 sheet came' : `${count} sheets came`} out of {sheet.device}. Is it good?
          </span>
        </p>
        {count > 1 && (
          <button type="button" className="key" aria-expanded={asking} onClick={() => setAsking(!asking)}>
            Some came out wrong
          </button>
        )}
        {count === 1 && (
          <button
            type="button"
            className="key"
            disabled={say.isPending}
            onClick={() => say.mutate(sheet.pages.map((page) => page.page))}
          >
            It came out wrong
          </button>
        )}
        <button
          type="button"
          className={first ? 'key-main' : 'key'}
          disabled={say.isPending}
          onClick={() => say.mutate([])}
        >
          {count === 1 ? 'It is good' : 'All are good'}
        </button>
      </div>
      {asking && (
        <fieldset className="mt-2">
          <legend className="text-sm text-soft">Which came out wrong? They are printed again.</legend>
          <div className="mt-1 flex flex-wrap gap-2">
            {sheet.pages.map((page, n) => (
              <label
                key={page.page}
                className={`key ${wrong.includes(page.page) ? 'border-hot bg-hotfill' : ''}`}
                title={page.label}
              >
                <input
                  type="checkbox"
                  className="size-4 accent-hot"
                  checked={wrong.includes(page.page)}
                  onChange={(e) =>
                    setWrong(e.target.checked ? [...wrong, page.page] : wrong.filter((one) => one !== page.page))
                  }
                />
                sheet {n + 1}
              </label>
            ))}
          </div>
          <button
            type="button"
            className="key key-on mt-2"
            disabled={wrong.length === 0 || say.isPending}
            onClick={() => say.mutate(wrong)}
          >
            {wrong.length === count ? 'Print all again' : `${wrong.length || 'No'} wrong, the others are good`}
          </button>
        </fieldset>
      )}
      {say.error !== null && (
        <p role="alert" className="mt-1 font-semibold text-hot">
          {say.error.message}
        </p>
      )}
    </>
  );
}
