import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../api/client';
import { server } from '../api/queries';
import { StepDrawing } from '../drawing/StepDrawing';
import { useSettings } from '../measure/settings';
import { Notice, Waiting } from '../parts/Notice';
import { Thing } from './Thing';

type Way = Schemas['OpenWayView'];

const GRADE = ['not', 'hardly', 'fairly', 'well'];

/** What can I make with this? The advisor the other way round: from the shelf to the pieces. */
export function CanPage() {
  const possible = useQuery(server.possible());
  const portraits = useQuery(server.portraits());
  const first = useRef<HTMLDivElement>(null);
  const there = possible.data !== undefined && portraits.data !== undefined;
  useEffect(() => {
    if (there) {
      first.current?.querySelector<HTMLElement>('a.key-main')?.focus({ preventScroll: true });
    }
  }, [there]);
  if (possible.data === undefined || portraits.data === undefined) {
    return <Waiting error={possible.error ?? portraits.error} />;
  }
  const { open, one_more, clashes } = possible.data;
  const blanks = [...new Set(open.map((way) => way.blank))];
  return (
    <div ref={first} className="mx-auto max-w-6xl px-5 py-5">
      <h1 className="text-3xl">What can I make?</h1>
      <p className="text-soft">
        With what is on your shelf.{' '}
        <Link to="/start" className="link">
          Change what you have
        </Link>
      </p>
      {clashes.length > 0 && (
        <Notice tone="hot">
          <p className="font-bold">These do not go together:</p>
          {clashes.map((why) => (
            <p key={why}>{why}</p>
          ))}
        </Notice>
      )}
      {open.length === 0 ? (
        <p className="mt-5 text-xl">
          <b className="text-wait">◆ What you have does not make a piece yet.</b>{' '}
          {one_more.length > 0
            ? 'One thing more would change that. See below.'
            : 'A piece needs heat, something that prints, and a sheet. '}
          {one_more.length === 0 && (
            <Link to="/start" className="key-main mt-4 flex w-fit text-base">
              Tick what you have
            </Link>
          )}
        </p>
      ) : (
        <ul className="mt-4 grid gap-3 md:grid-cols-2">
          {blanks.map((blank) => (
            <BlankCard
              key={blank}
              ways={open.filter((way) => way.blank === blank)}
              portrait={portraits.data.find((one) => one.kind === blank)}
            />
          ))}
        </ul>
      )}
      {one_more.length > 0 && (
        <section aria-labelledby="more" className="mt-7 border-t border-ink pt-3">
          <h2 id="more" className="text-xl">
            One thing more
          </h2>
          <p className="text-sm text-soft">Prices are assumed: roughly what craft shops ask. Yours differ.</p>
          <ul className="mt-2">
            {one_more.map((more) => (
              <More key={more.label} more={more} />
            ))}
          </ul>
        </section>
      )}
    </div>
  );
}

function BlankCard({ ways, portrait }: { ways: Way[]; portrait: Schemas['PortraitView'] | undefined }) {
  const label = ways[0]?.blank_label ?? '';
  return (
    <li className="grid grid-cols-[7rem_minmax(0,1fr)] gap-x-4 border border-rule p-3" aria-label={label}>
      {portrait !== undefined && <StepDrawing of={portrait.drawing} className="h-28 w-full rounded-sm" />}
      <div>
        <h2 className="text-xl first-letter:uppercase">{label}</h2>
        <ul>
          {ways.map((way) => (
            <li key={way.route} className="border-t border-rule py-1.5 first:border-t-0">
              <div className="flex flex-wrap items-baseline gap-x-3 gap-y-1">
                <b className="min-w-0 flex-1 basis-40">{way.route_label}</b>
                <Link
                  to={`/jobs/new?${new URLSearchParams({ kind: way.blank, material: way.materials[0]?.id ?? '', route: way.route })}`}
                  className="key-main"
                  aria-label={`Make a ${label} with ${way.route_label}`}
                >
                  Make one
                </Link>
              </div>
              <p className="mt-1 text-sm">on {way.materials.map((material) => material.label).join(', ')}</p>
              {way.risk !== null && <p className="text-sm text-wait">▲ {way.risk}</p>}
              <p className="text-sm text-soft">
                Holds up: {way.bears.map(({ label: use, grade }) => `${use}: ${GRADE[grade]}`).join(' · ')}
              </p>
            </li>
          ))}
        </ul>
      </div>
    </li>
  );
}

function More({ more }: { more: Schemas['OneMoreView'] }) {
  const { settings } = useSettings();
  const kinds = [...new Set(more.opens.map((way) => way.blank_label))];
  const routes = [...new Set(more.opens.map((way) => way.route_label))];
  return (
    <li className="grid grid-cols-[3.5rem_minmax(0,1fr)_auto] items-center gap-x-3 border-t border-rule py-2">
      {more.owned !== null ? <Thing id={more.owned} className="size-12" /> : <span />}
      <span>
        <b className="first-letter:uppercase">{more.label}</b> opens {kinds.slice(0, 6).join(', ')}
        {kinds.length > 6 && ` and ${kinds.length - 6} more`}.
        <br />
        <span className="text-sm text-soft">{routes.join(' · ')}</span>
      </span>
      <span className="text-right whitespace-nowrap">
        {more.from === null ? (
          <span className="text-soft">price unknown</span>
        ) : (
          <>
            about {more.from}–{more.to} {settings.currency}
            <br />
            <span className="text-sm text-soft">assumed</span>
          </>
        )}
      </span>
    </li>
  );
}
