import { useId } from 'react';
import type { Part, Schemas } from '../api/client';
import { Worn } from '../artwork/Worn';
import type { JobHandle } from '../job/useJob';
import { useFormat } from '../measure/settings';
import { scaleLabel, useSize } from '../parts/useSize';
import { AllSheets } from './AllSheets';
import { CarrierCard } from './CarrierCard';
import { DriverCard } from './DriverCard';
import { LoadDrawing } from './LoadDrawing';
import { PrintedPicture } from './PrintedPicture';
import { Printable, SheetMark } from './SheetMark';
import { Assembly, TileSheets, useView } from './TileStage';

/** Room above for the scale, below for the caption. */
const ABOVE = 22;
const BELOW = 46;

const LABEL = {
  assembly: 'Put together',
  sheets: 'Its sheets',
  sheet: 'The picture on a sheet',
  all: 'All sheets',
  carrier: 'Its carrier',
  printer: 'Into the printer',
} as const;

/** A job's sheets: as they come out, how they go in, and what is done for them before. */
export function SheetStage({ view, work, handle }: { view: Part; work: Schemas['WorkView']; handle: JobHandle }) {
  const { sheet, tiling, carrier, loading, driver } = view.plan;
  const views = [
    ...(tiling === null ? (['sheet'] as const) : (['assembly', 'sheets'] as const)),
    ...(work.on.length > 0 && view.whole.quantity > 1 ? (['all'] as const) : []),
    ...(carrier === null ? [] : (['carrier'] as const)),
    ...(loading === null ? [] : (['printer'] as const)),
  ];
  const [shown, show] = useView(views, tiling === null ? 'sheet' : 'assembly');
  const page = tiling?.sheets[0] ?? sheet;
  return (
    <div className="flex h-full min-h-64 flex-col">
      {views.length > 1 && (
        <div role="tablist" aria-label="Of the sheet" className="flex gap-3 pt-1 text-sm">
          {views.map((one) => (
            <button
              key={one}
              type="button"
              role="tab"
              aria-selected={one === shown}
              className={`border-b-2 ${one === shown ? 'border-ink font-bold' : 'border-transparent text-soft hover:text-ink'}`}
              onClick={() => show(one)}
            >
              {LABEL[one]}
            </button>
          ))}
        </div>
      )}
      <div className="min-h-0 flex-1 overflow-auto">
        {shown === 'sheet' && <OneSheet view={view} />}
        {shown === 'all' && <AllSheets view={view} work={work} handle={handle} />}
        {shown === 'assembly' && tiling !== null && <Assembly view={view} tiling={tiling} handle={handle} />}
        {shown === 'sheets' && tiling !== null && <TileSheets view={view} tiling={tiling} />}
        {shown === 'carrier' && carrier !== null && (
          <div className="pt-3">
            <CarrierCard carrier={carrier} />
          </div>
        )}
        {shown === 'printer' && loading !== null && (
          <div className="grid gap-6 pt-3 xl:grid-cols-[minmax(0,1fr)_minmax(0,1.5fr)]">
            <LoadDrawing
              loading={loading}
              page={
                page === null
                  ? { width: 210, height: 297 }
                  : {
                      width: Math.min(page.page_width_mm, page.page_height_mm),
                      height: Math.max(page.page_width_mm, page.page_height_mm),
                    }
              }
            />
            {driver !== null && <DriverCard card={driver} />}
          </div>
        )}
      </div>
    </div>
  );
}

/** The sheet as it comes out of the printer, print side up, to scale. */
function OneSheet({ view }: { view: Part }) {
  const { sheet, label } = view.plan;
  const { id } = view.whole;
  const format = useFormat();
  const dull = useId();
  const onSheet = view.plan.look?.appearances.find((one) => one.id === 'sheet');
  const { ref, width, height } = useSize<HTMLDivElement>();
  if (sheet === null) {
    return (
      <div ref={ref} className="h-full min-h-64">
        <p className="mx-auto mt-28 w-fit text-soft">
          {view.artwork === null
            ? 'There is no picture yet, so there is no sheet.'
            : 'There is no sheet layout yet. See the checks.'}
        </p>
      </div>
    );
  }
  const { page_width_mm: w, page_height_mm: h, printable, picture } = sheet;
  const scale = Math.max(0.1, Math.min((width - 20) / w, (height - ABOVE - BELOW) / h));
  return (
    <div ref={ref} className="relative h-full min-h-64 overflow-hidden">
      {width > 0 && (
        <>
          <span className="absolute top-0 right-0 text-sm text-soft">{scaleLabel(scale)}</span>
          <svg
            width={w * scale}
            height={h * scale}
            viewBox={`0 0 ${w} ${h}`}
            className="absolute border border-ink bg-white"
            style={{ left: (width - w * scale) / 2, top: ABOVE }}
            role="img"
            aria-label={`The sheet, print side up${sheet.mirrored ? ', picture mirrored' : ''}`}
          >
            <Printable at={printable} />
            {onSheet !== undefined && <Worn id={dull} as={onSheet} perMm={1} />}
            {view.artwork !== null && (
              <PrintedPicture
                sha256={view.artwork.sha256}
                bent={view.plan.bent?.query ?? null}
                at={picture}
                mirrored={sheet.mirrored}
                filter={onSheet === undefined ? undefined : `url(#${dull})`}
              />
            )}
            {sheet.marks.map((mark) => (
              <SheetMark
                key={`${mark.kind}${mark.x_mm},${mark.y_mm}`}
                mark={mark}
                text={mark.text === label ? `${mark.text} · plan ${id}` : mark.text}
              />
            ))}
          </svg>
          <p className="absolute inset-x-0 text-center text-sm text-soft" style={{ top: ABOVE + h * scale + 6 }}>
            {format.bareLength(w)} × {format.length(h)}, print side up.{' '}
            {sheet.mirrored
              ? 'The picture reads backwards here, as it should.'
              : 'The picture reads the right way round.'}{' '}
            {onSheet?.words} {sheet.apart && 'Its cut line has its own page, on plain paper.'}
          </p>
        </>
      )}
    </div>
  );
}
