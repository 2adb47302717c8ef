import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, fileBody, got, problemOf } from '../api/client';
import { keys } from '../api/queries';

/** The colour profile of a printer: with it, Wubbin shows what of a picture the printer cannot print. */
export function ColourProfile({ printer }: { printer: string }) {
  const queries = useQueryClient();
  const key = [...keys.printers, printer, 'profile'];
  const path = { params: { path: { id: printer } } };
  const profile = useQuery({ queryKey: key, queryFn: () => got(api.GET('/api/printers/{id}/profile', path)) });
  const [error, setError] = useState<string>();

  async function change(work: Promise<{ error?: unknown; response: Response }>) {
    try {
      await got(work as Parameters<typeof got>[0]);
      setError(undefined);
      await queries.invalidateQueries({ queryKey: key });
      queries.removeQueries({ queryKey: keys.anyJob });
    } catch (e) {
      setError(problemOf(e).message);
    }
  }

  const name = profile.data?.name ?? null;
  return (
    <div className="flex flex-wrap items-baseline gap-x-3 border-t border-rule py-2">
      <b className="w-40">Colour profile</b>
      <span className="text-soft">{name ?? 'None. Its maker may have one for your paper.'}</span>
      <label className="link cursor-pointer focus-within:outline-3 focus-within:outline-face">
        {name === null ? 'Choose a file' : 'Choose another'}
        <input
          type="file"
          className="sr-only"
          accept=".icc,.icm"
          onChange={(e) => {
            const file = e.target.files?.[0];
            if (file !== undefined) {
              change(api.POST('/api/printers/{id}/profile', { ...path, ...fileBody(file) }));
            }
            e.target.value = '';
          }}
        />
      </label>
      {name !== null && (
        <button type="button" className="link" onClick={() => change(api.DELETE('/api/printers/{id}/profile', path))}>
          Remove
        </button>
      )}
      {error !== undefined && (
        <p role="alert" className="w-full font-semibold text-hot">
          {error}
        </p>
      )}
    </div>
  );
}
