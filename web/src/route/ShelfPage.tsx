import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, got, type Schemas } from '../api/client';
import { keys, server } from '../api/queries';
import { useAtOnce } from '../api/useAtOnce';
import { useFormat } from '../measure/settings';
import { Notice, Waiting } from '../parts/Notice';
import { TakeBack } from '../parts/TakeBack';
import { NewHeat } from './NewHeat';
import { OwnBlanks } from './OwnBlanks';
import { PaperStock } from './PaperStock';
import { type Kind, ThingList } from './ThingList';

const KINDS: [Kind, string, string][] = [
  ['media', 'Papers and films', 'They carry the picture.'],
  ['markings', 'Printers and pens', 'They put the picture on it.'],
  ['covers', 'Covers', 'They lie between the heat and the piece.'],
  ['bases', 'Bases', 'Hard ones are better. On a soft base the edges come off.'],
  ['guards', 'Cards to put inside', 'They stop colour from going through.'],
];

interface Change {
  kind: Kind | 'blanks' | 'heat';
  id: string;
  has: boolean;
}

/** What this shop has. Everything else Wubbin plans from it. */
export function ShelfPage() {
  const queries = useQueryClient();
  const format = useFormat();
  const [measuring, setMeasuring] = useState<string>();
  const shelf = useQuery(server.shelf());
  const catalogue = useQuery(server.catalogue());
  const rereadOthers = () => {
    queries.invalidateQueries({ queryKey: keys.catalogue });
    queries.removeQueries({ queryKey: keys.anyJob });
  };
  const reread = () => {
    queries.invalidateQueries({ queryKey: keys.shelf });
    rereadOthers();
  };
  const put = useAtOnce(
    keys.shelf,
    (body: Change) => got(api.POST('/api/shelf/things', { body })),
    (before: Schemas['shelf.schema'], { kind, id, has }) =>
      kind === 'heat'
        ? { ...before, heat: before.heat.filter((source) => source.id !== id) }
        : { ...before, [kind]: [...(before[kind] ?? []).filter((one) => one !== id), ...(has ? [id] : [])] },
    rereadOthers,
  );
  const { data } = shelf;
  if (data === undefined || catalogue.data === undefined) {
    return <Waiting error={shelf.error ?? catalogue.error} />;
  }
  const measured = data.heat.find((source) => source.id === measuring);
  const kindOf = (kind: string) => catalogue.data?.heat.find((k) => k.id === kind)?.label ?? kind;
  return (
    <div className="mx-auto max-w-5xl px-6 py-6">
      <div className="flex items-baseline gap-4">
        <h1 className="mr-auto text-3xl">Shelf</h1>
        <TakeBack of="shelf" className="text-sm" />
      </div>
      <p className="text-soft">
        Plans are made from it. You can also{' '}
        <Link to="/start" className="link">
          tap pictures of what you have
        </Link>
        . Trays and mirroring are on{' '}
        <Link to="/printers" className="link">
          Printers and trays
        </Link>
        .
      </p>
      {put.error !== null && <Notice tone="hot">{put.error.message}</Notice>}
      <section className="mt-5 border-t border-ink pt-3" aria-labelledby="heat">
        <h2 id="heat" className="text-xl">
          Heat
        </h2>
        <p className="text-sm text-soft">
          Measure the plate. Its size decides how many areas a picture needs. A spoon to rub with belongs here too.
        </p>
        <ul className="mt-2">
          {data.heat.map((source) => (
            <li key={source.id} className="flex items-baseline gap-3 border-t border-rule py-1.5">
              <b>{source.label}</b>
              <span className="text-soft">{kindOf(source.kind)}</span>
              {source.plate_width_mm !== undefined && source.plate_length_mm !== undefined && (
                <span>
                  plate {format.bareLength(source.plate_width_mm)} × {format.length(source.plate_length_mm)}
                </span>
              )}
              {source.diameter_from_mm !== undefined && source.diameter_to_mm !== undefined && (
                <span>
                  mugs {format.bareLength(source.diameter_from_mm)}–{format.length(source.diameter_to_mm)}
                </span>
              )}
              {source.dots !== undefined && <span>{'●'.repeat(source.dots)}</span>}
              {source.dial !== undefined && <span>dial to {source.dial}</span>}
              {source.to_c !== undefined && <span>up to {format.temperature(source.to_c)}</span>}
              {source.assumed === true && (
                <button type="button" className="link text-wait" onClick={() => setMeasuring(source.id)}>
                  ◆ assumed: measure it
                </button>
              )}
              {source.steam !== undefined && (
                <span className="text-soft">{source.steam ? 'with steam' : 'no steam'}</span>
              )}
              <button
                type="button"
                className="link ml-auto"
                aria-label={`Take ${source.label} off the shelf`}
                onClick={() => put.mutate({ kind: 'heat', id: source.id, has: false })}
              >
                Remove
              </button>
            </li>
          ))}
          {data.heat.length === 0 && <li className="py-1.5 text-wait">◆ There is nothing that heats yet.</li>}
        </ul>
        {measured !== undefined && (
          <NewHeat
            key={measured.id}
            kinds={catalogue.data.heat}
            source={measured}
            onAdded={() => {
              setMeasuring(undefined);
              reread();
            }}
          />
        )}
        <NewHeat kinds={catalogue.data.heat} onAdded={reread} />
      </section>
      <PaperStock
        shelf={data}
        known={catalogue.data.media}
        onChange={(now) => {
          queries.setQueryData(keys.shelf, now);
          queries.removeQueries({ queryKey: keys.anyJob });
        }}
      />
      <OwnBlanks
        kinds={catalogue.data.blanks}
        shelf={data}
        onToggle={(id) => put.mutate({ kind: 'blanks', id, has: !(data.blanks ?? []).includes(id) })}
        onAdded={reread}
      />
      <div className="mt-6 grid gap-x-10 gap-y-6 md:grid-cols-2">
        {KINDS.map(([kind, title, what]) => (
          <ThingList
            key={kind}
            kind={kind}
            title={title}
            what={what}
            known={catalogue.data[kind]}
            shelf={data}
            onToggle={(id) => put.mutate({ kind, id, has: !data[kind].includes(id) })}
            onCopied={reread}
          />
        ))}
      </div>
    </div>
  );
}
