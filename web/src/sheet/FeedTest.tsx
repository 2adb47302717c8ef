import { useState } from 'react';
import { api, done, got, problemOf, type Schemas, type Task } from '../api/client';
import { Notice } from '../parts/Notice';
import { LoadDrawing } from './LoadDrawing';

type Printer = Schemas['PrinterView'];
type Tray = Printer['trays'][number];

/** Four steps: draw, print, say what is seen, done. */
export function FeedTest({
  printer,
  tray,
  onDone,
  onMirrors,
}: {
  printer: Printer;
  tray: Tray;
  onDone: (printer: Printer) => void;
  onMirrors: () => void;
}) {
  const [side, setSide] = useState<'pencil' | 'other'>();
  const [corner, setCorner] = useState<{ far: boolean; left: boolean }>();
  const [reads, setReads] = useState<'right' | 'backwards'>();
  const [printing, setPrinting] = useState<Task>();
  const [shown, setShown] = useState<Schemas['PrintView']>();
  const [problem, setProblem] = useState<string>();

  async function simulate() {
    setProblem(undefined);
    try {
      setShown(
        await done<Schemas['PrintView']>(
          api.POST('/api/prints', {
            body: { marking: printer.id, tray: tray.id, device: 'simulated', lies: 'up', driver_mirrors: false },
          }),
          setPrinting,
        ),
      );
    } catch (e) {
      setProblem(problemOf(e).message);
    }
    setPrinting(undefined);
  }

  async function tell() {
    if (side === undefined || corner === undefined || reads === undefined) {
      return;
    }
    try {
      onDone(
        await got(
          api.POST('/api/printers/{id}/trays/{tray}/feed', {
            params: { path: { id: printer.id, tray: tray.id } },
            body: { on_pencil: side === 'pencil', ...corner, reads_right: reads === 'right' },
          }),
        ),
      );
    } catch (e) {
      setProblem(problemOf(e).message);
    }
  }

  const faces = shown?.pages[0]?.faces;
  return (
    <div className="mt-2 grid gap-5 bg-shade p-4 lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
      <ol className="list-decimal space-y-2 pl-5">
        <li>
          Take a sheet of plain paper. Draw a <b>pencil arrow</b> on it, along its length.
        </li>
        <li>
          Put it into {tray.label} with the <b>pencil up</b>, the arrow pointing to where the paper goes in.
        </li>
        <li>
          Print the test page at 100 %, “mirror” off in the driver:{' '}
          <a
            className="link"
            href={`/api/printers/${printer.id}/trays/${tray.id}/test.pdf`}
            target="_blank"
            rel="noreferrer"
          >
            test page (PDF)
          </a>{' '}
          or try it on the{' '}
          <button type="button" className="link" disabled={printing !== undefined} onClick={simulate}>
            simulated printer
          </button>
          {printing !== undefined && ` … ${printing.doing}`}
        </li>
        <li>
          Look at the <b>printed side</b>. Hold the end that went in first away from you. If you must turn the sheet,
          turn it like a page of a book.
        </li>
      </ol>
      {faces != null && (
        <div className="flex gap-4 text-sm">
          {(
            [
              ['print', 'The side that looked up'],
              ['back', 'The other side'],
            ] as const
          ).map(([face, label]) => (
            <figure key={face} className="w-36">
              <img src={faces[face]} alt={label} className="w-full border border-ink" />
              <figcaption className="text-soft">{label}. The end that went in first is at the top</figcaption>
            </figure>
          ))}
        </div>
      )}
      <div className="lg:col-span-2">
        <div className="flex flex-wrap gap-x-8 gap-y-3">
          <Choice
            legend="The print is on"
            name={`${tray.id}-side`}
            options={[
              ['pencil', 'the pencil’s side'],
              ['other', 'the other side'],
            ]}
            value={side}
            onChange={setSide}
          />
          <fieldset>
            <legend className="text-sm text-soft">Where is the X?</legend>
            <div className="relative mt-1 h-28 w-20 border border-ink bg-ground">
              <span className="absolute inset-x-0 -top-0.5 text-center text-xs text-soft">went in first ↑</span>
              {[true, false].flatMap((far) =>
                [true, false].map((left) => {
                  const on = corner?.far === far && corner.left === left;
                  return (
                    <button
                      key={`${far} ${left}`}
                      type="button"
                      aria-pressed={on}
                      aria-label={`${far ? 'far' : 'near'} ${left ? 'left' : 'right'}`}
                      className={`absolute size-7 border ${on ? 'border-ink bg-ink text-ground' : 'border-line'} ${far ? 'top-4' : 'bottom-1'} ${left ? 'left-1' : 'right-1'}`}
                      onClick={() => setCorner({ far, left })}
                    >
                      ×
                    </button>
                  );
                }),
              )}
            </div>
          </fieldset>
          <Choice
            legend="The words"
            name={`${tray.id}-reads`}
            options={[
              ['right', 'read right'],
              ['backwards', 'run backwards'],
            ]}
            value={reads}
            onChange={setReads}
          />
        </div>
        {reads === 'backwards' && (
          <p className="mt-2 text-wait">
            ◆ The driver mirrors. Switch “mirror” off in it. Or say above that this printer mirrors in its driver.{' '}
            {printer.mirrors === 'driver' && (
              <button type="button" className="link" onClick={onMirrors}>
                Let Wubbin mirror the file
              </button>
            )}
          </p>
        )}
        {problem !== undefined && <Notice tone="hot">{problem}</Notice>}
        <button
          type="button"
          className="key-main mt-3"
          disabled={side === undefined || corner === undefined || reads === undefined}
          onClick={tell}
        >
          Remember this for {tray.label}
        </button>
      </div>
      {tray.feed !== null && (
        <div className="w-56 lg:col-span-2">
          <p className="text-sm text-soft">What Wubbin knows now:</p>
          <LoadDrawing
            loading={{
              tray: tray.label,
              tray_id: tray.id,
              known: true,
              print_side: 'the side that takes the print',
              lies: tray.feed.prints,
              leads: tray.feed.leads,
              straight: tray.straight,
              stiff: false,
              bent: false,
              folded: false,
              words: `Print side ${tray.feed.prints}.`,
            }}
            page={{ width: 210, height: 297 }}
          />
        </div>
      )}
    </div>
  );
}

function Choice<T extends string>({
  legend,
  name,
  options,
  value,
  onChange,
}: {
  legend: string;
  name: string;
  options: [T, string][];
  value: T | undefined;
  onChange: (value: T) => void;
}) {
  return (
    <fieldset>
      <legend className="text-sm text-soft">{legend}</legend>
      {options.map(([id, label]) => (
        <label key={id} className="flex items-center gap-2 py-1">
          <input
            type="radio"
            name={name}
            className="size-4 accent-ink"
            checked={value === id}
            onChange={() => onChange(id)}
          />
          {label}
        </label>
      ))}
    </fieldset>
  );
}
