import { useId, useState } from 'react';
import { useKeys } from '../parts/useKeys';
import type { Appearance } from './Worn';

/** Which of its appearances a picture is shown in: as it will be, until another is chosen; V goes on to the next. */
export function useAppearance(all: Appearance[] | undefined) {
  const [wanted, setWanted] = useState<string>('worn');
  const shown = all?.find((one) => one.id === wanted) ?? all?.at(-1);
  useKeys((e) => {
    if (e.key.toLowerCase() !== 'v' || all === undefined) {
      return false;
    }
    const at = all.findIndex((one) => one.id === shown?.id);
    setWanted(all[(at + 1) % all.length]?.id ?? 'worn');
    return true;
  });
  return { all: all ?? [], shown, show: setWanted };
}

export type Shown = ReturnType<typeof useAppearance>;

/** The choice between them, in one line. */
export function Appearances({ of }: { of: Shown }) {
  const name = useId();
  return (
    <fieldset className="flex flex-wrap items-baseline gap-x-3 text-sm text-soft">
      <legend className="sr-only">Show the picture</legend>
      {of.all.map((one) => (
        <label key={one.id} title={one.words}>
          <input
            type="radio"
            name={name}
            className="accent-ink"
            checked={one.id === of.shown?.id}
            onChange={() => of.show(one.id)}
          />{' '}
          {one.label}
        </label>
      ))}
      <kbd aria-hidden className="border border-rule px-1 font-sans text-xs">
        V
      </kbd>
    </fieldset>
  );
}
