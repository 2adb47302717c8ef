import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Link, useParams } from 'react-router';
import type { Schemas } from '../api/client';
import { server } from '../api/queries';
import { TextField } from '../measure/Field';
import { money } from '../measure/money';
import { Notice, Waiting } from '../parts/Notice';
import { Rates } from './Rates';

type Cost = Schemas['CostView'];

/** What a good piece costs, what that is made of, and what would make it cheaper. */
export function CostPage() {
  const { id = '' } = useParams();
  const [pieces, setPieces] = useState('');
  const cost = useQuery({ ...server.cost(id, pieces), placeholderData: keepPreviousData });
  // What was reckoned last stays while a number is typed that cannot be.
  const [of, setOf] = useState<Cost>();
  useEffect(() => {
    if (cost.data !== undefined) {
      setOf(cost.data);
    }
  }, [cost.data]);
  const wrong = cost.error?.errors.pieces;
  if (of === undefined) {
    return <Waiting error={cost.error} />;
  }
  const write = (minor: number, finer = 0) => money(minor, of.currency, of.digits, finer);
  return (
    <div className="mx-auto max-w-5xl px-6 py-6">
      <p>
        <Link to={`/jobs/${id}`} className="link">
          {of.name}
        </Link>
      </p>
      <div className="flex flex-wrap items-end gap-6">
        <h1 className="mr-auto text-3xl">
          A good piece costs {write(of.each, of.each < 100 ? 1 : 0)}
          {!of.whole && <span className="text-hot"> and more</span>}
        </h1>
        <div className="w-36">
          <TextField
            label="Made in one go"
            inputMode="numeric"
            value={pieces === '' ? String(of.pieces) : pieces}
            error={wrong}
            onChange={(e) => setPieces(e.target.value)}
          />
        </div>
        <Link to={`/quotes/new?jobs=${id}`} className="key-main">
          Quote
        </Link>
      </div>
      {!of.whole && (
        <Notice tone="wait">
          <b>Some things have no price yet, and are not counted.</b> Write down what you bought on the page{' '}
          <Link to="/stock" className="link">
            stock
          </Link>
          , and what an hour and a kWh cost below.
        </Notice>
      )}
      <section aria-label="What it is made of" className="mt-5">
        <h2 className="border-b border-ink pb-1 text-xl">
          What {of.pieces === 1 ? 'it is' : `${of.pieces} are`} made of
        </h2>
        <Parts cost={of} />
        <table className="mt-3 w-full text-left [&_td+td]:pl-4">
          <thead>
            <tr className="text-sm text-soft">
              <th className="font-normal">What</th>
              <th className="font-normal">Worked out from</th>
              <th className="text-right font-normal">A piece</th>
              <th className="text-right font-normal">All {of.pieces}</th>
            </tr>
          </thead>
          <tbody>
            {of.lines.map((line) => (
              <tr key={`${line.id} ${line.label}`} className="border-t border-rule align-baseline">
                <td className="py-1 font-bold">
                  <span
                    aria-hidden
                    className="mr-2 inline-block h-3 w-3 border border-ink align-baseline"
                    style={{ background: shadeOf(line.id) }}
                  />
                  {line.label}
                </td>
                <td className="text-soft">{line.how}</td>
                <td className="text-right">{line.each === null ? '' : write(line.each, 1)}</td>
                <td className="text-right">
                  {line.minor === null ? <b className="text-hot">no price yet</b> : write(line.minor)}
                </td>
              </tr>
            ))}
            <tr className="border-t border-ink text-lg font-bold">
              <td className="py-1" colSpan={2}>
                Together
              </td>
              <td className="text-right">{write(of.each, 1)}</td>
              <td className="text-right">{write(of.total)}</td>
            </tr>
          </tbody>
        </table>
      </section>
      <section aria-label="What would make it cheaper" className="mt-6">
        <h2 className="border-b border-ink pb-1 text-xl">What would make it cheaper</h2>
        {of.cheaper.length === 0 ? (
          <p className="mt-2 text-soft">Wubbin knows nothing that saves more than a few hundredths.</p>
        ) : (
          of.cheaper.map((way) => (
            <p key={way.how} className="flex gap-3 border-b border-rule py-1.5">
              <b className="grow">
                {way.kind === 'losses' ? (
                  <Link to="/logbook/lessons" className="link">
                    {way.how}
                  </Link>
                ) : way.kind === 'route' ? (
                  <Link to={`/jobs/${id}/routes`} className="link">
                    {way.how}
                  </Link>
                ) : (
                  way.how
                )}
              </b>
              <span>{write(way.each, 1)} a piece</span>
              <b className="w-36 text-right text-done">{write(way.saved, 1)} less</b>
            </p>
          ))
        )}
      </section>
      <Rates open={of.lines.some((line) => line.wanted === 'hour' || line.wanted === 'kwh')} />
    </div>
  );
}

const SHADES: Record<string, string> = {
  sheet: 'var(--c-line)',
  ink: 'var(--c-face)',
  tape: 'var(--c-rule)',
  cover: 'var(--c-soft)',
  blank: 'var(--c-ink)',
  energy: 'var(--c-hot)',
  hands: 'var(--c-wait)',
  losses: 'var(--c-hotfill)',
  overhead: 'var(--c-cold)',
};
const shadeOf = (id: string) => SHADES[id] ?? 'var(--c-shade)';

/** The parts beside each other, as wide as they cost. */
function Parts({ cost }: { cost: Cost }) {
  const all = cost.lines.reduce((sum, line) => sum + (line.each ?? 0), 0);
  return (
    <div aria-hidden className="mt-3 flex h-8 border border-ink">
      {all > 0 &&
        cost.lines.map((line) => (
          <span
            key={`${line.id} ${line.label}`}
            title={line.label}
            className="border-r border-ground last:border-0"
            style={{ width: `${(100 * (line.each ?? 0)) / all}%`, background: shadeOf(line.id) }}
          />
        ))}
    </div>
  );
}
