import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { api, got, type Schemas } from '../api/client';
import { keys, server } from '../api/queries';
import { FirstSteps } from '../job/FirstSteps';
import { Waiting } from '../parts/Notice';
import { PrintVerdicts } from '../sheet/PrintVerdicts';
import { Absences } from './Absences';
import { NextList } from './NextList';
import { NowList } from './NowList';
import { ObstacleList } from './ObstacleList';
import { WaitingList } from './WaitingList';

type Today = Schemas['TodayView'];

/** How often the page looks again, in ms: while something prints, and else. */
const SOON = 1500;
const LATER = 10_000;

/** What do I do now? The first page, and all that is started from it. */
export function TodayPage() {
  const queries = useQueryClient();
  const [person, setPerson] = useState<number>();
  const today = useQuery({
    ...server.today(person),
    refetchInterval: (query) => ((query.state.data?.printing.length ?? 0) > 0 ? SOON : LATER),
  });
  const again = () => queries.invalidateQueries({ queryKey: keys.today });
  const data = today.data;
  const { mutate: see } = useMutation({
    // From the first look of the day on, people go by this plan.
    scope: { id: 'see the day' },
    mutationFn: () => got(api.POST('/api/day/seen')),
    onSuccess: again,
  });
  const unseen = data?.new === true && data.next.length > 0;
  useEffect(() => {
    if (unseen) {
      see();
    }
  }, [unseen, see]);
  if (data === undefined) {
    return <Waiting error={today.error} />;
  }
  if (data.empty) {
    return (
      <div className="mx-auto max-w-5xl px-6 py-6">
        <h1 className="text-3xl">Today</h1>
        <FirstSteps />
      </div>
    );
  }
  const quiet = data.clocks.length + data.printing.length + data.unseen.length + data.next.length === 0;
  return (
    <div className="mx-auto max-w-7xl px-5 py-4">
      <Head today={data} person={person} onPerson={setPerson} />
      <div className="grid gap-x-8 lg:grid-cols-[minmax(0,1fr)_21rem]">
        <div>
          <NowList hands={data.clocks} printing={data.printing} onChange={again} />
          <PrintVerdicts unseen={data.unseen} onSaid={again} />
          <NextList next={data.next} people={data.people} zone={data.zone} onChange={again} />
          {quiet && (
            <p className="mt-4 text-lg">
              Nothing is due. Give a{' '}
              <Link to="/jobs" className="link">
                job
              </Link>{' '}
              a day, or enter an{' '}
              <Link to="/orders/new" className="link">
                order
              </Link>
              .
            </p>
          )}
        </div>
        <div>
          <ObstacleList obstacles={data.obstacles} onChange={again} />
          <WaitingList waiting={data.waiting} zone={data.zone} />
          <Absences people={data.people} machines={data.machines} onChange={again} />
        </div>
      </div>
    </div>
  );
}

function Head({
  today,
  person,
  onPerson,
}: {
  today: Today;
  person: number | undefined;
  onPerson: (person: number | undefined) => void;
}) {
  const day = new Intl.DateTimeFormat('en-GB', {
    weekday: 'long',
    day: 'numeric',
    month: 'long',
    timeZone: today.zone,
  }).format(new Date(today.now));
  return (
    <div className="flex flex-wrap items-baseline gap-x-5 gap-y-1 border-b border-ink pb-2">
      <h1 className="text-3xl">{day}</h1>
      <Pace ahead={today.ahead} />
      <div className="ml-auto flex flex-wrap items-baseline gap-4">
        {today.people.length > 1 && (
          <label className="flex items-baseline gap-2">
            <span className="text-sm text-soft">For</span>
            <select
              className="field w-auto"
              value={person ?? ''}
              onChange={(e) => onPerson(e.target.value === '' ? undefined : Number(e.target.value))}
            >
              <option value="">all</option>
              {today.people.map((one, n) => (
                <option key={one.name} value={n}>
                  {one.name}
                </option>
              ))}
            </select>
          </label>
        )}
        <a className="link" href="/api/day.pdf" download>
          Day sheet
        </a>
        <a className="link" href="/api/picks.pdf">
          Pick list
        </a>
      </div>
    </div>
  );
}

/** A minute more or less is no news. */
const LEAST_S = 120;

function Pace({ ahead }: { ahead: number | null }) {
  if (ahead === null) {
    return null;
  }
  const minutes = Math.round(Math.abs(ahead) / 60);
  const long = minutes < 120 ? `${minutes} min` : `${Math.floor(minutes / 60)} h ${minutes % 60} min`;
  if (Math.abs(ahead) < LEAST_S) {
    return <p className="text-done">✓ as planned</p>;
  }
  return ahead > 0 ? (
    <p className="text-done">✓ {long} ahead of the plan</p>
  ) : (
    <p className="font-semibold text-wait">◆ {long} behind the plan</p>
  );
}
