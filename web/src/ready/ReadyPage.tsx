import { ArrowDown, ArrowUp, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { api, done, partOf, problemOf, type Schemas, type Task } from '../api/client';
import { useJob } from '../job/useJob';
import { TextField } from '../measure/Field';
import { useFormat } from '../measure/settings';
import { Notice, Waiting } from '../parts/Notice';
import { TakeBack } from '../parts/TakeBack';
import { Handles, type Point } from './Handles';
import { ReadyStage } from './ReadyStage';
import { StepFields } from './StepFields';
import { GROUPS, KINDS, kindOf, type Step } from './steps';
import { useLook } from './useLook';

/** Makes a picture of a job ready for printing: a list of steps, each shown on the piece as it is changed. */
export function ReadyPage() {
  const { id = '' } = useParams();
  const [search] = useSearchParams();
  const at = Math.max(0, Number(search.get('picture') ?? 1) - 1) || 0;
  const handle = useJob(id, at);
  const { view } = handle;
  if (view === undefined) {
    return <Waiting error={handle.error} />;
  }
  const part = partOf(view, at);
  // What was kept elsewhere begins anew here.
  return <Ready key={`${part.at} ${view.revision}`} part={part} handle={handle} />;
}

function Ready({ part, handle }: { part: ReturnType<typeof partOf>; handle: ReturnType<typeof useJob> }) {
  const { job, transfer, artwork } = part;
  const navigate = useNavigate();
  const kept = (transfer.made?.steps ?? []) as Step[];
  const [steps, setSteps] = useState<Step[]>(kept);
  const [open, setOpen] = useState<number | undefined>(undefined);
  const [making, setMaking] = useState<Task>();
  const [busy, setBusy] = useState(false);
  const [trouble, setTrouble] = useState<string>();
  const has = artwork !== null;
  const { look, errors, problem } = useLook(job.id, part.at, steps, has);
  const opened = open === undefined ? undefined : steps[open];
  const onPicture = opened?.do === 'crop' || opened?.do === 'square';
  const before = useLook(job.id, part.at, steps.slice(0, open ?? 0), has && onPicture).look;
  const changed = JSON.stringify(steps) !== JSON.stringify(kept);
  const back = `/jobs/${job.id}${part.at === 0 ? '' : `?picture=${part.at + 1}`}`;

  const put = (n: number, changes: Record<string, unknown>) =>
    setSteps((all) => all.map((step, i) => (i === n ? { ...step, ...changes } : step)));
  const move = (n: number, by: number) => {
    setSteps((all) => {
      const next = [...all];
      const [step] = next.splice(n, 1);
      next.splice(n + by, 0, step as Step);
      return next;
    });
    setOpen(n + by);
  };

  async function keep() {
    setBusy(true);
    setTrouble(undefined);
    try {
      if (steps.length === 0) {
        await told({ ready: '' });
      } else {
        const made = await done<Schemas['ReadyMade']>(
          api.POST('/api/jobs/{id}/ready', {
            params: { path: { id: job.id } },
            body: { transfer: part.at, steps },
          }),
          setMaking,
        );
        await told({ ready: made.ready });
      }
    } catch (e) {
      const { message, errors: fields } = problemOf(e);
      setTrouble(Object.values(fields)[0] ?? message);
    }
    setMaking(undefined);
    setBusy(false);
  }

  async function told(changes: Record<string, string>) {
    const wrong = Object.values(await handle.change(changes))[0];
    if (wrong === undefined) {
      navigate(back);
    } else {
      setTrouble(wrong);
    }
  }

  async function beginWithWords() {
    setBusy(true);
    try {
      const empty = await done<Schemas['ArtworkView']>(api.POST('/api/artwork/words'), setMaking);
      const wrong = Object.values(await handle.change({ artwork: empty.sha256 }))[0];
      setTrouble(wrong);
    } catch (e) {
      setTrouble(problemOf(e).message);
    }
    setBusy(false);
  }

  return (
    <div className="flex min-h-full flex-col lg:h-full">
      <div className="grid min-h-0 flex-1 lg:grid-cols-[24.5rem_minmax(0,1fr)]">
        <section aria-label="Steps" className="overflow-auto border-rule px-5 pt-4 pb-4 lg:border-r">
          <p className="text-sm">
            <Link to={back} className="link">
              {job.name}
            </Link>
          </p>
          <h1 className="text-2xl">Make the picture ready</h1>
          <p className="mb-3 text-soft">
            {transfer.made?.name ?? artwork?.name ?? 'No picture yet'}. Your own file does not change.
          </p>
          {!has && (
            <>
              <p className="mb-2">Choose a picture in the job first. Or make one of words alone.</p>
              <button type="button" className="key-main" disabled={busy} onClick={beginWithWords}>
                Begin with words
              </button>
            </>
          )}
          {has && look !== undefined && (
            <>
              <ol className="border-t border-rule">
                {steps.map((step, n) => (
                  // biome-ignore lint/suspicious/noArrayIndexKey: steps have no name but their place
                  <li key={n} className="border-b border-rule">
                    <div className="flex items-center gap-1">
                      <button
                        type="button"
                        className="min-h-11 flex-1 text-left font-semibold"
                        aria-expanded={open === n}
                        onClick={() => setOpen(open === n ? undefined : n)}
                      >
                        {n + 1}. {kindOf(step)?.label}
                        {Object.keys(errors).some((field) => field.startsWith(`steps.${n}.`)) && (
                          <span className="text-hot"> ◆</span>
                        )}
                      </button>
                      {open === n && (
                        <>
                          <Tool label="Earlier" disabled={n === 0} onClick={() => move(n, -1)}>
                            <ArrowUp size={16} aria-hidden />
                          </Tool>
                          <Tool label="Later" disabled={n === steps.length - 1} onClick={() => move(n, 1)}>
                            <ArrowDown size={16} aria-hidden />
                          </Tool>
                          <Tool
                            label="Remove this step"
                            onClick={() => {
                              setSteps((all) => all.filter((_, i) => i !== n));
                              setOpen(undefined);
                            }}
                          >
                            <Trash2 size={16} aria-hidden />
                          </Tool>
                        </>
                      )}
                    </div>
                    {open === n && (
                      <StepFields
                        step={step}
                        look={look}
                        errors={Object.fromEntries(
                          Object.entries(errors).flatMap(([field, text]) =>
                            field.startsWith(`steps.${n}.`) ? [[field.split('.')[2] ?? '', text]] : [],
                          ),
                        )}
                        onChange={(changes) => put(n, changes)}
                      />
                    )}
                    <Told step={n} look={look} errors={errors} />
                  </li>
                ))}
              </ol>
              <AddStep
                onAdd={(kind) => {
                  const start = KINDS[kind]?.start(look) ?? {};
                  setSteps((all) => [...all, { do: kind === 'own' ? 'words' : kind, ...start }]);
                  setOpen(steps.length);
                }}
              />
              <ScaleBy part={part} handle={handle} />
            </>
          )}
          <div className="mt-4 text-sm">
            <TakeBack of={`job ${job.id}`} />
          </div>
        </section>
        <section aria-label="Preview" className="flex min-h-[26rem] min-w-0 flex-col px-5 pt-3">
          {has && look === undefined && problem === undefined && <p className="text-soft">Drawing it …</p>}
          {onPicture && open !== undefined && opened !== undefined && before !== undefined ? (
            <PointsOf step={opened} image={before.image} onChange={(changes) => put(open, changes)} />
          ) : (
            look !== undefined && <ReadyStage view={part} look={look} />
          )}
        </section>
      </div>
      <footer className="flex shrink-0 flex-wrap items-center gap-3 border-t border-ink px-5 pt-2.5 pb-3">
        {(trouble ?? problem) !== undefined && <Notice tone="hot">{trouble ?? problem}</Notice>}
        <button
          type="button"
          className="key-main"
          disabled={!changed || busy || Object.keys(errors).length > 0}
          onClick={keep}
        >
          {making !== undefined
            ? `${making.doing}, ${Math.round(making.share * 100)} %`
            : busy
              ? 'Making it …'
              : 'Use this picture'}
        </button>
        {making !== undefined ? (
          <button
            type="button"
            className="key"
            onClick={() => api.DELETE('/api/tasks/{id}', { params: { path: { id: making.id } } })}
          >
            Cancel
          </button>
        ) : (
          <Link to={back} className="key">
            Back without it
          </Link>
        )}
        {changed && <span className="text-sm text-soft">The job stays as it is until you use the picture.</span>}
      </footer>
    </div>
  );
}

function Tool({
  label,
  disabled = false,
  onClick,
  children,
}: {
  label: string;
  disabled?: boolean;
  onClick: () => void;
  children: React.ReactNode;
}) {
  return (
    <button type="button" className="key px-2.5" aria-label={label} title={label} disabled={disabled} onClick={onClick}>
      {children}
    </button>
  );
}

/** How a text came out. */
function Told({ step, look, errors }: { step: number; look: Schemas['ReadyLook']; errors: Record<string, string> }) {
  const format = useFormat();
  const words = look.words.find((one) => one.step === step);
  if (words === undefined || Object.keys(errors).length > 0) {
    return null;
  }
  const wrong = [
    words.missing.length > 0 && `This typeface does not have ${words.missing.join(' ')}. Choose another.`,
    words.too_long && 'It is too long for its room. Give it more room or fewer words.',
    !words.legible && 'Its strokes are finer than this route holds. Make it larger or bolder.',
  ].filter((text) => text !== false);
  return (
    <div className="pb-2 text-sm text-soft">
      <p>Capitals are {format.length(words.capital_mm)} high.</p>
      {wrong.map((text) => (
        <p key={text} className="font-semibold text-wait">
          ◆ {text}
        </p>
      ))}
    </div>
  );
}

function AddStep({ onAdd }: { onAdd: (kind: string) => void }) {
  return (
    <div className="mt-3 grid gap-2">
      {GROUPS.map((group) => (
        <fieldset key={group.label}>
          <legend className="text-sm text-soft">{group.label}</legend>
          <div className="flex flex-wrap gap-1.5">
            {group.kinds.map((kind) => (
              <button key={kind} type="button" className="key px-2.5" onClick={() => onAdd(kind)}>
                {KINDS[kind]?.label}
              </button>
            ))}
          </div>
        </fieldset>
      ))}
    </div>
  );
}

/** The handles of a crop, or of the corners of a paper in a photo. */
function PointsOf({
  step,
  image,
  onChange,
}: {
  step: Step;
  image: string;
  onChange: (changes: Record<string, unknown>) => void;
}) {
  if (step.do === 'square') {
    const corners = step.corners as Point[];
    return (
      <Handles
        image={image}
        points={corners}
        closed
        labels={['First corner', 'Second corner', 'Third corner', 'Fourth corner']}
        onMove={(at, to) => onChange({ corners: corners.map((corner, i) => (i === at ? to : corner)) })}
      />
    );
  }
  const { x, y, width, height } = step as unknown as { x: number; y: number; width: number; height: number };
  const [right, bottom] = [x + width, y + height];
  return (
    <Handles
      image={image}
      points={[
        { x, y },
        { x: right, y },
        { x: right, y: bottom },
        { x, y: bottom },
      ]}
      closed
      labels={['Upper left corner', 'Upper right corner', 'Lower right corner', 'Lower left corner']}
      onMove={(at, to) => {
        const [l, r] = at === 0 || at === 3 ? [to.x, right] : [x, to.x];
        const [t, b] = at < 2 ? [to.y, bottom] : [y, to.y];
        onChange({ x: l, y: t, width: r - l, height: b - t });
      }}
    />
  );
}

/** The size of the whole, told by the size of a part. */
function ScaleBy({ part, handle }: { part: ReturnType<typeof partOf>; handle: ReturnType<typeof useJob> }) {
  const [on, setOn] = useState(false);
  const [ends, setEnds] = useState<Point[]>([
    { x: 0.1, y: 0.5 },
    { x: 0.9, y: 0.5 },
  ]);
  const [typed, setTyped] = useState('');
  const [error, setError] = useState<string>();
  if (!on) {
    return (
      <button type="button" className="link mt-3 text-sm" onClick={() => setOn(true)}>
        Set the size by a part of it
      </button>
    );
  }
  return (
    <div className="mt-3 grid gap-2 border-t border-rule pt-3">
      <p className="text-sm text-soft">Drag both points to the ends of a part. Then write how long that part is.</p>
      <Handles
        image={`/api/artwork/${part.artwork?.sha256 ?? ''}/preview`}
        points={ends}
        closed={false}
        labels={['One end of the part', 'The other end of the part']}
        onMove={(at, to) => setEnds(ends.map((end, i) => (i === at ? to : end)))}
      />
      <TextField label="This part is" error={error} value={typed} onChange={(e) => setTyped(e.target.value)} />
      <button
        type="button"
        className="key"
        onClick={async () =>
          setError((await handle.change({ part: `${ends.map(({ x, y }) => `${x} ${y}`).join(' ')} ${typed}` })).part)
        }
      >
        Set the size
      </button>
    </div>
  );
}
