import { useMutation } from '@tanstack/react-query';
import { Pin } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, got } from '../api/client';
import type { Day } from './DayStrip';

type Block = Day['blocks'][number];

/** Which pieces a line is about, in few words. */
function pieces(numbers: number[]): string {
  if (numbers.length === 0) {
    return '';
  }
  const [first, last] = [Math.min(...numbers), Math.max(...numbers)];
  return first === last ? ` · from piece ${first}` : ` · pieces ${first} to ${last}`;
}

/** What hands do on a day, in order; each can be given a time of its own. */
export function HandsList({
  day,
  from,
  to,
  names,
  onPlanned,
}: {
  day: Day;
  from: number;
  to: number;
  names: Map<string, string>;
  onPlanned: (day: Day) => void;
}) {
  const lanes = day.lanes.map((lane, number) => ({ ...lane, number })).filter((lane) => lane.kind === 'hands');
  return lanes.map((lane) => (
    <div key={lane.n}>
      {lanes.length > 1 && <h3 className="mt-2 text-soft">Hands {lane.n + 1}</h3>}
      <ol>
        {day.blocks
          .filter((block) => block.lane === lane.number && block.end > from && block.start < to)
          .map((block) => (
            <Line
              key={`${block.id} ${block.start}`}
              block={block}
              zone={day.zone}
              name={names.get(block.job) ?? ''}
              onPlanned={onPlanned}
            />
          ))}
      </ol>
    </div>
  ));
}

function Line({
  block,
  zone,
  name,
  onPlanned,
}: {
  block: Block;
  zone: string;
  name: string;
  onPlanned: (day: Day) => void;
}) {
  const time = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit', timeZone: zone });
  // Written as year, month and day.
  const date = new Intl.DateTimeFormat('sv-SE', { timeZone: zone }).format(block.start * 1000);
  const [open, setOpen] = useState(false);
  const [typed, setTyped] = useState(time.format(block.start * 1000));
  const pin = useMutation({
    mutationFn: (at: string) => got(api.PUT('/api/day/pins', { body: { activity: block.id, day: date, time: at } })),
    onSuccess: (day) => {
      setOpen(false);
      onPlanned(day);
    },
  });
  const error = pin.error?.message;
  return (
    <li className="border-b border-rule py-1">
      <div className="flex gap-3">
        <span className="w-28 shrink-0 whitespace-nowrap text-soft">
          {time.format(block.start * 1000)} to {time.format(block.end * 1000)}
        </span>
        <span className="grow">
          <Link to={`/jobs/${block.job}`} className="font-bold hover:underline">
            {name}
          </Link>
          {block.began && <b className="text-hot"> · under way</b>}
          <span className="block text-sm text-soft">
            {block.labels.join(', ')}
            {pieces(block.pieces)}
          </span>
        </span>
        {!block.began && (
          <button
            type="button"
            className={`self-start p-1 print:hidden ${block.pinned ? 'text-face' : 'text-soft hover:text-ink'}`}
            aria-expanded={open}
            aria-label={block.pinned ? `${name} is pinned to this time` : `Pin ${name} to a time`}
            title={block.pinned ? 'Set to this time' : 'Set a time'}
            onClick={() => setOpen(!open)}
          >
            <Pin size={16} aria-hidden fill={block.pinned ? 'currentColor' : 'none'} />
          </button>
        )}
      </div>
      {open && (
        <form
          className="my-1 flex flex-wrap items-center gap-2 pl-31"
          onSubmit={(e) => {
            e.preventDefault();
            pin.mutate(typed);
          }}
        >
          <label className="flex items-center gap-2 text-sm text-soft">
            Begin at
            <input
              className="field w-20"
              value={typed}
              aria-invalid={error !== undefined}
              onChange={(e) => setTyped(e.target.value)}
            />
          </label>
          <button type="submit" className="key" disabled={pin.isPending}>
            Pin
          </button>
          {block.pinned && (
            <button type="button" className="key" onClick={() => pin.mutate('')}>
              Remove the time
            </button>
          )}
          {error !== undefined && (
            <p role="alert" className="w-full text-sm font-semibold text-hot">
              {error}
            </p>
          )}
        </form>
      )}
    </li>
  );
}
