import type { Schemas } from '../api/client';
import { PrintVerdict } from '../sheet/PrintVerdict';

/** Sheets that lie in the printer's tray: how did they come out? */
export function CameOut({ sheet, onSaid }: { sheet: Schemas['UnseenSheet']; onSaid: () => void }) {
  return (
    <section aria-label={`Printed: ${sheet.name}`} className="mt-3 border-2 border-wait px-3 py-2">
      <PrintVerdict sheet={sheet} onSaid={onSaid} />
    </section>
  );
}
