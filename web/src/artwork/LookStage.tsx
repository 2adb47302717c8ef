import { useQuery } from '@tanstack/react-query';
import { useId, useState } from 'react';
import type { ChangeJob, Part, TransferPlan } from '../api/client';
import { server } from '../api/queries';
import { ClothPattern } from '../blank/Cloth';
import { useFormat } from '../measure/settings';
import { Appearances, type Shown } from './Appearances';
import { CutOut } from './CutOut';
import { CutTool } from './CutTool';
import { RemoveBackground } from './RemoveBackground';
import { changes, Gloss, Worn } from './Worn';

type Look = NonNullable<TransferPlan['look']>;

const FATE = {
  stays: ['✓', 'text-done', 'stays'],
  shifts: ['▲', 'text-wait', 'looks different'],
  vanishes: ['✕', 'text-hot', 'is lost'],
} as const;

const ROUND = { outline: 'along its outline', whole: 'once round all of it', frame: 'along its frame' } as const;

const percent = (share: number) => `${Math.round(share * 100)} %`;

/** The picture as it is meant and as it will be seen, with what its pixels tell. */
export function LookStage({ view, change, seen }: { view: Part; change: ChangeJob; seen: Shown }) {
  const format = useFormat();
  const [filter, second, cloth, where, shine] = [useId(), useId(), useId(), useId(), useId()];
  const [lost, setLost] = useState(false);
  const [fine, setFine] = useState(false);
  const [line, setLine] = useState<number[][][]>();
  const [veil, setVeil] = useState<string>();
  const [cutting, setCutting] = useState(false);
  const [beyond, setBeyond] = useState(false);
  const reach = useQuery(server.reach(view.job.id, view.at, view.artwork?.sha256 ?? '')).data;
  const { artwork, plan, job } = view;
  const shows = view.transfer.shows ?? [];
  const { look, placed } = plan;
  if (artwork === null || placed === null) {
    return <p className="mx-auto mt-28 w-fit text-soft">There is no picture yet.</p>;
  }
  if (look === null) {
    return <p className="mx-auto mt-28 w-fit text-soft">Wubbin has not measured this picture yet. Upload it again.</p>;
  }
  if (cutting) {
    return <CutOut key={artwork.sha256} view={view} change={change} onClose={() => setCutting(false)} />;
  }
  const margin = Math.max(
    0.03 * Math.max(placed.width_mm, placed.height_mm),
    ...(line ?? []).flat(2).map((v) => -v + 1),
  );
  const box = `${-margin} ${-margin} ${placed.width_mm + 2 * margin} ${placed.height_mm + 2 * margin}`;
  const { pattern } = job.blank;
  const shown = seen.shown;
  const onSecond = shown?.id === 'worn' ? look.on_second : null;
  const image = (by?: string) => (
    <image
      href={`/api/artwork/${artwork.sha256}/preview`}
      width={placed.width_mm}
      height={placed.height_mm}
      preserveAspectRatio="none"
      filter={by === undefined ? undefined : `url(#${by})`}
    />
  );
  const over = (url: string) => (
    <image href={url} width={placed.width_mm} height={placed.height_mm} preserveAspectRatio="none" />
  );
  const lostOn = (colour: string) => `/api/artwork/${artwork.sha256}/lost?on=${encodeURIComponent(colour)}`;
  const all = { x: -margin, y: -margin, width: placed.width_mm + 2 * margin, height: placed.height_mm + 2 * margin };
  const meant = (
    <svg viewBox={box} className="max-h-44 w-full" role="img" aria-label="As drawn">
      {image()}
      {veil !== undefined && over(veil)}
      {beyond && reach !== undefined && reach.image !== '' && over(reach.image)}
      {fine && over(`/api/artwork/${artwork.sha256}/too-fine?width_mm=${placed.width_mm}&holds_mm=${look.holds_mm}`)}
      {line?.map((loop) => (
        <path
          key={loop[0]?.join()}
          d={`M${loop.map((p) => p.join(' ')).join('L')}Z`}
          fill="none"
          stroke="#6a35ab"
          strokeWidth={1.6}
          strokeDasharray="5 3"
          vectorEffect="non-scaling-stroke"
        />
      ))}
    </svg>
  );
  const come = (
    <svg viewBox={box} className="max-h-44 w-full" role="img" aria-label={`The picture ${shown?.label ?? ''}`}>
      {shown !== undefined && <Worn id={filter} as={shown} perMm={1} />}
      {shown?.gloss && <Gloss id={shine} />}
      {pattern != null && shown?.id === 'worn' && (
        <>
          <ClothPattern id={cloth} of={pattern} perMm={1} colour={pattern.colour} />
          <ClothPattern id={`${where}p`} of={pattern} perMm={1} colour="#fff" />
          <mask id={where} maskUnits="userSpaceOnUse" {...all}>
            <rect {...all} fill={`url(#${where}p)`} />
          </mask>
          <rect {...all} fill={`url(#${cloth})`} />
        </>
      )}
      {image(changes(shown) ? filter : undefined)}
      {onSecond !== null && (
        <g mask={`url(#${where})`}>
          <Worn id={second} as={onSecond} perMm={1} />
          {image(second)}
        </g>
      )}
      {shown?.gloss && <rect width={placed.width_mm} height={placed.height_mm} fill={`url(#${shine})`} />}
      {lost && over(lostOn(job.blank.colour))}
      {lost && onSecond !== null && pattern != null && <g mask={`url(#${where})`}>{over(lostOn(pattern.colour))}</g>}
    </svg>
  );
  return (
    <div className="h-full min-h-64 overflow-auto pt-2 pr-1">
      <div className="sticky top-0 z-10 grid grid-cols-2 gap-3 bg-ground pb-1">
        <figure className="border border-rule">
          <div className="bg-white p-2">{meant}</div>
          <figcaption className="px-2 py-0.5 text-sm">As drawn, on white</figcaption>
        </figure>
        <figure className="border border-rule">
          <div className="p-2" style={{ background: shown?.id === 'worn' ? job.blank.colour : '#fff' }}>
            {come}
          </div>
          <figcaption className="px-2 py-0.5 text-sm">
            <Appearances of={seen} />
          </figcaption>
        </figure>
      </div>
      <dl className="mt-2 grid grid-cols-[8.5rem_1fr]">
        <dt className="text-soft">Background</dt>
        <dd>
          {ground(look.background)}
          <RemoveBackground
            key={artwork.sha256}
            view={view}
            change={change}
            onVeil={setVeil}
            onCutOut={() => setCutting(true)}
          />
          {look.background.ground === 'unsure' && !shows.includes('field') && (
            <Unsure
              url={`/api/artwork/${artwork.sha256}/preview`}
              veil={`/api/artwork/${artwork.sha256}/background?tolerance=${look.background.tolerance}&islands=0`}
              onPart={() => change({ shows: [...shows, 'field'].join(' ') })}
            />
          )}
        </dd>
      </dl>
      <p className="mt-1 text-sm text-soft">{shown?.words}</p>
      {look.words !== '' && (
        <p className="mt-3 text-lg">
          <b>{look.words}</b>
          {look.lost >= 0.005 && <span className="text-hot"> {percent(look.lost)} of the picture is lost.</span>}
        </p>
      )}
      {look.colours.some((colour) => colour.fate !== 'stays') && (
        <label>
          <input type="checkbox" className="accent-ink" checked={lost} onChange={(e) => setLost(e.target.checked)} />{' '}
          show where: <span className="text-hot">■ lost</span>, <span className="text-wait">▨ looks different</span>
        </label>
      )}
      <Colours look={look} />
      <dl className="mt-3 grid grid-cols-[8.5rem_1fr] gap-y-1 border-t border-rule pt-2">
        <dt className="text-soft">Finest line</dt>
        <dd>
          {look.finest_mm === null
            ? look.photograph
              ? 'This is a photograph.'
              : 'It has no fine lines.'
            : `${format.length(look.finest_mm)} at this size. This route can show ${format.length(look.holds_mm)}`}
          {look.finest_mm !== null && look.finest_mm < look.holds_mm && (
            <label className="ml-2">
              <input
                type="checkbox"
                className="accent-ink"
                checked={fine}
                onChange={(e) => setFine(e.target.checked)}
              />{' '}
              show what is finer
            </label>
          )}
        </dd>
        {reach?.profile != null && (
          <>
            <dt className="text-soft">Printer’s colours</dt>
            <dd>
              {reach.share < 0.005
                ? 'It can print all of them.'
                : `${percent(reach.share)} of the picture comes out another colour.`}
              {reach.share >= 0.005 && (
                <label className="ml-2">
                  <input
                    type="checkbox"
                    className="accent-ink"
                    checked={beyond}
                    onChange={(e) => setBeyond(e.target.checked)}
                  />{' '}
                  show where
                </label>
              )}
            </dd>
          </>
        )}
        <dt className="text-soft">Cut line</dt>
        <dd>
          <Round look={look} change={change} />
          <CutTool key={artwork.sha256} view={view} onLine={setLine} />
        </dd>
        <dt className="text-soft">Upside down</dt>
        <dd>{look.upside_down ? 'It looks nearly the same.' : 'It looks different.'}</dd>
      </dl>
    </div>
  );
}

