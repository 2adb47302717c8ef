import { useQuery, useQueryClient } from '@tanstack/react-query';
import { type KeyboardEvent, useEffect, useId, useRef, useState } from 'react';
import { Link } from 'react-router';
import { api, got, type Schemas } from '../api/client';
import { keys, server } from '../api/queries';
import { useAtOnce } from '../api/useAtOnce';
import { Notice, Waiting } from '../parts/Notice';
import { TakeBack } from '../parts/TakeBack';
import { Recognise } from './Recognise';
import { Thing } from './Thing';

type Owned = Schemas['OwnedView'];

const GROUPS: [Owned['group'], string, string][] = [
  ['heat', 'What heats or rubs?', ''],
  ['printer', 'What prints or draws?', ''],
  ['paper', 'Which sheets?', 'Tell them by their backs. A corner is turned over to show the side that is printed.'],
  ['cover', 'What lies over or inside the piece?', ''],
  ['base', 'What do you press on?', 'A hard base is better. On a soft one the edges come off.'],
];

interface Said {
  id: string;
  answers: string[];
}

/** Keys that are typed within this time make one word. */
const WORD_MS = 900;

/**
 * All tiles are one stop for the keyboard in each group: arrows go from tile to tile, and letters to the next tile that
 * begins with them, wherever it is.
 */
function useTileKeys() {
  const word = useRef({ letters: '', at: 0 });
  return (e: KeyboardEvent<HTMLElement>) => {
    const tiles = [...document.querySelectorAll<HTMLElement>('[data-tile]')];
    const at = tiles.indexOf(e.target as HTMLElement);
    if (at < 0 || e.ctrlKey || e.metaKey || e.altKey) {
      return;
    }
    const by = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[e.key];
    if (by !== undefined) {
      e.preventDefault();
      tiles[(at + by + tiles.length) % tiles.length]?.focus();
    } else if (/^\p{L}$/u.test(e.key)) {
      const now = Date.now();
      const letters = (now - word.current.at < WORD_MS ? word.current.letters : '') + e.key.toLowerCase();
      word.current = { letters, at: now };
      // A second letter may stay on the tile that the first one found.
      const from = letters.length > 1 ? at : at + 1;
      const order = [...tiles.slice(from), ...tiles.slice(0, from)];
      order.find((tile) => tile.dataset.tile?.toLowerCase().startsWith(letters))?.focus();
    } else {
      // Whatever else is pressed ends the word.
      word.current = { letters: '', at: 0 };
    }
  };
}

/** What do you have? Pictures to tap, and at most one question about each. */
export function StartPage() {
  const queries = useQueryClient();
  const owned = useQuery(server.owned());
  const possible = useQuery(server.possible());
  const [unsure, setUnsure] = useState(false);
  const onKeyDown = useTileKeys();
  const put = useAtOnce(
    keys.owned,
    ({ id, answers }: Said) => got(api.PUT('/api/owned/{id}', { params: { path: { id } }, body: { answers } })),
    (before: Owned[], { id, answers }) => before.map((one) => (one.id === id ? { ...one, on: answers } : one)),
    () => {
      queries.invalidateQueries({ queryKey: keys.possible });
      queries.invalidateQueries({ queryKey: keys.shelf });
      queries.invalidateQueries({ queryKey: keys.catalogue });
      queries.removeQueries({ queryKey: keys.anyJob });
    },
  );
  const page = useRef<HTMLDivElement>(null);
  const there = owned.data !== undefined;
  useEffect(() => {
    if (there) {
      page.current?.querySelector<HTMLElement>('[data-tile]')?.focus({ preventScroll: true });
    }
  }, [there]);
  if (owned.data === undefined) {
    return <Waiting error={owned.error} />;
  }
  const tap = (thing: Owned) => put.mutate({ id: thing.id, answers: thing.on.length > 0 ? [] : [thing.usual] });
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: letters typed on a tile go to another one
    <div ref={page} className="mx-auto flex min-h-full max-w-6xl flex-col" onKeyDown={onKeyDown}>
      <div className="flex-1 px-5 pt-5">
        <div className="flex flex-wrap items-baseline gap-x-4">
          <h1 className="mr-auto text-3xl">What do you have?</h1>
          <TakeBack of="shelf" className="text-sm" />
        </div>
        <p className="text-soft">
          Tap what you own. Wubbin takes usual sizes and marks them as assumed. You can measure later, on the{' '}
          <Link to="/shelf" className="link">
            shelf
          </Link>
          .
        </p>
        {put.error !== null && <Notice tone="hot">{put.error.message}</Notice>}
        {GROUPS.map(([group, title, what]) => (
          <Group
            key={group}
            title={title}
            what={what}
            things={owned.data.filter((thing) => thing.group === group)}
            onTap={tap}
            onSay={put.mutate}
          >
            {group === 'paper' && (
              <button type="button" className="link mt-2" aria-expanded={unsure} onClick={() => setUnsure(!unsure)}>
                I do not know which sheet this is
              </button>
            )}
            {group === 'paper' && unsure && (
              <Recognise
                owned={owned.data}
                onHave={(thing) => {
                  if (thing.on.length === 0) {
                    tap(thing);
                  }
                  setUnsure(false);
                }}
              />
            )}
          </Group>
        ))}
      </div>
      <Foot possible={possible.data} any={owned.data.some((thing) => thing.on.length + thing.own.length > 0)} />
    </div>
  );
}

