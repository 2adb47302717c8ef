import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, got, type ProblemError, problemOf, type Schemas, type Task } from '../api/client';
import { keys, server } from '../api/queries';
import { SelectField } from '../measure/Field';
import { Notice, Waiting } from '../parts/Notice';

type Made = Schemas['MadeSheet'];
type Group = Made['groups'][number];

/** How often the queue looks whether something came out, in ms. */
const LOOK_AGAIN = 600;

/** Sheets that were made, printers to put them through, and what came out. */
export function QueuePage() {
  const queries = useQueryClient();
  const sheets = useQuery(server.sheets());
  const printers = useQuery(server.printers());
  const devices = useQuery(server.devices());
  const queue = useQuery({
    ...server.prints(),
    refetchInterval: (query) =>
      query.state.data?.some((task) => task.state === 'waiting' || task.state === 'running') === true
        ? LOOK_AGAIN
        : false,
  });
  const [chosen, setChosen] = useState<{ sheet: Made; group: Group }>();
  const error = sheets.error ?? printers.error ?? devices.error ?? queue.error;
  if (!sheets.data || !printers.data || !devices.data || !queue.data) {
    return <Waiting error={error} />;
  }
  return (
    <div className="grid min-h-full lg:h-full lg:grid-cols-[24rem_minmax(0,1fr)]">
      <section aria-label="What is printed" className="overflow-auto border-rule px-5 py-4 lg:border-r">
        <h1 className="mt-2 text-2xl">Print any sheet</h1>
        {sheets.data.length === 0 ? (
          <p className="mt-4">
            No sheet was made yet. Make one on a job’s page, or{' '}
            <Link to="/sheets" className="link">
              make a layout for several jobs
            </Link>
            .
          </p>
        ) : (
          <ul className="mt-2">
            {sheets.data.flatMap((sheet) =>
              sheet.groups.map((group) => {
                const on = chosen?.sheet.id === sheet.id && chosen.group.pages[0] === group.pages[0];
                return (
                  <li key={`${sheet.id} ${group.pages[0]}`} className="border-t border-rule py-1.5">
                    <button
                      type="button"
                      aria-expanded={on}
                      className="flex w-full items-baseline gap-2 text-left"
                      onClick={() => setChosen(on ? undefined : { sheet, group })}
                    >
                      <span className={`min-w-0 flex-1 ${on ? 'font-bold' : ''}`}>{group.label}</span>
                      <span className="text-sm whitespace-nowrap text-soft">
                        {group.pages.length === 1 ? '1 page' : `${group.pages.length} pages`}
                      </span>
                    </button>
                    {on && (
                      <PrintForm
                        key={sheet.id}
                        sheet={sheet}
                        group={group}
                        printers={printers.data}
                        devices={devices.data}
                        onPrinted={() => queries.invalidateQueries({ queryKey: keys.prints })}
                      />
                    )}
                  </li>
                );
              }),
            )}
          </ul>
        )}
      </section>
      <section
        aria-label="What came out"
        // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be reached by the keyboard
        tabIndex={0}
        className="overflow-auto px-5 py-4"
      >
        {queue.data.length === 0 ? (
          <p className="mx-auto mt-28 max-w-sm text-center text-soft">
            Choose a sheet, say how it lies in the tray, and print. The simulated printer shows both sides first, and
            uses no paper.
          </p>
        ) : (
          <ol>
            {queue.data.map((task) => (
              <Printed
                key={task.id}
                task={task}
                onChange={() => queries.invalidateQueries({ queryKey: keys.prints })}
              />
            ))}
          </ol>
        )}
      </section>
    </div>
  );
}

