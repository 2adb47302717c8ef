import { useEffect, useRef, useState } from 'react';
import { Link, useParams } from 'react-router';
import type { RunView, Step } from '../api/client';
import { isTyping } from '../app/Keys';
import { Notice, Waiting } from '../app/Notice';
import { DeviceReadings } from '../heat/Device';
import { clock } from '../measure/format';
import { useFormat } from '../measure/settings';
import { IronPlaces } from '../stack/StackSection';
import { beep, wakeSound } from './beep';
import { Judge } from './Judge';
import { useRemaining, useRun } from './useRun';

/** What the big key says: what the hands do next. Where nothing is said the word is plain. */
const DONE: Partial<Record<Step['kind'], string>> = { print: 'Printed', off: 'It is off', coat: 'Coated' };
const START: Partial<Record<Step['kind'], string>> = {
  heat: 'Heat on, start',
  tack: 'Down, start',
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

function keyWord(step: Step, timed: boolean, started: boolean, over: boolean): string {
  if (!timed) {
    return DONE[step.kind] ?? 'Done';
  }
  return started ? (STOP[step.kind]?.[over ? 1 : 0] ?? 'Done') : (START[step.kind] ?? 'Start');
}

export function BenchPage() {
  const { id = '' } = useParams();
  const bench = useRun(id);
  if (bench.run === undefined) {
    return <Waiting error={bench.error} />;
  }
  return <Bench run={bench.run} bench={bench} />;
}

function Bench({ run, bench }: { run: RunView; bench: ReturnType<typeof useRun> }) {
  const format = useFormat();
  const { press, serverNow, busy, trouble, unsent, again } = bench;
  const at = run.steps[run.position];
  const step = run.plan.steps.find((s) => s.id === at?.step);
  // The plan of the picture that the step is for.
  const part = run.plan.transfers[step?.transfer ?? 0];
  const several = run.plan.transfers.length > 1;
  const next = run.steps[run.position + 1];
  const nextStep = run.plan.steps.find((s) => s.id === next?.step);
  const remaining = useRemaining(run.started, at?.seconds ?? 0, serverNow);
  const over = remaining !== null && remaining <= 0;
  const rang = useRef<string>(undefined);

  useEffect(() => {
    if (over && run.started !== null && rang.current !== run.started) {
      rang.current = run.started;
      // A page that is opened long after the end need not ring for it.
      if (remaining > -3) {
        beep();
      }
    }
  }, [over, remaining, run.started]);

  const main = () => {
    if (at === undefined || run.judging !== null || wrong === run.position || run.finished) {
      return;
    }
    wakeSound();
    press({ position: run.position, type: at.timed && run.started === null ? 'started' : 'done' });
  };
  const here = useRef<number | undefined>(undefined);
  here.current = at?.piece === null ? undefined : run.position;
  const act = useRef(main);
  act.current = main;
  const [wrong, setWrong] = useState<number>();

  useEffect(() => {
    const listen = (e: KeyboardEvent) => {
      if (isTyping(e.target) || e.repeat) {
        return;
      }
      if (e.key === ' ' && !(e.target instanceof HTMLElement && e.target.closest('button, a, summary') !== null)) {
        e.preventDefault();
        act.current();
      } else if (e.key.toLowerCase() === 'w') {
        setWrong(here.current);
      }
    };
    addEventListener('keydown', listen);
    return () => removeEventListener('keydown', listen);
  }, []);

  const where = at?.piece === null || at === undefined ? 'all pieces together' : `piece ${at.piece} of ${run.pieces}`;
  const judged = Object.keys(run.outcomes).length;
  const own = run.steps.filter((s) => s.piece === at?.piece);
  const stepNumber = at === undefined ? 0 : own.indexOf(at) + 1;

  return (
    <main className="flex h-full flex-col">
      <header className="flex shrink-0 items-baseline gap-4 border-b border-ink px-6 py-3 text-lg">
        <b className="min-w-0 truncate">{run.name}</b>
        {!run.finished && (
          <span className="whitespace-nowrap text-soft">
            {where}
            {several && part !== undefined && ` · ${part.name}`}
          </span>
        )}
        <span className="ml-auto whitespace-nowrap text-soft">
          {!run.finished && `step ${stepNumber} of ${own.length}`}
        </span>
        <Link to={`/jobs/${run.job}`} className="link">
          Leave
        </Link>
      </header>
      {trouble !== undefined && (
        <div className="px-6">
          <Notice tone="hot">
            <b>{trouble.message}</b>{' '}
            {unsent && (
              <button type="button" className="key ml-2" onClick={again} disabled={busy}>
                Send that press again
              </button>
            )}
          </Notice>
        </div>
      )}
      {run.stale && !run.finished && (
        <div className="px-6">
          <Notice tone="wait">
            The job has been changed since this session began. The bench goes by plan {run.plan.id}, as it stands on the
            sheet.
          </Notice>
        </div>
      )}
      {run.finished || step === undefined || at === undefined ? (
        <div className="px-6 py-10">
          <h1 className="text-5xl">All done.</h1>
          <p className="mt-4 text-2xl">
            {judged === 1 ? 'One piece is' : `${judged} pieces are`} in the{' '}
            <Link to="/logbook" className="link">
              logbook
            </Link>
            .
          </p>
        </div>
      ) : run.judging !== null || (wrong === run.position && at.piece !== null) ? (
        <Judge
          key={run.position}
          piece={at.piece ?? 1}
          pieces={run.pieces}
          position={run.position}
          press={press}
          busy={busy}
          onBack={run.judging === null ? () => setWrong(undefined) : undefined}
        />
      ) : (
        <>
          <div className="grid min-h-0 flex-1 md:grid-cols-[minmax(0,1fr)_19.5rem]">
            <div className="flex min-h-0 flex-col overflow-auto px-7 pt-6 pb-4">
              <h1 className="text-[clamp(2rem,4.4vw,3.25rem)] leading-[1.08] font-extrabold">
                {format.phrase(step.title)}
              </h1>
              {at.timed && (
                <>
                  <p
                    role="timer"
                    aria-label={over ? 'past zero' : 'time left'}
                    className={`mt-2 text-[clamp(6rem,19vw,12.5rem)] leading-none font-extrabold tracking-tight ${
                      over
                        ? 'text-hot'
                        : ['heat', 'prepress', 'tack', 'fuse'].includes(step.kind)
                          ? 'text-hot'
                          : step.kind === 'cool'
                            ? 'text-cold'
                            : 'text-wait'
                    }`}
                  >
                    {over && '+'}
                    {clock(remaining ?? at.seconds)}
                  </p>
                  <p className="mt-2 text-2xl text-soft">
                    {over ? (
                      <b className="text-hot">{step.kind === 'heat' ? 'Time is up: lift.' : 'Time is up.'}</b>
                    ) : run.started === null ? (
                      `${format.duration(at.seconds)}, not started`
                    ) : (
                      `of ${format.duration(at.seconds)}`
                    )}
                  </p>
                </>
              )}
              <p className="mt-6 max-w-[44rem] border-l-6 border-ink pl-4 text-[clamp(1.35rem,2.4vw,1.7rem)] leading-snug">
                {format.phrase(step.cue)}
              </p>
              <p className="mt-auto pt-6 text-xl text-soft">
                Then: {nextStep === undefined ? 'all done.' : format.phrase(nextStep.title)}
                {next?.timed && ` ${format.duration(next.seconds)}.`}
              </p>
            </div>
            <aside className="overflow-auto border-rule px-5 py-4 max-md:border-t md:border-l">
              <DeviceReadings />
              {step.cautions.map((caution) => (
                <p key={caution} className="mb-2 font-semibold text-hot">
                  {caution}
                </p>
              ))}
              {(step.kind === 'heat' || step.kind === 'prepress' || step.kind === 'place' || step.kind === 'ready') &&
                part !== undefined &&
                part.coverage !== null && (
                  <>
                    <h2 className="text-lg">Where the plate goes</h2>
                    <IronPlaces plan={part} current={step.kind === 'heat' ? (step.area ?? 99) : undefined} />
                  </>
                )}
              {(step.kind === 'print' ||
                step.kind === 'look' ||
                step.kind === 'cut' ||
                step.kind === 'peel' ||
                step.kind === 'compare') &&
                part !== undefined &&
                part.artwork !== null && (
                  <>
                    <h2 className="text-lg">
                      {step.kind === 'peel' || step.kind === 'compare'
                        ? 'How it should look'
                        : 'How it should look on the sheet'}
                    </h2>
                    <img
                      src={`/api/artwork/${part.artwork}/preview`}
                      alt={
                        part.stack.mirrored && step.kind !== 'peel' && step.kind !== 'compare'
                          ? 'The picture, mirrored'
                          : 'The picture'
                      }
                      className={`mt-2 max-h-64 max-w-full bg-white p-2 ${part.stack.mirrored && step.kind !== 'peel' && step.kind !== 'compare' ? '-scale-x-100' : ''}`}
                    />
                  </>
                )}
              <ol className="mt-4 text-base">
                {own.map((s) => {
                  const title = run.plan.steps.find((p) => p.id === s.step)?.title;
                  const position = run.steps.indexOf(s);
                  return (
                    <li
                      key={s.step}
                      aria-current={position === run.position ? 'step' : undefined}
                      className={`border-t border-rule py-1 ${position === run.position ? 'font-bold' : 'text-soft'}`}
                    >
                      {position < run.position ? '✓ ' : position === run.position ? '▸ ' : ''}
                      {title !== undefined && format.phrase(title)}
                    </li>
                  );
                })}
              </ol>
            </aside>
          </div>
          <footer className="grid shrink-0 grid-cols-[1fr_12rem] border-t border-ink">
            <button
              type="button"
              disabled={busy}
              onClick={main}
              className="min-h-28 bg-ink px-4 text-4xl font-extrabold text-ground focus-visible:-outline-offset-8"
            >
              {keyWord(step, at.timed, run.started !== null, over)}
              <span className="block text-base font-normal">Space</span>
            </button>
            {at.piece === null ? (
              <span />
            ) : (
              <button type="button" className="text-xl font-bold hover:bg-shade" onClick={() => setWrong(run.position)}>
                It went wrong <span className="block text-base font-normal text-soft">W</span>
              </button>
            )}
          </footer>
        </>
      )}
    </main>
  );
}
