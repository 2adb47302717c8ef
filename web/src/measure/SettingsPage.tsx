import { useQuery } from '@tanstack/react-query';
import { type ReactNode, useState } from 'react';
import { problemOf, type Settings } from '../api/client';
import { server } from '../api/queries';
import { Labelled, SelectField, TypedField } from './Field';
import { useSettings } from './settings';

/** @param children what else of the shop is set up, by rooms above this one */
export function SettingsPage({ children }: { children: ReactNode }) {
  const { settings, change } = useSettings();
  const catalogue = useQuery(server.catalogue());
  const [errors, setErrors] = useState<Record<string, string>>({});
  const [saved, setSaved] = useState(false);

  async function set(part: Partial<Settings>): Promise<Record<string, string>> {
    try {
      await change(part);
      setErrors({});
      setSaved(true);
      return {};
    } catch (e) {
      const problem = problemOf(e);
      setErrors(problem.errors);
      setSaved(false);
      return problem.errors;
    }
  }

  return (
    <div className="mx-auto max-w-xl px-6 py-6">
      <h1 className="text-3xl">Settings</h1>
      <p className="text-soft" aria-live="polite">
        {saved ? 'Saved.' : 'Each change is saved at once.'}
      </p>
      <div className="mt-4 grid gap-4 border-t border-ink pt-4">
        <SelectField
          label="Units"
          options={[
            { id: 'metric', label: 'millimetres and °C' },
            { id: 'us', label: 'inches and °F' },
          ]}
          value={settings.units}
          onChange={(e) => set({ units: e.target.value as Settings['units'] })}
        />
        <SelectField
          label="Inches"
          options={[
            { id: 'fractions', label: 'as fractions: 9 7/16' },
            { id: 'decimals', label: 'as decimals: 9.45' },
          ]}
          value={settings.inches}
          onChange={(e) => set({ inches: e.target.value as Settings['inches'] })}
        />
        <SelectField
          label="Decimals"
          options={[
            { id: 'point', label: 'with a point: 21.6' },
            { id: 'comma', label: 'with a comma: 21,6' },
          ]}
          value={settings.comma ? 'comma' : 'point'}
          onChange={(e) => set({ comma: e.target.value === 'comma' })}
        />
        <SelectField
          label="Usual paper"
          options={[
            { id: 'a4', label: 'A4, 210 × 297 mm' },
            { id: 'letter', label: 'Letter, 8.5 × 11 in' },
          ]}
          value={settings.paper}
          onChange={(e) => set({ paper: e.target.value as Settings['paper'] })}
          hint="If you have film of both sizes, Wubbin uses this one."
        />
        <TypedField
          label="Currency"
          value={settings.currency}
          hint="Three letters, such as EUR or USD"
          onSend={(currency) => set({ currency }).then((e) => e.currency)}
        />
        <Labelled label="Time zone" error={errors.zone}>
          {(ids) => (
            <select {...ids} className="field" value={settings.zone} onChange={(e) => set({ zone: e.target.value })}>
              {(catalogue.data?.zones ?? [settings.zone]).map((zone) => (
                <option key={zone}>{zone}</option>
              ))}
            </select>
          )}
        </Labelled>
        <SelectField
          label="Light or dark"
          options={[
            { id: 'system', label: 'as the system' },
            { id: 'light', label: 'light' },
            { id: 'dark', label: 'dark' },
          ]}
          value={settings.theme}
          onChange={(e) => set({ theme: e.target.value as Settings['theme'] })}
        />
      </div>
      {children}
    </div>
  );
}
