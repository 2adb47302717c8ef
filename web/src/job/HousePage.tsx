import { useQuery, useQueryClient } from '@tanstack/react-query';
import { api, got, type Schemas } from '../api/client';
import { keys, server } from '../api/queries';
import { useAtOnce } from '../api/useAtOnce';
import { Notice, Waiting } from '../parts/Notice';
import { TakeBack } from '../parts/TakeBack';

type Matter = Schemas['Matter'];

/** One disputed matter: the ways people go about it, each with its reason, and which one this house takes. */
function MatterLine({ matter, choose }: { matter: Matter; choose: (option: string) => void }) {
  return (
    <fieldset className="border-t border-rule py-3">
      <legend className="float-left w-full text-lg font-bold">{matter.label}</legend>
      <p className="clear-both text-sm text-soft">Matters to: {matter.routes.join('; ')}.</p>
      <div className="mt-2 grid gap-1.5">
        {[
          {
            id: '',
            label: 'Let Wubbin choose',
            why: 'Wubbin chooses what suits each route. A job can still choose another one.',
          },
          ...matter.options,
        ].map((way) => (
          <label key={way.id} className="grid grid-cols-[1.6rem_minmax(0,16rem)_1fr] items-baseline gap-x-2">
            <input
              type="radio"
              name={matter.id}
              value={way.id}
              className="size-4 accent-ink"
              checked={(matter.chosen ?? '') === way.id}
              onChange={() => choose(way.id)}
            />
            <span className={(matter.chosen ?? '') === way.id ? 'font-bold' : ''}>
              {way.label}
              {way.id === matter.usual && <span className="font-normal text-soft"> (usual)</span>}
            </span>
            <span className="text-sm text-soft">{way.why}</span>
          </label>
        ))}
      </div>
    </fieldset>
  );
}

/** How this house goes about what practitioners disagree on; a job can still go another way. */
export function HousePage() {
  const queries = useQueryClient();
  const house = useQuery(server.house());
  const change = useAtOnce(
    keys.house,
    (body: Record<string, string>) => got(api.PATCH('/api/house', { body })),
    (matters: Matter[], body) => matters.map((m) => (m.id in body ? { ...m, chosen: body[m.id] || null } : m)),
    () => queries.removeQueries({ queryKey: keys.anyJob }),
  );
  if (house.data === undefined) {
    return <Waiting error={house.error} />;
  }
  return (
    <div className="mx-auto max-w-4xl px-6 py-6">
      <div className="flex items-baseline gap-4">
        <h1 className="mr-auto text-3xl">House rules</h1>
        <TakeBack of="house" className="text-sm" />
      </div>
      <p className="text-soft">
        Here people disagree. Your choice holds for every job that does not choose another one.
      </p>
      {change.error !== null && <Notice tone="hot">{change.error.message}</Notice>}
      <div className="mt-4 border-t border-ink">
        {house.data.map((matter) => (
          <MatterLine key={matter.id} matter={matter} choose={(option) => change.mutate({ [matter.id]: option })} />
        ))}
      </div>
    </div>
  );
}
