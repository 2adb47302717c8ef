import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, got, type Schemas } from '../api/client';
import { keys } from '../api/queries';
import { PrintVerdict } from './PrintVerdict';

/** All that came out of printers and nobody has looked at: one key says that all of it is good. */
export function PrintVerdicts({ unseen, onSaid }: { unseen: Schemas['UnseenSheet'][]; onSaid: () => void }) {
  const queries = useQueryClient();
  const all = useMutation({
    mutationFn: async () => {
      for (const { sheet } of unseen) {
        await got(api.POST('/api/print/verdicts', { body: { sheet, spoiled: [] } }));
      }
    },
    onSettled: () => {
      queries.invalidateQueries({ queryKey: keys.due });
      onSaid();
    },
  });
  if (unseen.length === 0) {
    return null;
  }
  const sheets = unseen.reduce((sum, one) => sum + one.pages.length, 0);
  return (
    <section aria-labelledby="printed" className="mt-3">
      <div className="flex flex-wrap items-center gap-4">
        <h2 id="printed" className="mr-auto text-xl">
          Printed
        </h2>
        {unseen.length > 1 && (
          <button type="button" className="key-main" disabled={all.isPending} onClick={() => all.mutate()}>
            All {sheets} sheets are good
          </button>
        )}
      </div>
      {unseen.map((sheet) => (
        <section
          key={sheet.sheet}
          aria-label={`Printed: ${sheet.name}`}
          className="mt-2 border-2 border-wait px-3 py-2"
        >
          <PrintVerdict sheet={sheet} first={unseen.length === 1} onSaid={onSaid} />
        </section>
      ))}
    </section>
  );
}
