import { Tabs } from 'radix-ui';
import { useState } from 'react';
import { useLocation, useNavigate, useParams, useSearchParams } from 'react-router';
import { api, done, got, partOf, problemOf, type Schemas, type Task, type TransferPlan } from '../api/client';
import { useAppearance } from '../artwork/Appearances';
import { LookStage } from '../artwork/LookStage';
import { HeatStage } from '../heat/HeatStage';
import { StartBench } from '../job/StartBench';
import { useJob } from '../job/useJob';
import { useMoments } from '../measure/settings';
import { Notice, Waiting } from '../parts/Notice';
import { useKeys } from '../parts/useKeys';
import { SheetStage } from '../sheet/SheetStage';
import { StackSection } from '../stack/StackSection';
import { BlankStage } from './BlankStage';
import { Checks } from './Checks';
import { JobLinks } from './JobLinks';
import { MakeSheets, SheetsLeft } from './MakeSheets';
import { NextBar } from './NextBar';
import { Ticket } from './Ticket';
import { TimeStrip } from './TimeStrip';

/** Names of fields as the screen calls them, for telling what a held-back change was. */
const FIELD: Record<string, string> = {
  below: 'distance from the upper edge',
  right: 'distance from centre',
  marking: 'printer',
  medium: 'sheet',
  kind: 'blank',
};

const STAGES = ['blank', 'sheet', 'look', 'heat'];

/** 1 to 4 turn to the views of the stage. */
function useStageKeys(turnTo: (stage: string) => void) {
  useKeys((e) => {
    const stage = STAGES[Number(e.key) - 1];
    if (stage === undefined) {
      return false;
    }
    turnTo(stage);
    return true;
  });
}

