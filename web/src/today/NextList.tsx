import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Link, useNavigate } from 'react-router';
import { api, got, type Schemas } from '../api/client';
import { keys } from '../api/queries';

type Thing = Schemas['NextThing'];

const many = (count: number, one: string, several: string) => `${count} ${count === 1 ? one : several}`;

/** What its button says. */
function button(thing: Thing): string {
  switch (thing.does) {
    case 'print':
      return `Print ${many(thing.count, 'sheet', 'sheets')}`;
    case 'begin':
      return `Begin ${many(thing.count, 'piece', 'pieces')}`;
    case 'go-on':
      return 'Go on';
    case 'hand-over':
      return `Hand over ${many(thing.count, 'piece', 'pieces')}`;
    case 'settle':
      return `Answer ${many(thing.count, 'check', 'checks')}`;
  }
}

/** The next things of the plan, each with the one button that starts it right. */
export function NextList({
  next,
  people,
  zone,
  onChange,
}: {
  next: Thing[];
  people: Schemas['PersonView'][];
  zone: string;
  onChange: () => void;
}) {
  if (next.length === 0) {
    return null;
  }
  return (
    <section aria-labelledby="next" className="mt-4">
      <h2 id="next" className="text-xl">
        Next
      </h2>
      <ol className="mt-1 border-t border-ink">
        {next.map((thing, n) => (
          <NextRow
            key={`${thing.does} ${thing.group ?? thing.run ?? thing.id} ${thing.jobs?.join(' ') ?? ''}`}
            thing={thing}
            first={n === 0}
            who={people.length > 1 ? people[thing.person]?.name : undefined}
            zone={zone}
            onChange={onChange}
          />
        ))}
      </ol>
    </section>
  );
}

function NextRow({
  thing,
  first,
  who,
  zone,
  onChange,
}: {
  thing: Thing;
  first: boolean;
  who: string | undefined;
  zone: string;
  onChange: () => void;
}) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const start = useMutation({
    // Two taps are one: each thing is started under a name of its own.
    scope: { id: `start ${thing.does} ${thing.id}` },
    mutationFn: async () => {
      if (thing.does === 'print') {
        await got(api.POST('/api/print/due', { body: { group: thing.group ?? '', jobs: thing.jobs ?? null } }));
      } else if (thing.does === 'hand-over') {
        await got(
          api.POST('/api/orders/{id}/handovers', {
            params: { path: { id: thing.id } },
            body: { id: crypto.randomUUID(), pieces: {}, note: '' },
          }),
        );
      } else if (thing.does === 'begin') {
        const run = await got(
          api.POST('/api/jobs/{job}/runs', {
            params: { path: { job: thing.id } },
            body: { id: crypto.randomUUID(), pieces: thing.count, share: thing.share, left: thing.left },
          }),
        );
        navigate(`/bench/${run.id}`);
      }
    },
    onSuccess: () => {
      queries.invalidateQueries({ queryKey: keys.due });
      onChange();
    },
    onError: (problem) => {
      // Nobody has said yet where these sheets are printed.
      if (problem.errors.device !== undefined) {
        navigate(`/print#${encodeURIComponent(thing.group ?? '')}`);
      }
    },
  });
  const time = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit', timeZone: zone });
  const day = new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', timeZone: zone });
  const today = day.format(Date.now()) === day.format(thing.start * 1000);
  const look = `${first ? 'key-main' : 'key'} w-44 justify-center py-2.5 text-base`;
  const to = thing.does === 'go-on' ? `/bench/${thing.run}` : thing.does === 'settle' ? `/jobs/${thing.id}` : undefined;
  const page = thing.does === 'hand-over' ? `/orders/${thing.id}` : `/jobs/${thing.id}`;
  return (
    <li className="grid grid-cols-[3.6rem_minmax(0,1fr)] items-center gap-x-3 gap-y-2 border-b border-rule py-2 sm:grid-cols-[4.2rem_3.6rem_minmax(0,1fr)_auto]">
      <span className="text-soft max-sm:row-start-2">
        {!today && <span className="block text-sm">{day.format(thing.start * 1000)}</span>}
        {time.format(thing.start * 1000)}
      </span>
      <span
        className="flex h-14 w-14 items-center justify-center border border-line p-0.5"
        style={{ background: thing.colour }}
      >
        {thing.artwork !== null && (
          <img src={`/api/artwork/${thing.artwork}/preview`} alt="" className="max-h-full max-w-full" />
        )}
      </span>
      <span className="min-w-0">
        <Link to={page} className="block text-lg leading-tight font-bold hover:underline">
          {thing.name}
          {thing.of !== '' && <span className="font-normal text-soft"> · {thing.of}</span>}
        </Link>
        <span className="block text-soft">
          {thing.what}
          {who !== undefined && ` · ${who}`}
          {thing.late && <b className="text-hot"> · ✕ late</b>}
        </span>
      </span>
      <span className="max-sm:col-start-2">
        {to === undefined ? (
          <button type="button" className={look} disabled={start.isPending} onClick={() => start.mutate()}>
            {button(thing)}
          </button>
        ) : (
          <Link to={to} className={look}>
            {button(thing)}
          </Link>
        )}
      </span>
      {start.error !== null && (
        <p role="alert" className="col-span-full font-semibold text-hot">
          {start.error.message}
        </p>
      )}
    </li>
  );
}
