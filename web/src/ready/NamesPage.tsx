import { useQuery, useQueryClient } from '@tanstack/react-query';
import { FileUp } from 'lucide-react';
import { useId, useState } from 'react';
import { Link, useParams } from 'react-router';
import { api, done, fileBody, got, type Part, partOf, problemOf, type Schemas, type Task } from '../api/client';
import { keys, server } from '../api/queries';
import { onCloth } from '../blank/onCloth';
import { PictureOn } from '../blank/PictureOn';
import { type JobHandle, useJob } from '../job/useJob';
import { useFormat } from '../measure/settings';
import { Notice, Waiting } from '../parts/Notice';
import { TakeBack } from '../parts/TakeBack';
import { scaleLabel, useSize } from '../parts/useSize';
import { PieceDrawing } from '../plan/PieceDrawing';

type Name = Schemas['NameView'];

/** The list of what each piece of a job has for itself, and how each comes out. */
export function NamesPage() {
  const { id = '' } = useParams();
  const handle = useJob(id);
  const names = useQuery(server.names(id));
  if (handle.view === undefined || names.data === undefined) {
    return <Waiting error={handle.error ?? names.error} />;
  }
  const part = partOf(handle.view, names.data.transfer ?? 0);
  return <List key={names.data.typed} part={part} handle={handle} names={names.data} />;
}

