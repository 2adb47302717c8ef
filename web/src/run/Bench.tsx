import { lazy, Suspense, useState } from 'react';
import { Link } from 'react-router';
import type { RunView, Step } from '../api/client';
import { clock } from '../measure/format';
import { useFormat } from '../measure/settings';
import { Notice } from '../parts/Notice';
import { useKeys } from '../parts/useKeys';
import { Again, Peek, Skip } from './Ask';
import { type Asking, benchActs } from './acts';
import { BenchKeys } from './BenchKeys';
import { BenchSide } from './BenchSide';
import { wakeSound } from './beep';
import { inHandOf, same, tone, whose } from './Clocks';
import { Judge } from './Judge';
import { type Hand, left, type Presses, useTicking } from './useRun';
import { useAwake, useRinging } from './watching';

const HelpPanel = lazy(() => import('../help/HelpPanel').then((m) => ({ default: m.HelpPanel })));

/** What the big key says: what the hands do next. Where nothing is said the word is plain. */
const DONE: Partial<Record<Step['kind'], string>> = { print: 'Printed', off: 'It is off', coat: 'Coated' };
const START: Partial<Record<Step['kind'], string>> = {
  heat: 'Heat on, start',
  tack: 'It is down, start',
  dry: 'Start drying',
  wait: 'Start drying',
  cool: 'Heat off, start',
  soak: 'In the water, start',
  set: 'Hold, start',
};
const STOP: Partial<Record<Step['kind'], [string, string]>> = {
  heat: ['Lift now', 'Lift now'],
  tack: ['Lift now', 'Lift now'],
  dry: ['Dry already', 'It is dry'],
  wait: ['Dry already', 'It is dry'],
  cool: ['Cool already', 'Cool enough'],
  soak: ['It floats already', 'It floats'],
};

function keyWord(hand: Hand, over: boolean): string {
  const kind = hand.step.kind;
  if (hand.questions.length > 0) {
    return 'All true';
  }
  if (!hand.timed) {
    return DONE[kind] ?? 'Done';
  }
  if (hand.since !== null && !hand.running) {
    return 'Go on';
  }
  return hand.since !== null ? (STOP[kind]?.[over ? 1 : 0] ?? 'Done') : (START[kind] ?? 'Start');
}