export function JobPage() {
  const { id = '' } = useParams();
  const [search, setSearch] = useSearchParams();
  const wanted = Math.max(0, Number(search.get('picture') ?? 1) - 1) || 0;
  const handle = useJob(id, wanted);
  const moments = useMoments();
  const navigate = useNavigate();
  // Who has just made this job goes on with what is next.
  const fresh = useLocation().state === 'made';
  const [stage, setStage] = useState('blank');
  const [begins, setBegins] = useState(false);
  const [problem, setProblem] = useState<string>();
  const [making, setMaking] = useState<Task>();
  const { view } = handle;
  const seen = useAppearance(view?.plan.transfers[wanted]?.look?.appearances);
  useStageKeys(setStage);
  if (view === undefined) {
    return <Waiting error={handle.error} />;
  }
  const { job, plan: whole } = view;
  const part = partOf(view, wanted);
  const { plan } = part;
  const open = whole.transfers.reduce((sum, one) => sum + one.checks.filter((c) => c.blocks).length, 0);
  const pick = (at: number) => setSearch(at === 0 ? {} : { picture: String(at + 1) }, { replace: true });

  async function add() {
    const errors = await handle.change({ transfer: 'add' });
    setProblem(errors.transfer);
    if (errors.transfer === undefined) {
      pick(whole.transfers.length);
    }
  }

  async function copy() {
    try {
      const made = await got(
        api.POST('/api/jobs/{id}/copy', { params: { path: { id } }, body: { id: crypto.randomUUID() } }),
      );
      navigate(`/jobs/${made.job.id}`);
    } catch (e) {
      setProblem(problemOf(e).message);
    }
  }

  /** Of all pieces; or of so many only. */
  async function makeSheet(pieces?: number) {
    setProblem(undefined);
    const page = window.open('', '_blank');
    const path = { params: { path: { id } } };
    try {
      const sheet = await done<Schemas['SheetView']>(
        pieces === undefined
          ? api.POST('/api/jobs/{id}/sheet', path)
          : api.POST('/api/jobs/{id}/sheet/some', { ...path, body: { pieces } }),
        setMaking,
      );
      if (page === null) {
        location.assign(sheet.url);
      } else {
        page.location.assign(sheet.url);
      }
      await handle.refresh();
    } catch (e) {
      page?.close();
      setProblem(problemOf(e).message);
    }
    setMaking(undefined);
  }

  // What is next stands at the top of the job, and everything else along its foot.
  const make = (
    <MakeSheets
      main={view.next.does === 'sheet'}
      fresh={fresh}
      many={view.work.sheets !== 1}
      making={making}
      disabled={!whole.printable}
      onMake={() => makeSheet()}
    />
  );
  const toBench = (
    <button
      type="button"
      className={view.next.does === 'bench' ? 'key-main' : 'key'}
      disabled={!whole.ready}
      onClick={() => setBegins(true)}
    >
      To the bench
    </button>
  );
  return (
    <div className="flex min-h-full flex-col lg:h-full">
      {handle.clash !== undefined && <Clash changes={handle.clash} onSettle={handle.settle} />}
      {(handle.trouble ?? problem) !== undefined && (
        <div className="px-5">
          <Notice tone="hot">{handle.trouble ?? problem}</Notice>
        </div>
      )}
      <div className="grid min-h-0 flex-1 lg:grid-cols-[24.5rem_minmax(0,1fr)_18.5rem] lg:grid-rows-[auto_minmax(0,1fr)]">
        <div className="border-rule px-5 pt-4 pb-2 lg:border-r">
          <h1 className="text-2xl break-words">{job.name}</h1>
          <p className="mb-2 text-soft">
            {job.quantity === 1 ? '1 piece' : `${job.quantity} pieces`}
            {job.due !== null && ` · by ${moments.day(job.due)}`} ·{' '}
            {open === 0 ? 'ready' : <b className="text-wait">{open} to settle</b>}
          </p>
          <NextBar view={view} handle={handle} onPick={pick}>
            {view.next.does === 'sheet' ? make : toBench}
          </NextBar>
        </div>
        <section aria-label="Ticket" className="overflow-auto border-rule max-lg:order-3 lg:border-r">
          <div className="flex flex-wrap items-baseline gap-x-4 px-5 pb-2">
            {whole.transfers.length > 1 && <PictureTabs transfers={whole.transfers} at={part.at} onPick={pick} />}
            <button type="button" className="link text-sm" onClick={add}>
              Put another picture on it
            </button>
          </div>
          <Ticket key={part.at} view={part} handle={handle} next={view.next} />
          <JobLinks
            id={id}
            name={job.name}
            archived={view.archived}
            handle={handle}
            onCopy={copy}
            onAway={() => navigate('/jobs')}
          />
        </section>
        <section
          aria-label="Drawing and checks"
          className="flex min-h-0 min-w-0 flex-col px-5 pt-3 max-lg:order-2 lg:col-start-2 lg:row-span-2 lg:row-start-1"
        >
          <Tabs.Root value={stage} onValueChange={setStage} className="flex min-h-[26rem] flex-1 flex-col lg:min-h-0">
            <Tabs.List className="flex gap-4 overflow-x-auto whitespace-nowrap" aria-label="Views">
              {(
                [
                  [
                    'blank',
                    whole.transfers.length === 1 ? `On the ${whole.piece}` : `On the ${whole.piece}: ${plan.side}`,
                  ],
                  ['sheet', 'On the sheet'],
                  ['look', 'The picture'],
                  ['heat', 'The heat'],
                ] as const
              ).map(([value, label]) => (
                <Tabs.Trigger
                  key={value}
                  value={value}
                  className="border-b-2 border-transparent text-soft data-[state=active]:border-ink data-[state=active]:font-bold data-[state=active]:text-ink"
                >
                  {label}
                </Tabs.Trigger>
              ))}
            </Tabs.List>
            <Tabs.Content value="blank" className="min-h-0 flex-1">
              <BlankStage view={part} handle={handle} seen={seen} onPick={pick} />
            </Tabs.Content>
            <Tabs.Content value="sheet" className="min-h-0 flex-1">
              <SheetStage view={part} work={view.work} handle={handle} />
            </Tabs.Content>
            <Tabs.Content value="look" className="min-h-0 flex-1">
              <LookStage view={part} change={handle.change} seen={seen} />
            </Tabs.Content>
            <Tabs.Content value="heat" className="min-h-0 flex-1">
              <HeatStage view={part} />
            </Tabs.Content>
          </Tabs.Root>
          <Checks checks={plan.checks} handle={handle} next={view.next.transfer === part.at ? view.next.check : null} />
        </section>
        <section
          aria-label="Layers, from top to bottom"
          // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be reached by the keyboard
          tabIndex={0}
          className="overflow-auto border-rule px-5 pt-3 max-lg:order-4 lg:col-start-3 lg:row-span-2 lg:row-start-1 lg:border-l"
        >
          <StackSection plan={plan} />
        </section>
      </div>
      <footer className="shrink-0 border-t border-ink px-5 pt-2.5 pb-3">
        <TimeStrip view={view}>
          {view.printed !== null && (
            <span className={view.printed.current ? 'text-done' : 'font-semibold text-wait'}>
              {view.printed.current
                ? `${view.work.sheets === 1 ? 'Sheet' : 'Sheets'} made, plan ${view.printed.plan}`
                : `◆ The sheet of plan ${view.printed.plan} no longer matches. Make it again`}
            </span>
          )}
          {view.next.does !== 'sheet' && make}
          <SheetsLeft view={view} disabled={!whole.printable || making !== undefined} onMake={makeSheet} />
          {view.next.does !== 'bench' && toBench}
        </TimeStrip>
        <StartBench view={view} open={begins} onOpen={setBegins} />
      </footer>
    </div>
  );
}

/** What was typed here while somebody else changed the job. */
function Clash({ changes, onSettle }: { changes: Record<string, string>; onSettle: (mine: boolean) => void }) {
  return (
    <div className="px-5">
      <Notice tone="wait">
        <p className="font-bold">Somebody changed this job in another window.</p>
        <p>
          Your change is not lost:{' '}
          {Object.entries(changes)
            .map(([field, value]) => `${FIELD[field] ?? field} ${value}`)
            .join(', ')}
          .
        </p>
        <p className="mt-2 flex gap-3">
          <button type="button" className="key-main" onClick={() => onSettle(true)}>
            Use my change
          </button>
          <button type="button" className="key" onClick={() => onSettle(false)}>
            Use the other change
          </button>
        </p>
      </Notice>
    </div>
  );
}

/** The pictures of a piece, to take one in hand. */
function PictureTabs({
  transfers,
  at: inHand,
  onPick,
}: {
  transfers: TransferPlan[];
  at: number;
  onPick: (at: number) => void;
}) {
  return (
    <div role="tablist" aria-label="Pictures on it" className="flex flex-wrap gap-x-4">
      {transfers.map((one, at) => (
        <button
          key={one.name}
          type="button"
          role="tab"
          aria-selected={at === inHand}
          className={`border-b-2 ${at === inHand ? 'border-ink font-bold' : 'border-transparent text-soft'}`}
          onClick={() => onPick(at)}
        >
          {one.name}
          {one.checks.some((c) => c.blocks) && <span className="text-wait"> ◆</span>}
        </button>
      ))}
    </div>
  );
}
