import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { Schemas } from '../api/client';
import { server } from '../api/queries';
import { clock } from '../measure/format';
import { useFormat } from '../measure/settings';
import { Waiting } from '../parts/Notice';
import { tone, whose } from '../run/Clocks';
import { type Hand, left, useBoard, useTicking } from '../run/useRun';
import { useAwake, useRinging } from '../run/watching';

/** So many clocks fit a screen in figures that are read from four metres; the rest is counted. */
const MOST = 6;
const NEXT = 3;

/** How often the board looks for what comes next, in ms. */
const LOOK_AGAIN = 10_000;

/** What runs and what comes next, for a screen on the wall. */
export function BoardPage() {
  const board = useBoard();
  const today = useQuery({ ...server.today(undefined), refetchInterval: LOOK_AGAIN });
  const format = useFormat();
  const hands = board.data?.hands ?? [];
  const clocks = hands.filter((hand) => hand.since !== null).sort((a, b) => (left(a) ?? 0) - (left(b) ?? 0));
  useAwake();
  useTicking(clocks.some((hand) => hand.running));
  useRinging(clocks, (hand) => `${whose(hand, true)}: ${format.phrase(hand.step.title)}`);
  if (board.data === undefined) {
    return <Waiting error={board.error} />;
  }
  const shown = clocks.slice(0, MOST);
  const zone = today.data?.zone;
  const time = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit', timeZone: zone });
  const day = new Intl.DateTimeFormat('en-GB', { weekday: 'short', timeZone: zone });
  const at = (t: number) =>
    `${day.format(t * 1000) === day.format(Date.now()) ? '' : `${day.format(t * 1000)} `}${time.format(t * 1000)}`;
  return (
    <main className="flex h-full flex-col overflow-hidden">
      <header className="flex shrink-0 items-baseline gap-6 border-b-2 border-ink px-[2vw] py-[1vh] text-[2.6vw]">
        <h1 className="font-extrabold">Bench</h1>
        <Link to="/bench" className="link ml-auto text-[1.6vw]">
          Leave
        </Link>
        <b className="tabular-nums">{time.format(Date.now())}</b>
      </header>
      {shown.length === 0 ? (
        <p className="grid flex-1 place-items-center text-[6vw] font-bold text-soft">No clock runs.</p>
      ) : (
        <ul
          aria-label="Clocks"
          className={`grid min-h-0 flex-1 gap-px bg-rule ${shown.length > 1 ? 'grid-cols-2' : ''} ${shown.length > 4 ? 'grid-rows-3' : shown.length > 2 ? 'grid-rows-2' : ''}`}
        >
          {shown.map((hand) => (
            <BoardClock key={`${hand.run} ${hand.position}`} hand={hand} few={shown.length < 3} />
          ))}
        </ul>
      )}
      {clocks.length > MOST && (
        <p className="border-t border-rule px-[2vw] text-[2vw] text-soft">and {clocks.length - MOST} more clocks</p>
      )}
      {today.data !== undefined && today.data.next.length > 0 && (
        <NextOnBoard next={today.data.next.slice(0, NEXT)} at={at} />
      )}
    </main>
  );
}

function BoardClock({ hand, few }: { hand: Hand; few: boolean }) {
  const format = useFormat();
  const seconds = left(hand) ?? 0;
  const over = seconds <= 0;
  return (
    <li className={`flex min-h-0 flex-col justify-center px-[2vw] ${over ? 'bg-hotfill' : 'bg-ground'}`}>
      <b
        role="timer"
        className={`leading-none font-extrabold tabular-nums ${few ? 'text-[15vw]' : 'text-[9vw]'} ${tone(hand, over)}`}
      >
        {over && '+'}
        {clock(Math.abs(seconds))}
      </b>
      <span className="truncate text-[2.6vw] leading-tight font-bold">{whose(hand, true)}</span>
      <span className="truncate text-[2.2vw] leading-tight text-soft">
        {!hand.running ? 'paused: ' : over ? 'now: ' : ''}
        {format.phrase(hand.step.title)}
      </span>
    </li>
  );
}

function NextOnBoard({ next, at }: { next: Schemas['NextThing'][]; at: (t: number) => string }) {
  return (
    <section aria-label="Next" className="shrink-0 border-t-2 border-ink px-[2vw] py-[1.2vh]">
      <ol>
        {next.map((thing) => (
          <li
            key={`${thing.does} ${thing.id} ${thing.run} ${thing.group}`}
            className="flex items-baseline gap-[1.5vw] text-[2.6vw] leading-tight"
          >
            <span className="text-soft tabular-nums">{at(thing.start)}</span>
            <b className="truncate">{thing.name}</b>
            <span className="ml-auto truncate text-[2.2vw] text-soft">
              {thing.does === 'print' ? 'print' : thing.does === 'settle' ? 'answer checks' : thing.what}
            </span>
          </li>
        ))}
      </ol>
    </section>
  );
}
