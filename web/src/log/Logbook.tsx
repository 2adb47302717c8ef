import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { api, fileBody, got } from '../api/client';
import { keys, server } from '../api/queries';
import { useMoments } from '../measure/settings';
import { Waiting } from '../parts/Notice';
import { TableIn } from '../parts/TableIn';
import { OutcomeWord } from '../run/outcome';

const COLUMNS = [
  ['route', 'Route'],
  ['medium', 'Paper'],
  ['printer', 'Printer'],
  ['heat', 'Heat'],
  ['blank', 'Blank'],
] as const;

/** All pieces that were judged: searched, narrowed, compared, taken out as a table and in. */
export function Logbook() {
  const queries = useQueryClient();
  const [search, setSearch] = useSearchParams();
  const asked = Object.fromEntries(search);
  const after = Number(asked.after ?? 0);
  const log = useQuery({ ...server.logbook(search.toString(), asked, after), placeholderData: keepPreviousData });
  const catalogue = useQuery(server.catalogue());
  const [pair, setPair] = useState<number[]>([]);
  const moments = useMoments();
  const set = (name: string, value: string) =>
    setSearch((before) => {
      const next = new URLSearchParams(before);
      next.delete('after');
      if (value === '') {
        next.delete(name);
      } else {
        next.set(name, value);
      }
      if (name === 'after') {
        next.set('after', value);
      }
      return next;
    });
  if (log.data === undefined) {
    return <Waiting error={log.error} />;
  }
  const { entries, total, page, choices } = log.data;
  const narrowed = [...search.keys()].some((name) => name !== 'after');
  const routes = new Map(catalogue.data?.routes.map((route) => [route.id, route.label]));
  const words = (column: string, value: string) => (column === 'route' ? (routes.get(value) ?? value) : value);
  return (
    <div className="mx-auto max-w-6xl px-6 py-6">
      <div className="flex flex-wrap items-baseline gap-4">
        <h1 className="text-3xl">Logbook</h1>
        <Link to="/logbook/lessons" className="link">
          What past pieces teach
        </Link>
        <Link to="/doctor" className="link">
          Find the cause
        </Link>
        <Link to="/ladders" className="link">
          Test ladders
        </Link>
        <span className="ml-auto flex items-baseline gap-4">
          <a className="link" href={`/api/logbook.csv?${search}`} download>
            Table (CSV)
          </a>
          <TableIn
            label="Read a table"
            take={(file) => got(api.POST('/api/logbook/import', fileBody(file)))}
            onTaken={() => queries.invalidateQueries({ queryKey: keys.logbook })}
          />
        </span>
      </div>
      {total === 0 && !narrowed ? (
        <p className="mt-4 text-lg">
          There are no pieces yet. When you finish a piece at the bench, it comes here with its result.
        </p>
      ) : (
        <>
          <form className="mt-4 flex flex-wrap items-end gap-3" onSubmit={(e) => e.preventDefault()}>
            <label className="min-w-48 grow">
              <span className="block text-sm text-soft">Words</span>
              <input
                type="search"
                className="field"
                value={asked.words ?? ''}
                onChange={(e) => set('words', e.target.value)}
                placeholder="name, note or material"
              />
            </label>
            {COLUMNS.map(([column, label]) => (
              <Select
                key={column}
                label={label}
                value={asked[column] ?? ''}
                options={(choices[column] ?? []).map((value) => [value, words(column, value)])}
                onChange={(value) => set(column, value)}
              />
            ))}
            <Select
              label="Result"
              value={asked.outcome ?? ''}
              options={[
                ['good', 'good'],
                ['redo', 'do it again'],
                ['spoiled', 'spoiled'],
              ]}
              onChange={(value) => set('outcome', value)}
            />
            <Select
              label="Went wrong"
              value={asked.defect ?? ''}
              options={(catalogue.data?.defects ?? []).map((defect) => [defect.id, defect.label])}
              onChange={(value) => set('defect', value)}
            />
            {(['from', 'to'] as const).map((end) => (
              <label key={end}>
                <span className="block text-sm text-soft">{end === 'from' ? 'From' : 'To'}</span>
                <input
                  type="date"
                  className="field w-36"
                  value={asked[end] ?? ''}
                  onChange={(e) => set(end, e.target.value)}
                />
              </label>
            ))}
            {narrowed && (
              <button type="button" className="key" onClick={() => setSearch({})}>
                Show all
              </button>
            )}
          </form>
          {log.error !== null && (
            <p role="alert" className="mt-2 font-semibold text-hot">
              {log.error.message}
            </p>
          )}
          <p className="mt-3 text-soft">
            {total === 0 ? 'No piece matches.' : `${total} ${total === 1 ? 'piece' : 'pieces'}`}
            {pair.length === 1 && ' · choose a second one to compare'}
            {pair.length === 2 && (
              <>
                {' · '}
                <Link className="link font-bold" to={`/logbook/compare/${pair[0]}/${pair[1]}`}>
                  Compare the two
                </Link>
              </>
            )}
          </p>
          <ul className="mt-1 border-t border-ink">
            {entries.map((entry) => (
              <li key={entry.id} className="flex items-center gap-3 border-b border-rule">
                <input
                  type="checkbox"
                  className="size-5 shrink-0"
                  aria-label={`Compare ${entry.name}, piece ${entry.piece}`}
                  checked={pair.includes(entry.id)}
                  onChange={(e) =>
                    setPair(e.target.checked ? [...pair, entry.id].slice(-2) : pair.filter((id) => id !== entry.id))
                  }
                />
                <Link
                  to={`/logbook/${entry.id}`}
                  className="grid grow grid-cols-[8rem_7.5rem_1fr_auto] items-baseline gap-4 py-2 hover:bg-shade"
                >
                  <span className="text-soft">{moments.at(entry.at)}</span>
                  <OutcomeWord outcome={entry.outcome} />
                  <span className="min-w-0">
                    <b>
                      {entry.name}, piece {entry.piece}
                    </b>
                    {entry.defects.length > 0 && <span> · {entry.defects.join(', ')}</span>}
                    <span className="block text-sm text-soft">
                      {entry.note === '' ? `${entry.blank} · ${words('route', entry.route)}` : `“${entry.note}”`}
                      {entry.washes !== null &&
                        ` · washed ${entry.washes} times${entry.failed ? ', then it failed' : ', still good'}`}
                      {entry.ask_on != null && ` · ask how it lasts on ${moments.day(entry.ask_on)}`}
                    </span>
                  </span>
                  {entry.photo !== null ? <img src={`/api/photos/${entry.photo}`} alt="" className="h-12" /> : <span />}
                </Link>
              </li>
            ))}
          </ul>
          {total > page && (
            <p className="mt-3 flex gap-3">
              <button
                type="button"
                className="key"
                disabled={after === 0}
                onClick={() => set('after', String(Math.max(0, after - page)))}
              >
                Newer
              </button>
              <span className="self-center text-soft">
                {after + 1} to {Math.min(total, after + page)}
              </span>
              <button
                type="button"
                className="key"
                disabled={after + page >= total}
                onClick={() => set('after', String(after + page))}
              >
                Older
              </button>
            </p>
          )}
        </>
      )}
    </div>
  );
}

function Select({
  label,
  value,
  options,
  onChange,
}: {
  label: string;
  value: string;
  options: [string, string][];
  onChange: (value: string) => void;
}) {
  return (
    <label>
      <span className="block text-sm text-soft">{label}</span>
      <select className="field w-40" value={value} onChange={(e) => onChange(e.target.value)}>
        <option value="">any</option>
        {options.map(([id, text]) => (
          <option key={id} value={id}>
            {text}
          </option>
        ))}
      </select>
    </label>
  );
}
