import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { Schemas } from '../api/client';
import { server } from '../api/queries';
import { useFormat } from '../measure/settings';
import { Waiting } from '../parts/Notice';

type Lessons = Schemas['LogLessons'];
type Route = Lessons['routes'][number];
type Share = Schemas['ShareView'];

const percent = (share: number) => `${Math.round(share * 100)} %`;

/** What past pieces teach: by route and setting, with how sure that is. */
export function LessonsPage() {
  const lessons = useQuery(server.lessons());
  const format = useFormat();
  if (lessons.data === undefined) {
    return <Waiting error={lessons.error} />;
  }
  const { routes, times } = lessons.data;
  return (
    <div className="mx-auto max-w-6xl px-6 py-6">
      <p>
        <Link to="/logbook" className="link">
          Logbook
        </Link>
      </p>
      <h1 className="mt-1 text-3xl">What past pieces teach</h1>
      <p className="mt-1 text-soft">
        How many pieces are good at the first try. The true share lies in the bar with 90 % certainty. The mark is its
        middle. (Jeffreys’ interval, Beta(½, ½).)
      </p>
      {routes.length === 0 && <p className="mt-4 text-lg">Nothing is written down yet.</p>}
      {routes.map((route) => (
        <RouteLessons key={route.route} route={route} />
      ))}
      <section aria-label="How long the work really takes" className="mt-8">
        <h2 className="border-b border-ink pb-1 text-xl">How long the work really takes</h2>
        {times.length === 0 ? (
          <p className="mt-1 text-soft">Nothing was timed at the bench yet.</p>
        ) : (
          <table className="mt-1">
            <thead className="text-left text-soft">
              <tr>
                <th className="pr-8 font-normal">Step</th>
                <th className="pr-8 font-normal">usual</th>
                <th className="pr-8 font-normal">here</th>
                <th className="font-normal">of</th>
              </tr>
            </thead>
            <tbody>
              {times.map((time) => (
                <tr key={time.kind} className="border-t border-rule">
                  <td className="py-1 pr-8">{time.label}</td>
                  <td className="pr-8">{format.duration(time.planned)}</td>
                  <td className="pr-8 font-bold">{format.duration(time.seconds)}</td>
                  <td className="text-soft">
                    {time.of} {time.used ? '· plans now use this time' : '· too few pieces for plans to use it'}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
      </section>
    </div>
  );
}

function Bar({ share }: { share: Share }) {
  return (
    <svg
      viewBox="0 0 200 14"
      className="h-3.5 w-50"
      role="img"
      aria-label={`${percent(share.from)} to ${percent(share.to)}`}
    >
      <path d="M0 7H200" className="stroke-rule" strokeWidth={1} />
      <rect
        x={share.from * 200}
        y={2}
        width={Math.max(1, (share.to - share.from) * 200)}
        height={10}
        className={share.few ? 'fill-none stroke-soft' : 'fill-donefill stroke-done'}
        strokeDasharray={share.few ? '3 2' : undefined}
      />
      <path d={`M${share.mean * 200} 0V14`} className="stroke-ink" strokeWidth={2} />
    </svg>
  );
}

function RouteLessons({ route }: { route: Route }) {
  const format = useFormat();
  const { settings, defects, survival } = route;
  const best = settings[0];
  const name = (one: Route['settings'][number]) =>
    [
      one.setting.c !== null && format.temperature(one.setting.c),
      one.setting.s !== null && format.duration(one.setting.s),
      one.setting.pressure !== null && `${one.setting.pressure} pressure`,
      one.setting.base !== null && `${one.setting.base} base`,
      one.setting.recipe !== null && 'by your recipe',
    ]
      .filter((part) => part !== false)
      .join(' · ') || 'not recorded';
  const rival = settings[1];
  return (
    <section aria-label={route.label} className="mt-6">
      <h2 className="flex flex-wrap items-baseline gap-3 border-b border-ink pb-1 text-xl">
        {route.label}
        <span className="text-base font-normal">
          {route.share.good} of {route.share.of} good: {percent(route.share.from)} to {percent(route.share.to)}
          {route.share.few && <b className="text-wait"> · ◆ only a few pieces, so this says little</b>}
        </span>
      </h2>
      <div className="mt-2 grid gap-6 md:grid-cols-[1.5fr_1fr]">
        <div>
          <table className="w-full">
            <tbody>
              {settings.map((one, n) => (
                <tr key={name(one)} className="border-b border-rule">
                  <td className="py-1 pr-3">{n === 0 && settings.length > 1 ? <b>{name(one)}</b> : name(one)}</td>
                  <td className="pr-3 whitespace-nowrap">
                    {one.share.good} of {one.share.of}
                  </td>
                  <td className="pr-3">
                    <Bar share={one.share} />
                  </td>
                  <td className="text-sm whitespace-nowrap text-soft">
                    {percent(one.share.from)} to {percent(one.share.to)}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
          {best !== undefined && rival !== undefined && (
            <p className="mt-1">
              {rival.sure ? (
                <>
                  <b>{name(best)}</b> is best ({percent(rival.beaten ?? 0)}).
                </>
              ) : (
                <>
                  <b>{name(best)}</b> looks best, but this may be chance: {percent(rival.beaten ?? 0)} sure.
                </>
              )}
            </p>
          )}
        </div>
        <div>
          {defects[0] !== undefined && (
            <p>
              What goes wrong most: <b>{defects[0].label}</b>, {defects[0].spoiled} spoiled and {defects[0].redo} done
              again.
              {defects.length > 1 && (
                <span className="block text-sm text-soft">
                  Then{' '}
                  {defects
                    .slice(1, 4)
                    .map((one) => `${one.label} (${one.spoiled + one.redo})`)
                    .join(', ')}
                  .
                </span>
              )}
            </p>
          )}
          {survival.pieces > 0 && (
            <div className="mt-3">
              <p>
                Washed: {survival.pieces} pieces looked at again, {survival.failed} did not last.
                {survival.few && <b className="text-wait"> ◆ Few yet.</b>}
              </p>
              <Curve survival={survival} />
            </div>
          )}
        </div>
      </div>
    </section>
  );
}

/** Part of the pieces that lasts so many washes, as a staircase; what is still in use counts as far as it was seen. */
function Curve({ survival }: { survival: Route['survival'] }) {
  const last = Math.max(10, ...survival.steps.map((step) => step.washes)) + 2;
  const x = (washes: number) => 30 + (washes / last) * 200;
  const y = (share: number) => 8 + (1 - share) * 70;
  let path = `M${x(0)} ${y(1)}`;
  for (const step of survival.steps) {
    path += `H${x(step.washes)}V${y(step.share)}`;
  }
  path += `H${x(last)}`;
  const end = survival.steps.at(-1);
  return (
    <svg viewBox="0 0 240 100" className="w-60" role="img" aria-label="Part of the pieces that lasts so many washes">
      {[0, 0.5, 1].map((share) => (
        <g key={share}>
          <path d={`M30 ${y(share)}H230`} className="stroke-rule" strokeWidth={1} />
          <text x={26} y={y(share)} fontSize={10} textAnchor="end" dominantBaseline="central" className="fill-soft">
            {Math.round(share * 100)}
          </text>
        </g>
      ))}
      {[0, Math.round(last / 2), last].map((washes) => (
        <text key={washes} x={x(washes)} y={92} fontSize={10} textAnchor="middle" className="fill-soft">
          {washes}
        </text>
      ))}
      <text x={230} y={99} fontSize={9} textAnchor="end" className="fill-soft">
        washes
      </text>
      <path d={path} className="fill-none stroke-face" strokeWidth={2} />
      {end !== undefined && (
        <text x={x(end.washes)} y={y(end.share) - 4} fontSize={10} className="fill-face font-bold">
          {percent(end.share)}
        </text>
      )}
    </svg>
  );
}