function List({ part, handle, names }: { part: Part; handle: JobHandle; names: Schemas['NamesView'] }) {
  const { job } = part;
  const queries = useQueryClient();
  const [typed, setTyped] = useState(names.typed);
  const [error, setError] = useState<string>();
  const [trouble, setTrouble] = useState<string>();
  const [busy, setBusy] = useState(false);
  const [making, setMaking] = useState<Task>();
  const [shown, setShown] = useState(names.names[0]?.number);
  const [again, setAgain] = useState<number[]>([]);
  const id = useId();
  const one = names.names.find((name) => name.number === shown && name.path !== '');
  const wrong = names.names.filter((name) => troubleOf(name) !== undefined).length;

  async function keep() {
    setBusy(true);
    const errors = await handle.change({ series: typed });
    setError(errors.series ?? errors.quantity);
    await queries.invalidateQueries({ queryKey: keys.names(job.id) });
    setBusy(false);
  }

  async function read(file: File | undefined) {
    if (file === undefined) {
      return;
    }
    setTrouble(undefined);
    try {
      setTyped((await got(api.POST('/api/names/read', fileBody(file)))).typed);
      setError(undefined);
    } catch (e) {
      setTrouble(problemOf(e).message);
    }
  }

  async function printAgain() {
    setTrouble(undefined);
    const page = window.open('', '_blank');
    try {
      const sheet = await done<Schemas['SheetView']>(
        api.POST('/api/jobs/{id}/sheet/some', {
          params: { path: { id: job.id } },
          body: { pieces: again.length, names: again },
        }),
        setMaking,
      );
      page === null ? location.assign(sheet.url) : page.location.assign(sheet.url);
      setAgain([]);
    } catch (e) {
      page?.close();
      setTrouble(problemOf(e).message);
    }
    setMaking(undefined);
  }

  return (
    <div className="grid min-h-full lg:h-full lg:grid-cols-[24.5rem_minmax(0,1fr)]">
      <section aria-label="The list" className="overflow-auto border-rule px-5 pt-4 pb-4 lg:border-r">
        <p className="text-sm">
          <Link to={`/jobs/${job.id}`} className="link">
            {job.name}
          </Link>
        </p>
        <h1 className="text-2xl">A name on every piece</h1>
        <p className="mb-2 text-soft">
          Write a line for each piece. Size, colour and a picture of its own may follow: Rowan; M; navy; rose.png. A
          line Row {'{1–40}'} makes forty.
        </p>
        <label htmlFor={id} className="mb-0.5 block text-sm text-soft">
          Names
        </label>
        <textarea
          id={id}
          className="field min-h-72 w-full font-mono text-[15px]"
          value={typed}
          aria-invalid={error !== undefined}
          aria-describedby={`${id}-more`}
          onChange={(e) => setTyped(e.target.value)}
        />
        <div id={`${id}-more`}>
          {error !== undefined && (
            <p role="alert" className="mt-1 text-sm font-semibold text-hot">
              {error}
            </p>
          )}
        </div>
        <p className="mt-2 flex flex-wrap gap-2">
          <button type="button" className="key-main" disabled={busy || typed === names.typed} onClick={keep}>
            {busy ? 'Keeping the list …' : 'Keep the list'}
          </button>
          <label className="key focus-within:outline-3 focus-within:outline-face">
            <FileUp size={16} aria-hidden />
            From a table
            <input
              type="file"
              className="sr-only"
              accept=".csv,.tsv,.txt,.xlsx,.ods"
              onChange={(e) => {
                read(e.target.files?.[0]);
                e.target.value = '';
              }}
            />
          </label>
        </p>
        {trouble !== undefined && <Notice tone="hot">{trouble}</Notice>}
        {!names.room && (
          <Notice tone="wait">
            No picture has room for names yet.{' '}
            <Link to={`/jobs/${job.id}/ready`} className="link">
              Put room for them on a picture
            </Link>
          </Notice>
        )}
        <div className="mt-3 text-sm">
          <TakeBack of={`job ${job.id}`} />
        </div>
      </section>
      <section
        aria-label="How they come out"
        className="grid min-h-0 grid-rows-[auto_minmax(16rem,1fr)_auto] px-5 pt-3"
      >
        <p className="text-soft">
          {names.names.length === 0 ? 'No names yet.' : `${names.names.length} pieces. `}
          {wrong > 0 && <b className="text-wait">◆ Look at {wrong === 1 ? '1 of them' : `${wrong} of them`} first.</b>}
        </p>
        <div className="grid min-h-0 gap-4 md:grid-cols-2">
          <ol className="overflow-auto border-t border-rule" aria-label="Names">
            {names.names.map((name) => (
              <NameRow
                key={name.number}
                name={name}
                shown={name.number === shown}
                again={again.includes(name.number)}
                onShow={() => setShown(name.number)}
                onAgain={(on) =>
                  setAgain((all) => (on ? [...all, name.number] : all.filter((number) => number !== name.number)))
                }
              />
            ))}
          </ol>
          <div className="grid min-h-0 grid-rows-[3fr_2fr] gap-3">
            <NamedPiece part={part} name={one} />
            <NamedPrint part={part} name={one} />
          </div>
        </div>
        <p className="flex min-h-14 flex-wrap items-center gap-3 border-t border-rule py-2">
          <button
            type="button"
            className="key"
            disabled={again.length === 0 || making !== undefined || !part.whole.printable}
            onClick={printAgain}
          >
            {making !== undefined
              ? `${making.doing}, ${Math.round(making.share * 100)} %`
              : again.length === 1
                ? 'Sheet for the one you ticked'
                : `Sheets for the ${again.length} you ticked`}
          </button>
          <span className="text-sm text-soft">Tick names to print them again by themselves.</span>
        </p>
      </section>
    </div>
  );
}

/** What is wrong with a name, in a word. */
function troubleOf(name: Name): string | undefined {
  return name.missing.length > 0
    ? `the typeface has no ${name.missing.join(' ')}`
    : name.too_long
      ? 'too long for its room'
      : name.legible
        ? undefined
        : 'too fine for this route';
}

