import type { benchActs } from './acts';

/** The keys under the step: what else can be done, and the big one. */
export function BenchKeys({
  acts,
  busy,
  held,
  word,
  onMain,
}: {
  acts: ReturnType<typeof benchActs>;
  busy: boolean;
  held: boolean;
  word: string;
  onMain: () => void;
}) {
  return (
    <footer className="shrink-0 border-t border-ink">
      <div className="flex flex-wrap border-b border-rule">
        {acts
          .filter((one) => one.word !== undefined)
          .map(({ keys: [key = ''], word, act }) => (
            <button
              key={key}
              type="button"
              disabled={busy}
              onClick={act}
              className="min-h-14 flex-1 border-l border-rule px-2 text-base font-bold whitespace-nowrap first:border-l-0 hover:bg-shade"
            >
              {word} <span className="text-sm font-normal text-soft">{key.toUpperCase()}</span>
            </button>
          ))}
      </div>
      <button
        type="button"
        disabled={busy || held}
        onClick={onMain}
        className="min-h-28 w-full bg-ink px-4 text-4xl font-extrabold text-ground focus-visible:-outline-offset-8 disabled:opacity-40"
      >
        {word}
        <span className="block text-base font-normal">Space</span>
      </button>
    </footer>
  );
}
