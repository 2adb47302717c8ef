import { useMutation } from '@tanstack/react-query';
import { useRef } from 'react';

/** A table taken in whole, or not at all. */
export function TableIn({
  label,
  take,
  onTaken,
}: {
  label: string;
  take: (file: File) => Promise<{ added: number; known: number }>;
  onTaken: () => void;
}) {
  const input = useRef<HTMLInputElement>(null);
  const read = useMutation({
    mutationFn: take,
    onSuccess: onTaken,
    onSettled: () => {
      if (input.current !== null) {
        input.current.value = '';
      }
    },
  });
  return (
    <span>
      <label className="link cursor-pointer focus-within:outline-3 focus-within:outline-face">
        {read.isPending ? 'Reading …' : label}
        <input
          ref={input}
          type="file"
          aria-label={label}
          accept=".csv,text/csv"
          className="sr-only"
          onChange={(e) => {
            const file = e.target.files?.[0];
            if (file !== undefined) {
              read.mutate(file);
            }
          }}
        />
      </label>
      {read.data !== undefined && (
        <span role="status" className="block text-sm text-done">
          ✓ {read.data.added} new{read.data.known > 0 && `, ${read.data.known} were there already`}
        </span>
      )}
      {read.error !== null && (
        <span role="alert" className="block max-w-md text-sm font-semibold whitespace-pre-line text-hot">
          {read.error.message}
        </span>
      )}
    </span>
  );
}
