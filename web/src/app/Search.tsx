import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { SearchIcon } from 'lucide-react';
import { type KeyboardEvent, useId, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import type { Schemas } from '../api/client';
import { server } from '../api/queries';
import { useKeys } from '../parts/useKeys';
import { GROUPS } from './rooms';

type Found = Schemas['FoundView'];

const KINDS: Record<Found['kind'], { label: string; to: (id: string) => string }> = {
  job: { label: 'Jobs', to: (id) => `/jobs/${id}` },
  order: { label: 'Orders', to: (id) => `/orders/${id}` },
  quote: { label: 'Quotes', to: () => '/quotes' },
  recipe: { label: 'Recipes', to: () => '/recipes' },
  picture: { label: 'Pictures', to: () => '/pictures' },
  entry: { label: 'Logbook', to: (id) => `/logbook/${id}` },
};
const ORDER: Found['kind'][] = ['order', 'job', 'picture', 'recipe', 'quote', 'entry'];

interface Hit {
  key: string;
  group: string;
  title: string;
  to: string;
}

/** Pages by their names, and all that the server finds. */
function hits(typed: string, found: Found[]): Hit[] {
  const words = typed.trim().toLowerCase();
  const pages = GROUPS.flatMap((group) => group.rooms.map(([to, label]) => ({ to, label, group: group.label })));
  return [
    ...pages
      .filter(({ label, group }) => words !== '' && `${group} ${label}`.toLowerCase().includes(words))
      .map(({ to, label }) => ({ key: `page ${to}`, group: 'Pages', title: label, to })),
    ...ORDER.flatMap((kind) =>
      found
        .filter((one) => one.kind === kind)
        .map(({ id, title }) => ({
          key: `${kind} ${id}`,
          group: KINDS[kind].label,
          title,
          to: KINDS[kind].to(id),
        })),
    ),
  ];
}

/** One box to find everything in: a slash brings the cursor there. */
export function Search() {
  const [typed, setTyped] = useState('');
  const [open, setOpen] = useState(false);
  const [at, setAt] = useState(0);
  const input = useRef<HTMLInputElement>(null);
  const navigate = useNavigate();
  const list = useId();
  const found = useQuery({
    ...server.search(typed),
    enabled: open && typed.trim() !== '',
    placeholderData: keepPreviousData,
  });
  useKeys((e) => {
    if (e.key !== '/') {
      return false;
    }
    input.current?.focus();
    input.current?.select();
    return true;
  });
  const all = typed.trim() === '' ? [] : hits(typed, found.data ?? []);
  const chosen = all[Math.min(at, all.length - 1)];

  function go(hit: Hit | undefined) {
    if (hit !== undefined) {
      setOpen(false);
      setTyped('');
      input.current?.blur();
      navigate(hit.to);
    }
  }
  function press(e: KeyboardEvent) {
    if (e.key === 'Escape') {
      setTyped('');
      setOpen(false);
      input.current?.blur();
    } else if (e.key === 'Enter') {
      go(chosen);
    } else if (e.key === 'ArrowDown' || e.key === 'ArrowUp') {
      e.preventDefault();
      setAt((now) => Math.max(0, Math.min(all.length - 1, now + (e.key === 'ArrowDown' ? 1 : -1))));
    }
  }
  return (
    <div className="relative">
      <SearchIcon
        size={16}
        aria-hidden
        className="pointer-events-none absolute top-1/2 left-2 -translate-y-1/2 text-soft"
      />
      <input
        ref={input}
        type="search"
        role="combobox"
        aria-label="Find anything"
        aria-expanded={open && all.length > 0}
        aria-controls={list}
        aria-activedescendant={chosen === undefined ? undefined : `${list} ${chosen.key}`}
        placeholder="Find …  /"
        className="field h-8 w-36 pl-7 xl:w-52"
        value={typed}
        onChange={(e) => {
          setTyped(e.target.value);
          setOpen(true);
          setAt(0);
        }}
        onFocus={() => setOpen(true)}
        onBlur={() => setOpen(false)}
        onKeyDown={press}
      />
      {open && typed.trim() !== '' && (
        <div
          id={list}
          role="listbox"
          aria-label="What was found"
          className="absolute top-9 right-0 z-20 max-h-[70vh] w-96 max-w-[94vw] overflow-auto border border-ink bg-ground py-1"
        >
          {all.length === 0 && (
            <p className="px-3 py-2 text-soft">{found.isFetching ? 'Looking …' : 'Nothing has these words.'}</p>
          )}
          {all.map((hit, n) => (
            <div key={hit.key}>
              {hit.group !== all[n - 1]?.group && <p className="px-3 pt-2 text-sm text-soft">{hit.group}</p>}
              <div
                id={`${list} ${hit.key}`}
                role="option"
                tabIndex={-1}
                aria-selected={hit === chosen}
                className={`cursor-pointer truncate px-3 py-1 ${hit === chosen ? 'bg-ink text-ground' : 'hover:bg-shade'}`}
                // The field keeps the cursor until the address has changed.
                onMouseDown={(e) => {
                  e.preventDefault();
                  go(hit);
                }}
              >
                {hit.title === '' ? 'without a name' : hit.title}
              </div>
            </div>
          ))}
        </div>
      )}
    </div>
  );
}
