import { useId, useState } from 'react';
import type { Part, TransferPlan } from '../api/client';
import type { JobHandle } from '../job/useJob';
import { useFormat } from '../measure/settings';
import { CutTool } from './CutTool';
import { RemoveBackground } from './RemoveBackground';
import { Worn } from './Worn';

type Look = NonNullable<TransferPlan['look']>;

const FATE = {
  stays: ['✓', 'text-done', 'stays'],
  shifts: ['▲', 'text-wait', 'looks different'],
  vanishes: ['✕', 'text-hot', 'is lost'],
} as const;

const percent = (share: number) => `${Math.round(share * 100)} %`;

/** The picture as it is meant and as it will be seen, with what its pixels tell. */
export function LookStage({ view, handle }: { view: Part; handle: JobHandle }) {
  const format = useFormat();
  const filter = useId();
  const [line, setLine] = useState<number[][][]>();
  const [veil, setVeil] = useState<string>();
  const { artwork, plan, job } = view;
  const { look, placed } = plan;
  if (artwork === null || placed === null) {
    return <p className="mx-auto mt-28 w-fit text-soft">No picture yet, so nothing to look at.</p>;
  }
  if (look === null) {
    return (
      <p className="mx-auto mt-28 w-fit text-soft">Nobody has looked at this picture’s pixels: upload it once more.</p>
    );
  }
  const margin = Math.max(
    0.03 * Math.max(placed.width_mm, placed.height_mm),
    ...(line ?? []).flat(2).map((v) => -v + 1),
  );
  const box = `${-margin} ${-margin} ${placed.width_mm + 2 * margin} ${placed.height_mm + 2 * margin}`;
  const picture = (worn: boolean) => (
    <svg
      viewBox={box}
      className="max-h-44 w-full"
      role="img"
      aria-label={worn ? 'As it will be seen' : 'As it is meant'}
    >
      {worn && look.filter !== null && <Worn id={filter} filter={look.filter} />}
      <image
        href={`/api/artwork/${artwork.sha256}/preview`}
        width={placed.width_mm}
        height={placed.height_mm}
        preserveAspectRatio="none"
        filter={worn && look.filter !== null ? `url(#${filter})` : undefined}
      />
      {!worn && veil !== undefined && (
        <image href={veil} width={placed.width_mm} height={placed.height_mm} preserveAspectRatio="none" />
      )}
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
  return (
    <div className="h-full min-h-64 overflow-auto pt-2 pr-1">
      <div className="sticky top-0 z-10 grid grid-cols-2 gap-3 bg-ground pb-1">
        <figure className="border border-rule">
          <div className="bg-white p-2">{picture(false)}</div>
          <figcaption className="px-2 py-0.5 text-sm">As it is meant, on white</figcaption>
        </figure>
        <figure className="border border-rule">
          <div className="p-2" style={{ background: job.blank.colour }}>
            {picture(true)}
          </div>
          <figcaption className="px-2 py-0.5 text-sm">
            {look.filter === null
              ? 'As it will be seen: its ground is opaque'
              : `As it will be seen on this ${view.whole.piece}`}
          </figcaption>
        </figure>
      </div>
      <dl className="mt-2 grid grid-cols-[8.5rem_1fr]">
        <dt className="text-soft">Background</dt>
        <dd>
          {look.background === null
            ? 'clear, or none of one colour'
            : `${percent(look.background.share)} of the picture, in one colour`}
          <RemoveBackground key={artwork.sha256} view={view} handle={handle} onVeil={setVeil} />
        </dd>
      </dl>
      {look.words !== '' && (
        <p className="mt-3 text-lg">
          <b>{look.words}</b>
          {look.lost >= 0.005 && <span className="text-hot"> {percent(look.lost)} of the picture is lost.</span>}
        </p>
      )}
      <Colours look={look} />
      <dl className="mt-3 grid grid-cols-[8.5rem_1fr] gap-y-1 border-t border-rule pt-2">
        <dt className="text-soft">Finest line</dt>
        <dd>{look.finest_mm === null ? 'not a drawing of lines' : `${format.length(look.finest_mm)} at this size`}</dd>
        <dt className="text-soft">Cut line</dt>
        <dd>
          <CutTool key={artwork.sha256} view={view} onLine={setLine} />
        </dd>
        <dt className="text-soft">Upside down</dt>
        <dd>{percent(look.upside_down)} like itself the right way up</dd>
      </dl>
    </div>
  );
}

/** Each colour as it is meant and as it will be seen. */
function Colours({ look }: { look: Look }) {
  return (
    <ul className="mt-2 grid grid-cols-2 gap-x-6 max-md:grid-cols-1">
      {look.colours.map((colour) => {
        const [sign, tone, word] = FATE[colour.fate];
        return (
          <li key={colour.meant} className="flex items-center gap-2 border-t border-rule py-1">
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