const ground = ({ ground, share }: Look['background']) =>
  ({
    clear: 'clear',
    none: 'The picture fills its frame.',
    plain: `one colour, ${percent(share)} of the picture`,
    unsure: `perhaps: one colour, ${percent(share)} of the picture`,
    checkered: `painted squares, ${percent(share)} of the picture`,
  })[ground];

/** What nobody can tell from the pixels alone: with the colour round it, and without. */
function Unsure({ url, veil, onPart }: { url: string; veil: string; onPart: () => void }) {
  return (
    <div className="mt-1 flex flex-wrap items-end gap-3">
      <figure>
        <img src={url} alt="With the colour round it" className="h-24 border border-rule bg-white" />
        <figcaption className="text-sm">part of the picture</figcaption>
      </figure>
      <figure>
        <span className="relative block w-fit border border-rule bg-white">
          <img src={url} alt="" className="h-24" />
          <img src={veil} alt="Without the colour round it" className="absolute inset-0 size-full" />
        </span>
        <figcaption className="text-sm">background: violet goes</figcaption>
      </figure>
      <button type="button" className="key mb-6" onClick={onPart}>
        It is part of the picture
      </button>
    </div>
  );
}

/** What it is cut round, where there is something to cut away. */
function Round({ look, change }: { look: Look; change: ChangeJob }) {
  const { cut } = look;
  return cut.cut_out ? (
    <fieldset className="flex flex-wrap gap-x-4">
      <legend className="sr-only">Cut</legend>
      {(['outline', 'whole', 'frame'] as const).map((round) => (
        <label key={round}>
          <input
            type="radio"
            name="cut-round"
            className="accent-ink"
            checked={cut.round === round}
            onChange={() => change({ cut: round })}
          />{' '}
          {ROUND[round]}
        </label>
      ))}
    </fieldset>
  ) : (
    <span>along its frame </span>
  );
}

/** Each colour as it is meant and as it will be seen. */
function Colours({ look }: { look: Look }) {
  return (
    <ul className="mt-2 grid grid-cols-2 gap-x-6 max-md:grid-cols-1">
      {look.colours.map((colour) => {
        const [sign, tone, word] = FATE[colour.fate];
        return (
          <li key={`${colour.word} ${colour.fate}`} className="flex items-center gap-2 border-t border-rule py-1">
            <span className="flex">
              <i className="size-5 border border-rule" style={{ background: colour.meant }} />
              <i className="size-5 border border-l-0 border-rule" style={{ background: colour.seen }} />
            </span>
            <span>
              {colour.word} <span className="text-soft">{percent(colour.share)}</span>
            </span>
            <span className={`ml-auto ${tone}`}>
              {sign} {word}
            </span>
          </li>
        );
      })}
    </ul>
  );
}
