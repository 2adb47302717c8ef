import { useQuery } from '@tanstack/react-query';
import { X } from 'lucide-react';
import { useLocation } from 'react-router';
import { help, screenOf } from './screens';
import { glossary, within } from './words';

/** Beside the screen: what it is for, in three sentences and a drawing, and the words that stand on it. */
export function HelpPanel({
  onClose,
  onTour,
}: {
  onClose: () => void;
  /** Where somebody is at work there is no tour. */
  onTour?: () => void;
}) {
  const { pathname } = useLocation();
  const screen = screenOf(pathname);
  const about = useQuery({
    queryKey: ['help', screen],
    queryFn: async () => (screen === undefined ? null : ((await help(screen)) ?? null)),
  });
  const words = useQuery({ queryKey: ['glossary'], queryFn: glossary, staleTime: Number.POSITIVE_INFINITY });
  const page = document.querySelector('main')?.innerText ?? '';
  const here = within(words.data ?? [], page);
  return (
    <aside
      aria-label="Help"
      className="flex w-80 shrink-0 flex-col overflow-auto border-l border-ink bg-shade px-4 py-3 max-2xl:absolute max-2xl:inset-y-0 max-2xl:right-0 max-2xl:z-20 max-2xl:max-w-full"
    >
      <div className="flex items-baseline">
        <h2 className="mr-auto text-xl">{about.data?.title ?? 'Help'}</h2>
        <button type="button" className="key px-2" aria-label="Close the help" onClick={onClose}>
          <X size={16} aria-hidden />
        </button>
      </div>
      {about.data != null && (
        <>
          <about.data.Drawing />
          {about.data.says.map((sentence) => (
            <p key={sentence} className="mb-1.5">
              {sentence}
            </p>
          ))}
        </>
      )}
      {onTour !== undefined && (
        <button type="button" className="key mt-2 w-fit" onClick={onTour}>
          Take the tour
        </button>
      )}
      {here.length > 0 && (
        <>
          <h3 className="mt-4 border-t border-rule pt-2">Words on this page</h3>
          <dl className="text-sm">
            {here.map(({ word, means }) => (
              <div key={word} className="border-b border-rule py-1">
                <dt className="inline font-bold">{word}</dt>: <dd className="inline">{means}</dd>
              </div>
            ))}
          </dl>
        </>
      )}
    </aside>
  );
}