function Group({
  title,
  what,
  things,
  onTap,
  onSay,
  children,
}: {
  title: string;
  what: string;
  things: Owned[];
  onTap: (thing: Owned) => void;
  onSay: (said: Said) => void;
  children: React.ReactNode;
}) {
  const id = useId();
  const [last, setLast] = useState(0);
  return (
    <section aria-labelledby={id} className="mt-5 border-t border-ink pt-2.5">
      <h2 id={id} className="text-xl">
        {title}
      </h2>
      {what !== '' && <p className="text-sm text-soft">{what}</p>}
      <ul className="mt-2 grid grid-cols-[repeat(auto-fill,minmax(min(100%,10.5rem),1fr))] items-start gap-2">
        {things.map((thing, n) => (
          <Tile
            key={thing.id}
            thing={thing}
            stop={n === Math.min(last, things.length - 1)}
            onFocus={() => setLast(n)}
            onTap={() => onTap(thing)}
            onSay={(answers) => onSay({ id: thing.id, answers })}
          />
        ))}
      </ul>
      {children}
    </section>
  );
}

function Tile({
  thing,
  stop,
  onFocus,
  onTap,
  onSay,
}: {
  thing: Owned;
  stop: boolean;
  onFocus: () => void;
  onTap: () => void;
  onSay: (answers: string[]) => void;
}) {
  const on = thing.on.length > 0;
  return (
    <li className={`flex flex-col border ${on ? 'border-2 border-done bg-donefill' : 'border-line'}`}>
      <button
        type="button"
        data-tile={thing.label}
        aria-pressed={on}
        tabIndex={stop ? 0 : -1}
        onFocus={onFocus}
        onClick={onTap}
        className="flex flex-1 gap-2.5 p-2 text-left hover:bg-shade"
      >
        <Thing id={thing.id} className="size-14 shrink-0" />
        <span className="min-w-0">
          <b className="block leading-tight">
            {on && <span className="text-done">✓ </span>}
            {thing.label}
          </b>
          <span className="block text-sm leading-tight text-soft">{thing.look}</span>
        </span>
      </button>
      {thing.own.length > 0 && (
        <p className="border-t border-rule px-2 py-1 text-sm">
          <span className="text-done">✓</span> You have: {thing.own.join(', ')}
        </p>
      )}
      {on && thing.question !== null && (
        <fieldset className="border-t border-done px-2 py-1.5 text-sm">
          <legend className="float-left w-full font-semibold">{thing.question}</legend>
          {thing.answers.map((answer) => (
            <label key={answer.id} className="clear-both flex min-h-7 items-center gap-2">
              <input
                type={thing.several ? 'checkbox' : 'radio'}
                name={thing.id}
                className="size-4 accent-ink"
                checked={thing.on.includes(answer.id)}
                onChange={(e) =>
                  onSay(
                    thing.several
                      ? [...thing.on.filter((one) => one !== answer.id), ...(e.target.checked ? [answer.id] : [])]
                      : [answer.id],
                  )
                }
              />
              {answer.label}
            </label>
          ))}
        </fieldset>
      )}
    </li>
  );
}

/** What all of it makes, and the way on. */
function Foot({ possible, any }: { possible: Schemas['PossibleView'] | undefined; any: boolean }) {
  const kinds = new Set(possible?.open.map((way) => way.blank_label));
  const more = possible?.one_more[0];
  return (
    <footer className="sticky bottom-0 mt-5 flex flex-wrap items-center gap-x-4 gap-y-1 border-t border-ink bg-ground px-5 py-2.5">
      <p role="status" className="min-w-0 flex-1 basis-64">
        {!any ? (
          'Nothing is ticked yet.'
        ) : kinds.size > 0 ? (
          <>
            <b className="text-done">✓ With this you can press on</b> {[...kinds].slice(0, 5).join(', ')}
            {kinds.size > 5 && ` and ${kinds.size - 5} more`}.
          </>
        ) : (
          <>
            <b className="text-wait">◆ These do not make a piece yet.</b>{' '}
            {more === undefined ? 'Tick what heats, what prints, and a sheet.' : `With ${more.label} they would.`}
          </>
        )}
      </p>
      <Link to="/can" className={kinds.size > 0 ? 'key-main' : 'key'}>
        What can I make with this?
      </Link>
    </footer>
  );
}
