import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, got, type Schemas } from '../api/client';
import { server } from '../api/queries';
import { SelectField } from '../measure/Field';
import { useFormat, useMoments } from '../measure/settings';
import { Notice } from '../parts/Notice';
import { LoadDrawing } from './LoadDrawing';
import { usePrint, useShare } from './printing';

type Group = Schemas['DueGroup'];

/** Sheets of one paper for one printer: what to lay in and how, for which jobs, and the key that prints them. */
export function DueGroupCard({
  group,
  devices,
  shared,
  only,
  onChange,
}: {
  group: Group;
  devices: { id: string; label: string }[];
  shared: Schemas['SharedView'] | undefined;
  only: string[];
  onChange: () => void;
}) {
  const format = useFormat();
  const moments = useMoments();
  const print = usePrint(group.key, only, onChange);
  const { share, doing, error } = useShare(shared, onChange);
  const [choosing, setChoosing] = useState(group.setting.device === null);
  const sheets = group.sheets === 1 ? '1 sheet' : `${group.sheets} sheets`;
  const size = { width: group.width_mm, height: group.height_mm };
  const device = devices.find((one) => one.id === group.setting.device);
  return (
    <section
      id={group.key}
      aria-label={`${group.medium_label}, ${group.marking_label}`}
      className="grid gap-x-6 border-b border-line py-4 md:grid-cols-[13rem_minmax(0,1fr)]"
    >
      <LoadDrawing loading={group.loading} page={size} />
      <div>
        <div className="flex flex-wrap items-start gap-x-4 gap-y-2">
          <div className="min-w-0 flex-1">
            <h2 className="text-xl">
              Load {sheets} of {group.medium_label}
            </h2>
            <p className="text-soft">
              {group.marking_label}, {format.bareLength(size.width)} × {format.length(size.height)}
              {group.mirrored ? ', printed mirrored' : ''}
              {device !== undefined && ` · ${device.label}`}
              {group.setting.device !== null && (
                <button type="button" className="link ml-2" onClick={() => setChoosing(!choosing)}>
                  change
                </button>
              )}
            </p>
          </div>
          <button
            type="button"
            className="key-main text-lg"
            disabled={group.setting.device === null || print.isPending || group.printing !== null}
            onClick={() => print.mutate()}
          >
            {group.printing === null ? `Print ${sheets}` : 'Printing …'}
          </button>
        </div>
        {choosing && (
          <Choose
            group={group}
            devices={devices}
            onKept={() => {
              setChoosing(false);
              onChange();
            }}
          />
        )}
        {print.error !== null && <Notice tone="hot">{print.error.message}</Notice>}
        <ul className="mt-2 border-t border-rule">
          {group.entries.map((entry) => (
            <li
              key={`${entry.job} ${entry.share} ${entry.sheet}`}
              className="grid grid-cols-[2.6rem_minmax(0,1fr)_auto] items-center gap-x-3 border-b border-rule py-1"
            >
              <span className="flex h-10 w-10 items-center justify-center">
                {entry.artwork !== null && (
                  <img src={`/api/artwork/${entry.artwork}/preview`} alt="" className="max-h-full max-w-full" />
                )}
              </span>
              <span className="min-w-0">
                <Link to={`/jobs/${entry.job}`} className="block truncate font-semibold hover:underline">
                  {entry.name}
                  {entry.of !== '' && <span className="font-normal text-soft"> · {entry.of}</span>}
                </Link>
                <span className="block truncate text-sm text-soft">
                  {entry.pieces === 1 ? '1 piece' : `${entry.pieces} pieces`}
                  {entry.due !== null && `, by ${moments.day(entry.due)}`}
                  {entry.again && <b className="text-wait"> ◆ once more</b>}
                </span>
              </span>
              <span>{entry.sheets === 1 ? '1 sheet' : `${entry.sheets} sheets`}</span>
            </li>
          ))}
        </ul>
        {shared !== undefined && group.printing === null && (
          <p className="mt-2">
            {doing === undefined ? (
              <>
                Together these jobs take {shared.together} sheets instead of {shared.apart}.{' '}
                <button type="button" className="link font-semibold" onClick={share}>
                  Share the sheets
                </button>
              </>
            ) : (
              <span aria-live="polite">{doing.doing} …</span>
            )}
          </p>
        )}
        {error !== null && <Notice tone="hot">{error}</Notice>}
      </div>
    </section>
  );
}

/** Which printer of this machine it is: said once for each printer and paper. */
function Choose({
  group,
  devices,
  onKept,
}: {
  group: Group;
  devices: { id: string; label: string }[];
  onKept: () => void;
}) {
  const [device, setDevice] = useState(group.setting.device ?? '');
  const [type, setType] = useState(group.setting.type ?? '');
  const [source, setSource] = useState(group.setting.source ?? '');
  const [quality, setQuality] = useState(String(group.setting.quality ?? ''));
  const offer = useQuery({ ...server.offers(group.key, device), enabled: device.startsWith('lp:') }).data;
  const keep = useMutation({
    mutationFn: () =>
      got(
        api.PUT('/api/print/settings', {
          body: {
            marking: group.marking,
            medium: group.guides ? 'plain paper' : group.medium,
            device,
            type: type === '' ? null : type,
            source: source === '' ? null : source,
            quality: quality === '' ? null : Number(quality),
          },
        }),
      ),
    onSuccess: onKept,
  });
  return (
    <form
      className="mt-2 flex flex-wrap items-end gap-3"
      onSubmit={(e) => {
        e.preventDefault();
        keep.mutate();
      }}
    >
      <div className="w-72">
        <SelectField
          label={`Where is the ${group.marking_label}?`}
          options={[{ id: '', label: 'Choose …' }, ...devices]}
          value={device}
          error={keep.error?.errors.device}
          onChange={(e) => {
            setDevice(e.target.value);
            setType('');
            setSource('');
            setQuality('');
          }}
        />
      </div>
      {offer !== undefined && (
        <>
          {(
            [
              ['Kind of paper', offer.types, type, setType],
              ['Tray', offer.sources, source, setSource],
              ['Quality', qualities(offer.qualities), quality, setQuality],
            ] as const
          ).map(
            ([label, options, value, set]) =>
              options.length > 0 && (
                <div key={label} className="w-44">
                  <SelectField
                    label={`${label}, as it calls it`}
                    options={[{ id: '', label: 'its own choice' }, ...options]}
                    value={value}
                    onChange={(e) => set(e.target.value)}
                  />
                </div>
              ),
          )}
          {offer.lacks.map((lack) => (
            <p key={lack} role="alert" className="w-full font-semibold text-hot">
              ✕ {lack}
            </p>
          ))}
        </>
      )}
      <button type="submit" className="key key-on" disabled={device === '' || keep.isPending}>
        Use it
      </button>
    </form>
  );
}

const QUALITY: Record<number, string> = { 3: 'draft', 4: 'normal', 5: 'high' };

const qualities = (offered: number[]) =>
  offered.map((one) => ({ id: String(one), label: QUALITY[one] ?? String(one) }));
