import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, fileBody, got } from '../api/client';
import { keys } from '../api/queries';

/** Orders from a table: looked at first, line by line, then saved whole. */
export function OrderTable() {
  const queries = useQueryClient();
  const [file, setFile] = useState<File>();
  const preview = useMutation({
    mutationFn: (chosen: File) => got(api.POST('/api/orders/preview', fileBody(chosen))),
  });
  const take = useMutation({
    mutationFn: (chosen: File) => got(api.POST('/api/orders/import', fileBody(chosen))),
    onSuccess: () => {
      for (const queryKey of [keys.orders, keys.jobs, keys.day]) {
        queries.invalidateQueries({ queryKey });
      }
    },
  });
  const seen = preview.data;
  return (
    <div className="mx-auto max-w-5xl px-6 py-6">
      <div className="flex flex-wrap items-center gap-3">
        <h1 className="mr-auto text-3xl">Orders from a table</h1>
        <Link to="/orders" className="link">
          All orders
        </Link>
        <label
          className={`${file === undefined ? 'key-main' : 'key'} focus-within:outline-3 focus-within:outline-face`}
        >
          {file === undefined ? 'Choose a table' : 'Choose it again'}
          <input
            type="file"
            aria-label="Orders from a table"
            accept=".csv,text/csv"
            className="sr-only"
            onChange={(e) => {
              const chosen = e.target.files?.[0];
              if (chosen !== undefined) {
                setFile(chosen);
                take.reset();
                preview.mutate(chosen);
              }
              e.target.value = '';
            }}
          />
        </label>
      </div>
      <p className="mt-2 text-soft">
        A CSV file with the columns <b>order</b> (who it is for), <b>due</b> (2026-12-05), <b>what</b> (a job’s name),{' '}
        <b>quantity</b> or <b>sizes</b> (6 S, 10 M), <b>note</b>. Lines for the same person and day are one order.
        Nothing is saved before you say so.
      </p>
      {file !== undefined && <h2 className="mt-5 border-b border-ink pb-1 text-xl">{file.name}</h2>}
      {preview.error !== null && (
        <p role="alert" className="mt-3 font-semibold whitespace-pre-line text-hot">
          {preview.error.message}
        </p>
      )}
      {seen !== undefined && take.data === undefined && (
        <>
          <p className="mt-3 text-lg">
            {seen.orders} {seen.orders === 1 ? 'order' : 'orders'} of {seen.lines.length}{' '}
            {seen.lines.length === 1 ? 'line' : 'lines'}.{' '}
            {seen.wrong.length > 0 ? (
              <b className="text-hot">
                ✕ {seen.wrong.length} {seen.wrong.length === 1 ? 'line is' : 'lines are'} wrong. Correct them in the
                table, and choose it again.
              </b>
            ) : (
              <b className="text-done">✓ All lines can be read.</b>
            )}
          </p>
          <section className="mt-3" aria-label="Lines of the table">
            <table className="w-full text-left">
              <thead>
                <tr className="border-b border-ink text-sm text-soft">
                  {['Line', 'Who for', 'By', 'What', 'How many', 'Sizes'].map((head) => (
                    <th key={head} className="py-1 pr-3 font-normal">
                      {head}
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {seen.wrong.map((one) => (
                  <tr key={one.line} className="border-b border-rule bg-hotfill">
                    <td className="py-1 pr-3">{one.line}</td>
                    <td colSpan={5} className="font-semibold text-hot">
                      ✕ {one.column}: {one.message}
                    </td>
                  </tr>
                ))}
                {seen.lines.map((line) => (
                  <tr key={line.line} className={`border-b border-rule ${line.known ? 'text-soft' : ''}`}>
                    <td className="py-1 pr-3">{line.line}</td>
                    <td className="pr-3">
                      {line.order}
                      {line.known && ' (there already)'}
                    </td>
                    <td className="pr-3">{line.due ?? ''}</td>
                    <td className="pr-3">{line.what}</td>
                    <td className="pr-3">{line.quantity}</td>
                    <td>{line.sizes}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </section>
        </>
      )}
      {take.data !== undefined && (
        <p role="status" className="mt-3 text-lg font-bold text-done">
          ✓ {take.data.added} {take.data.added === 1 ? 'order' : 'orders'} saved
          {take.data.known > 0 && `, ${take.data.known} were there already`}.
        </p>
      )}
      {take.error !== null && (
        <p role="alert" className="mt-3 font-semibold whitespace-pre-line text-hot">
          {take.error.message}
        </p>
      )}
      {seen !== undefined && take.data === undefined && (
        <button
          type="button"
          className="key-main mt-4"
          disabled={file === undefined || seen.wrong.length > 0 || seen.lines.length === 0 || take.isPending}
          onClick={() => file !== undefined && take.mutate(file)}
        >
          Save these orders
        </button>
      )}
    </div>
  );
}
