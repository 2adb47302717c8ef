/** How much of it is done, drawn. */
export function Bar({ part, of }: { part: number; of: number }) {
  return (
    <span aria-hidden className="inline-block h-2.5 w-28 shrink-0 border border-line">
      <span className="block h-full bg-done" style={{ width: `${of === 0 ? 0 : (100 * part) / of}%` }} />
    </span>
  );
}