function PrintForm({
  sheet,
  group,
  printers,
  devices,
  onPrinted,
}: {
  sheet: Made;
  group: Group;
  printers: Schemas['PrinterView'][];
  devices: { id: string; label: string }[];
  onPrinted: () => void;
}) {
  const [marking, setMarking] = useState(
    printers.some((one) => one.id === group.marking) ? group.marking : (printers[0]?.id ?? ''),
  );
  const printer = printers.find((one) => one.id === marking);
  const [tray, setTray] = useState(printer?.trays[0]?.id ?? '');
  const at = printer?.trays.find((one) => one.id === tray) ?? printer?.trays[0];
  const [device, setDevice] = useState('simulated');
  const [lies, setLies] = useState<'up' | 'down'>(at?.feed?.prints ?? 'up');
  const [fold, setFold] = useState(true);
  const [mirrors, setMirrors] = useState(group.in_driver);
  const [problem, setProblem] = useState<ProblemError>();
  if (printer === undefined || at === undefined) {
    return (
      <p className="text-wait">
        ◆ No printer is on the shelf.{' '}
        <Link to="/shelf" className="link">
          Go to the shelf
        </Link>
      </p>
    );
  }

  async function print() {
    setProblem(undefined);
    try {
      await got(
        api.POST('/api/prints', {
          body: {
            sheet: sheet.id,
            pages: group.pages,
            marking,
            tray: at?.id ?? '',
            device,
            lies,
            fold_first: fold,
            driver_mirrors: mirrors,
          },
        }),
      );
      onPrinted();
    } catch (e) {
      setProblem(problemOf(e));
    }
  }

  return (
    <div className="mt-2 grid gap-2 bg-shade p-3">
      <p className="text-sm">
        <a className="link" href={sheet.url} target="_blank" rel="noreferrer">
          Open the PDF
        </a>{' '}
        · {group.mirrored ? 'must come out mirrored' : 'comes out not mirrored'}
        {group.in_driver && ', by the driver'}
      </p>
      <SelectField
        label="Printer"
        options={printers}
        value={marking}
        onChange={(e) => {
          setMarking(e.target.value);
          const next = printers.find((one) => one.id === e.target.value)?.trays[0];
          setTray(next?.id ?? '');
          setLies(next?.feed?.prints ?? 'up');
        }}
      />
      <SelectField
        label="Tray"
        options={printer.trays}
        value={at.id}
        onChange={(e) => {
          setTray(e.target.value);
          setLies(printer.trays.find((one) => one.id === e.target.value)?.feed?.prints ?? 'up');
        }}
        hint={
          at.feed === null ? (
            <>
              Not tried yet, so this is a guess.{' '}
              <Link to="/printers" className="link">
                Feed test
              </Link>
            </>
          ) : (
            `This tray prints on the side that looks ${at.feed.prints}.`
          )
        }
      />
      <SelectField
        label="The print side looks"
        options={[
          { id: 'up', label: 'up' },
          { id: 'down', label: 'down' },
        ]}
        value={lies}
        onChange={(e) => setLies(e.target.value as 'up' | 'down')}
      />
      <SelectField
        label="“Mirror” in the driver"
        options={[
          { id: 'off', label: 'off' },
          { id: 'on', label: 'on' },
        ]}
        value={mirrors ? 'on' : 'off'}
        onChange={(e) => setMirrors(e.target.value === 'on')}
      />
      {mirrors !== group.in_driver && (
        <p className="text-sm text-wait">
          ◆ {group.in_driver ? 'For this sheet the driver must mirror.' : 'For this sheet the driver must not mirror.'}
        </p>
      )}
      {group.fold_leads && (
        <label className="flex items-center gap-2 text-sm">
          <input
            type="checkbox"
            className="size-4 accent-ink"
            checked={fold}
            onChange={(e) => setFold(e.target.checked)}
          />
          The carrier’s folded edge goes in first
        </label>
      )}
      <SelectField label="Print on" options={devices} value={device} onChange={(e) => setDevice(e.target.value)} />
      {problem !== undefined && <Notice tone="hot">{problem.message}</Notice>}
      <button type="button" className="key-main" onClick={print}>
        {device === 'simulated' ? 'See what would come out' : 'Print'}
      </button>
    </div>
  );
}

function Printed({ task, onChange }: { task: Task; onChange: () => void }) {
  if (task.state === 'waiting' || task.state === 'running') {
    return (
      <li className="border-t border-rule py-3">
        <p aria-live="polite">{task.doing} …</p>
        <progress className="w-64 accent-ink" value={task.share} max={1} aria-label="How far it has come" />
        <button
          type="button"
          className="key ml-3"
          onClick={() => api.DELETE('/api/tasks/{id}', { params: { path: { id: task.id } } }).then(onChange)}
        >
          Cancel
        </button>
      </li>
    );
  }
  if (task.state !== 'done') {
    const problem = (task.result ?? {}) as Partial<Schemas['Problem']>;
    return (
      <li className="border-t border-rule py-3">
        <p className={task.state === 'failed' ? 'font-semibold text-hot' : 'text-soft'}>
          {task.state === 'failed' ? `✕ ${problem.title ?? 'It could not be printed.'}` : 'Cancelled.'}
        </p>
      </li>
    );
  }
  const print = task.result as unknown as Schemas['PrintView'];
  return (
    <li className="border-t border-rule py-3">
      <p>
        <b>{print.title}</b> <span className="text-soft">· {print.device}</span>
      </p>
      {print.faults.length === 0 ? (
        <p className="text-done">✓ {print.simulated ? 'Right side, right way round.' : 'Sent to the printer.'}</p>
      ) : (
        print.faults.map((fault) => (
          <p key={fault.id} className="text-hot">
            ✕ <b>{fault.message}</b> <span className="text-ink">{fault.mend}</span>
          </p>
        ))
      )}
      <ul className="mt-2 flex flex-wrap gap-5">
        {print.pages.map(
          (page) =>
            page.faces !== null && (
              <li key={page.page} className="flex gap-2">
                {(
                  [
                    ['print', 'Print side'],
                    ['back', 'Back'],
                  ] as const
                ).map(([face, label]) => (
                  <figure key={face} className="w-44">
                    <img
                      src={page.faces?.[face]}
                      alt={`${label}, page ${page.page}`}
                      loading="lazy"
                      className="w-full border border-ink bg-white"
                    />
                    <figcaption className="text-sm text-soft">{label}</figcaption>
                  </figure>
                ))}
              </li>
            ),
        )}
      </ul>
    </li>
  );
}