function NameRow({
  name,
  shown,
  again,
  onShow,
  onAgain,
}: {
  name: Name;
  shown: boolean;
  again: boolean;
  onShow: () => void;
  onAgain: (on: boolean) => void;
}) {
  const format = useFormat();
  const wrong = troubleOf(name);
  return (
    <li className={`flex items-center gap-2 border-b border-rule ${shown ? 'bg-shade' : ''}`}>
      <input
        type="checkbox"
        className="m-2 size-5 accent-ink"
        aria-label={`Print ${name.label} again`}
        checked={again}
        onChange={(e) => onAgain(e.target.checked)}
      />
      <button type="button" className="min-h-11 flex-1 py-1 text-left" onClick={onShow}>
        <span className="font-semibold">
          {name.number}. {name.label}
        </span>
        <span className={`block text-sm ${wrong === undefined ? 'text-soft' : 'text-wait'}`}>
          {wrong === undefined ? '' : `◆ ${wrong}. `}
          {name.capital_mm !== null && `Capitals ${format.length(name.capital_mm)}`}
          {name.lines.length > 1 && `, ${name.lines.length} lines`}
          {name.state === 'made' && <b className="text-done"> ✓ made or at the bench</b>}
        </span>
      </button>
    </li>
  );
}

/** The piece to scale with one name on it. */
function NamedPiece({ part, name }: { part: Part; name: Name | undefined }) {
  const { ref, width, height } = useSize<HTMLDivElement>();
  const cloth = useId();
  const { placed, blank } = part.plan;
  const points = blank.drawing.flatMap((line) => line.points);
  const [xs, ys] = [points.map((p) => p[0] ?? 0), points.map((p) => p[1] ?? 0)];
  const [left, top] = [Math.min(...xs), Math.min(...ys)];
  const [wide, high] = [Math.max(...xs) - left, Math.max(...ys) - top];
  const scale = Math.max(0.05, Math.min((width - 20) / wide, (height - 40) / high));
  const x = (mm: number) => width / 2 + (mm - left - wide / 2) * scale;
  const y = (mm: number) => 22 + (mm - top) * scale;
  return (
    <div ref={ref} className="relative min-h-64">
      <span className="absolute top-0 right-0 text-sm text-soft">{width > 0 && scaleLabel(scale)}</span>
      {width > 0 && placed !== null && (
        <svg
          width={width}
          height={height}
          className="absolute inset-0"
          role="img"
          aria-label={name === undefined ? 'The piece' : `The piece of ${name.label}`}
        >
          <PieceDrawing view={part} x={x} y={y} scale={scale} cloth={cloth}>
            {null}
          </PieceDrawing>
          <g style={onCloth(part.job.blank.colour)}>
            <PictureOn
              bent={null}
              apex={null}
              rect={placed}
              down={0}
              sha256={part.artwork?.sha256}
              edge="stroke-transparent"
              x={x}
              y={y}
              scale={scale}
            />
            {name !== undefined && (
              <path d={name.path} fill={name.colour} transform={`translate(${x(0)} ${y(0)}) scale(${scale})`} />
            )}
          </g>
        </svg>
      )}
    </div>
  );
}

/** The print alone, as large as there is room for it: what is small on the piece can be read here. */
function NamedPrint({ part, name }: { part: Part; name: Name | undefined }) {
  const { placed } = part.plan;
  if (placed === null || part.artwork === null) {
    return null;
  }
  const { x_mm: x, y_mm: y, width_mm: wide, height_mm: high } = placed;
  return (
    <svg
      viewBox={`${x - 1} ${y - 1} ${wide + 2} ${high + 2}`}
      className="size-full min-h-40"
      role="img"
      aria-label={name === undefined ? 'The print' : `The print of ${name.label}`}
    >
      <rect
        x={x}
        y={y}
        width={wide}
        height={high}
        fill={part.job.blank.colour}
        className="stroke-rule"
        strokeWidth={0.3}
      />
      <g style={onCloth(part.job.blank.colour)}>
        <image
          href={`/api/artwork/${part.artwork.sha256}/preview`}
          x={x}
          y={y}
          width={wide}
          height={high}
          preserveAspectRatio="none"
        />
        {name !== undefined && <path d={name.path} fill={name.colour} />}
      </g>
    </svg>
  );
}
