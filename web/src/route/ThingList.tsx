import { useState } from 'react';
import type { Schemas } from '../api/client';
import { useFormat } from '../measure/settings';
import { CopyForm } from './CopyForm';

type Shelf = Schemas['shelf.schema'];
export type Kind = 'media' | 'markings' | 'covers' | 'bases' | 'guards';

interface Thing {
  id: string;
  label: string;
  own: boolean;
}

/** Things of one kind: what is ticked is on the shelf. Each can be copied as an entry of the shop's own. */
export function ThingList({
  kind,
  title,
  what,
  known,
  shelf,
  onToggle,
  onCopied,
}: {
  kind: Kind;
  title: string;
  what: string;
  known: Schemas['Option'][];
  shelf: Shelf;
  onToggle: (id: string) => void;
  onCopied: () => void;
}) {
  const format = useFormat();
  const [copying, setCopying] = useState<Thing>();
  const own = shelf.own?.[kind] ?? [];
  const things: Thing[] = [
    ...known.map((thing) => ({ ...thing, own: false })),
    ...own.map((thing) => ({
      id: thing.id,
      label: `${thing.label}, ${'margin_mm' in thing ? `margin ${format.length(thing.margin_mm)}` : format.length(thing.thickness_mm)}`,
      own: true,
    })),
  ];
  return (
    <fieldset className="border-t border-ink pt-3">
      <legend className="float-left w-full text-xl font-bold">{title}</legend>
      <p className="clear-both text-sm text-soft">{what}</p>
      {things.map((thing) => {
        const has = shelf[kind].includes(thing.id);
        return (
          <div key={thing.id} className="border-t border-rule first-of-type:mt-2">
            <div className="flex items-center gap-3 py-1.5">
              <label className="flex flex-1 items-center gap-3">
                <input
                  type="checkbox"
                  className="size-5 accent-ink"
                  checked={has}
                  onChange={() => onToggle(thing.id)}
                />
                <span>
                  {thing.label}
                  {thing.own && <span className="text-soft"> · your own{has ? '' : ', retired'}</span>}
                </span>
              </label>
              {!thing.own && (
                <button
                  type="button"
                  className="link text-sm"
                  aria-label={`Copy ${thing.label}`}
                  onClick={() => setCopying(copying?.id === thing.id ? undefined : thing)}
                >
                  Copy
                </button>
              )}
            </div>
            {copying?.id === thing.id && (
              <CopyForm
                kind={kind}
                like={thing}
                onDone={(made) => {
                  setCopying(undefined);
                  if (made) {
                    onCopied();
                  }
                }}
              />
            )}
          </div>
        );
      })}
    </fieldset>
  );
}