/** One session at the bench, with one of its works in front. */
export function Bench({
  run,
  front,
  hands,
  all,
  presses,
  rehearsed = false,
  onPick,
}: {
  run: RunView;
  front: Hand;
  hands: Hand[];
  all: boolean;
  presses: Presses;
  /** Nothing of it is stored, and its clocks run faster. */
  rehearsed?: boolean;
  onPick: (hand: Hand | undefined) => void;
}) {
  const format = useFormat();
  const { press, again: sendAgain, busy, trouble, unsent, waiting } = presses;
  const [asking, setAsking] = useState<Asking>();
  const [helped, setHelped] = useState(false);
  useAwake();
  useTicking(hands.some((hand) => hand.running));
  const severalJobs = hands.some((hand) => hand.run !== front.run);
  useRinging(hands, (hand) => `${whose(hand, true)}: ${format.phrase(hand.step.title)}`);

  const step = front.step;
  const part = run.plan.transfers[step.transfer ?? 0];
  const picture = part?.artwork == null ? undefined : `/api/artwork/${part.artwork}/preview`;
  const remaining = left(front);
  const over = remaining !== null && remaining <= 0;
  const anyOver = hands.some((hand) => hand.running && (left(hand) ?? 1) <= 0);
  const own = run.steps.filter((s) => (front.piece === null ? s.shared : !s.shared && s.pieces.includes(front.piece)));
  const next = own[front.number];
  const nextStep = run.plan.steps.find((s) => s.id === next?.step);

  // Whatever is pressed, the one that needs hands next comes to the front again.
  const pressed = async (what: Parameters<typeof press>[0]) => {
    wakeSound();
    const stored = await press(what);
    if (stored && what.type !== 'paused' && what.type !== 'peeked' && what.type !== 'checked') {
      onPick(undefined);
    }
    return stored;
  };
  const main = () => {
    if (busy || asking !== undefined || front.judging || front.held !== null) {
      return;
    }
    const { position } = front;
    if (front.questions.length > 0) {
      pressed({ position, type: 'checked' });
    } else if (front.timed && front.since === null) {
      pressed({ position, type: 'started' });
    } else if (front.since !== null && !front.running) {
      pressed({ position, type: 'resumed' });
    } else {
      pressed({ position, type: 'done' });
    }
  };
  const turn = (by: number) => {
    // In one session they turn within it; clocks of others are tapped.
    const mine = hands.filter((hand) => hand.run === front.run);
    const round = all || mine.length < 2 ? hands : mine;
    const at = round.findIndex((hand) => same(hand, front));
    onPick(round[(at + by + round.length) % round.length]);
  };
  const acts = benchActs({ run, front, hands, main, turn, ask: setAsking, press: pressed });
  const quietKeys = asking !== undefined || front.judging;
  useKeys((e) => {
    const act = e.repeat ? undefined : acts.find((one) => one.keys.includes(e.key.toLowerCase()));
    if (act === undefined || (quietKeys && !act.always)) {
      return false;
    }
    // Space on a button is that button's own.
    if (e.key === ' ' && e.target instanceof HTMLElement && e.target.closest('button, a, summary') !== null) {
      return false;
    }
    act.act();
    return true;
  });

  const close = () => setAsking(undefined);
  return (
    <main className="relative flex h-full flex-col">
      {helped && (
        <Suspense>
          <HelpPanel onClose={() => setHelped(false)} />
        </Suspense>
      )}
      <header
        className={`flex shrink-0 flex-wrap items-baseline gap-x-4 border-b border-ink px-6 py-3 text-lg ${anyOver ? 'bg-hotfill' : ''}`}
      >
        <b className="min-w-0 truncate">{run.name}</b>
        <span className="whitespace-nowrap text-soft">
          {inHandOf(front)}
          {run.plan.transfers.length > 1 && part !== undefined && ` · ${part.name}`}
        </span>
        {asking !== undefined && remaining !== null && (
          <b className={`text-2xl tabular-nums ${tone(front, over)}`}>
            {over && '+'}
            {clock(Math.abs(remaining))}
          </b>
        )}
        <span className="ml-auto whitespace-nowrap text-soft">
          step {front.number} of {front.of}
        </span>
        {rehearsed && <b className="text-face whitespace-nowrap">Rehearsal, clocks ten times as fast</b>}
        {!all && !rehearsed && (
          <Link to="/bench/all" className="link">
            All clocks
          </Link>
        )}
        <button type="button" className="link" aria-expanded={helped} onClick={() => setHelped(!helped)}>
          Help
        </button>
        <Link to={all ? '/bench' : `/jobs/${run.job}`} className="link">
          Leave
        </Link>
      </header>
      {unsent ? (
        <div className="px-6">
          <Notice tone="hot">
            <b>
              Wubbin does not answer.{' '}
              {waiting === 1 ? 'One entry is stored here' : `${waiting} entries are stored here`}, with the time of
              each, and sent until stored.
            </b>{' '}
            Clocks go on.{' '}
            <button type="button" className="key ml-2" onClick={sendAgain} disabled={busy}>
              Try now
            </button>
          </Notice>
        </div>
      ) : (
        trouble !== undefined && (
          <div className="px-6">
            <Notice tone="hot">
              <b>{trouble.message}</b>
            </Notice>
          </div>
        )
      )}
      {run.stale && (
        <div className="px-6">
          <Notice tone="wait">
            The job has been changed since this session began. The bench uses plan {run.plan.id}. That is the plan of
            your sheet.
          </Notice>
        </div>
      )}
      {asking === 'peek' && front.heats && front.since !== null ? (
        <Peek position={front.position} picture={picture} press={press} onClose={close} />
      ) : asking === 'again' && front.again !== null ? (
        <Again position={front.again} press={pressed} onClose={close} />
      ) : asking === 'skip' && !front.judging ? (
        <Skip position={front.position} title={format.phrase(step.title)} press={pressed} onClose={close} />
      ) : front.judging || (asking === 'wrong' && front.piece !== null) ? (
        <Judge
          key={`${front.run} ${front.position} ${front.judging ? front.piece : ''}`}
          names={run.names}
          among={front.judging ? [front.piece ?? 1] : front.together}
          pieces={front.pieces}
          position={front.position}
          picture={picture}
          press={pressed}
          busy={busy}
          onBack={front.judging ? undefined : close}
          onClose={close}
        />
      ) : (
        <>
          <div className="min-h-0 flex-1 overflow-auto lg:grid lg:grid-cols-[minmax(0,1fr)_min(50vw,32rem)] lg:overflow-hidden">
            <section
              aria-label="The step"
              // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls is scrolled by keyboard too
              tabIndex={0}
              className="flex min-h-0 flex-col px-7 pt-4 pb-3 lg:overflow-auto"
            >
              <h1 className="text-[clamp(1.8rem,3.6vw,3rem)] leading-[1.08] font-extrabold">
                {format.phrase(step.title)}
              </h1>
              {front.held !== null && (
                <Notice tone="hot">
                  <b>Not yet: heat is on for “{front.held}”.</b> Switch it off and let it get cold first. If you do this
                  outdoors or in another room, say so under “Working hours, people and room” on{' '}
                  <Link to="/day" className="link">
                    Day plan
                  </Link>
                  .
                </Notice>
              )}
              {front.questions.length > 0 ? (
                <>
                  <p className="mt-4 text-2xl text-soft">Before you start the heat:</p>
                  <ul className="mt-2 text-[clamp(1.4rem,2.6vw,1.9rem)] leading-snug font-semibold">
                    {front.questions.map((question) => (
                      <li key={question} className="border-t border-rule py-1.5">
                        <span aria-hidden className="mr-3 inline-block size-5 border-2 border-line align-middle" />
                        {question}
                      </li>
                    ))}
                  </ul>
                </>
              ) : (
                front.timed && (
                  <>
                    <p
                      role="timer"
                      aria-label={over ? 'time over' : 'time left'}
                      className={`mt-2 text-[clamp(5.5rem,15vw,11rem)] leading-none font-extrabold tracking-tight tabular-nums ${tone(front, over)}`}
                    >
                      {over && '+'}
                      {clock(Math.abs(remaining ?? front.seconds))}
                    </p>
                    <p className="mt-2 text-2xl text-soft">
                      {front.since !== null && !front.running ? (
                        <b className="text-wait">Paused. The clock goes on from here.</b>
                      ) : over ? (
                        <b className="text-hot">{step.kind === 'heat' ? 'Time is up. Lift.' : 'Time is up.'}</b>
                      ) : front.since === null ? (
                        `${format.duration(front.seconds)}, not started`
                      ) : (
                        `of ${format.duration(front.seconds)}`
                      )}
                    </p>
                  </>
                )
              )}
              <p className="mt-4 max-w-[44rem] border-l-6 border-ink pl-4 text-[clamp(1.3rem,2.2vw,1.7rem)] leading-snug">
                {format.phrase(step.cue)}
              </p>
              <p className="mt-auto pt-6 text-xl text-soft">
                Then: {nextStep === undefined ? 'nothing more' : format.phrase(nextStep.title)}
                {next?.timed && ` ${format.duration(next.seconds)}.`}
              </p>
            </section>
            <BenchSide run={run} front={front} hands={hands} own={own} severalJobs={severalJobs} onPick={onPick} />
          </div>
          <BenchKeys acts={acts} busy={busy} held={front.held !== null} word={keyWord(front, over)} onMain={main} />
        </>
      )}
    </main>
  );
}
