import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, got, type ProblemError, problemOf, type Schemas } from '../api/client';
import { keys, server } from '../api/queries';
import { SelectField, TextField } from '../measure/Field';
import { Notice, Waiting } from '../parts/Notice';
import { ColourProfile } from './ColourProfile';
import { FeedTest } from './FeedTest';

type Printer = Schemas['PrinterView'];
type Tray = Printer['trays'][number];

/** Printers of the shelf: their trays, which way sheets go in, and where they mirror. */
export function PrintersPage() {
  const queries = useQueryClient();
  const printers = useQuery(server.printers());
  const [testing, setTesting] = useState<{ printer: Printer; tray: Tray }>();
  const [problem, setProblem] = useState<ProblemError>();
  if (printers.data === undefined) {
    return <Waiting error={printers.error} />;
  }

  const put = (printer: Printer) => {
    queries.setQueryData<Printer[]>(keys.printers, (all) => all?.map((one) => (one.id === printer.id ? printer : one)));
    queries.removeQueries({ queryKey: keys.anyJob });
  };

  async function change(printer: Printer, to: Partial<Pick<Printer, 'mirrors' | 'largest' | 'trays'>>) {
    setProblem(undefined);
    const { mirrors, largest, trays } = { ...printer, ...to };
    try {
      put(
        await got(
          api.PUT('/api/printers/{id}', {
            params: { path: { id: printer.id } },
            body: { mirrors, largest, trays: trays.map(({ id, label, straight }) => ({ id, label, straight })) },
          }),
        ),
      );
    } catch (e) {
      setProblem(problemOf(e));
    }
  }

  return (
    <div className="mx-auto max-w-5xl px-5 py-4">
      <h1 className="mt-2 text-2xl">Printers and trays</h1>
      <p className="text-soft">
        A feed test shows which side a tray prints on, and which edge goes in first. It takes one sheet of plain paper.
      </p>
      {problem !== undefined && <Notice tone="hot">{problem.message}</Notice>}
      {printers.data.length === 0 && (
        <p className="mt-6 text-lg">
          No printer is on the shelf yet.{' '}
          <Link to="/shelf" className="link">
            Go to the shelf
          </Link>
        </p>
      )}
      {printers.data.map((printer) => (
        <section key={printer.id} aria-label={printer.label} className="mt-4 border-t border-ink pt-3">
          <div className="flex flex-wrap items-end gap-x-5 gap-y-2">
            <h2 className="w-56 text-xl">{printer.label}</h2>
            <div className="w-52">
              <SelectField
                label="Sheets are mirrored by"
                options={[
                  { id: 'file', label: 'Wubbin’s file' },
                  { id: 'driver', label: 'the printer’s driver' },
                ]}
                value={printer.mirrors}
                onChange={(e) => change(printer, { mirrors: e.target.value as Printer['mirrors'] })}
              />
            </div>
            <div className="w-36">
              <SelectField
                label="Largest sheet"
                options={printer.sizes}
                value={printer.largest}
                onChange={(e) => change(printer, { largest: e.target.value })}
              />
            </div>
          </div>
          <ul className="mt-2">
            {printer.trays.map((tray) => (
              <li key={tray.id} className="border-t border-rule py-2">
                <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
                  <b className="w-40">{tray.label}</b>
                  <label className="flex items-center gap-2">
                    <input
                      type="checkbox"
                      className="size-4 accent-ink"
                      checked={tray.straight}
                      onChange={(e) =>
                        change(printer, {
                          trays: printer.trays.map((one) =>
                            one.id === tray.id ? { ...one, straight: e.target.checked } : one,
                          ),
                        })
                      }
                    />
                    straight path
                  </label>
                  <span className={tray.feed === null ? 'text-wait' : 'text-done'}>
                    {tray.feed === null ? '◆ not tried yet' : `✓ ${inWords(tray.feed)}`}
                  </span>
                  <span className="ml-auto flex gap-4">
                    <button
                      type="button"
                      className="link"
                      onClick={() => setTesting(testing?.tray.id === tray.id ? undefined : { printer, tray })}
                    >
                      {tray.feed === null ? 'Feed test' : 'Test again'}
                    </button>
                    {printer.trays.length > 1 && (
                      <button
                        type="button"
                        className="link"
                        onClick={() => change(printer, { trays: printer.trays.filter((one) => one.id !== tray.id) })}
                      >
                        Remove
                      </button>
                    )}
                  </span>
                </div>
                {testing?.printer.id === printer.id && testing.tray.id === tray.id && (
                  <FeedTest
                    printer={printer}
                    tray={tray}
                    onDone={(now) => {
                      put(now);
                      setTesting(undefined);
                    }}
                    onMirrors={() => change(printer, { mirrors: 'file' })}
                  />
                )}
              </li>
            ))}
          </ul>
          <ColourProfile printer={printer.id} />
          {printer.trays.length < 6 && (
            <NewTray
              onAdd={(label) =>
                change(printer, {
                  trays: [...printer.trays, { id: crypto.randomUUID(), label, straight: false, feed: null }],
                })
              }
            />
          )}
        </section>
      ))}
    </div>
  );
}

const inWords = (feed: NonNullable<Tray['feed']>) =>
  `print side ${feed.prints}, ${{ top: 'the page’s upper edge', right: 'its right edge', bottom: 'its lower edge', left: 'its left edge' }[feed.leads]} in first`;

function NewTray({ onAdd }: { onAdd: (label: string) => void }) {
  const [label, setLabel] = useState('');
  return (
    <form
      className="mt-1 flex items-end gap-3"
      onSubmit={(e) => {
        e.preventDefault();
        if (label.trim() !== '') {
          onAdd(label.trim());
          setLabel('');
        }
      }}
    >
      <div className="w-52">
        <TextField
          label="Another tray"
          placeholder="the slot at the back"
          value={label}
          onChange={(e) => setLabel(e.target.value)}
        />
      </div>
      <button type="submit" className="key">
        Add
      </button>
    </form>
  );
}
