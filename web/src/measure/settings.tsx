import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { createContext, type ReactNode, useContext, useEffect, useMemo } from 'react';
import { api, got, type Settings } from '../api/client';
import { keys, server } from '../api/queries';
import { type Format, makeFormat } from './format';

const STANDARD: Settings = {
  units: 'metric',
  comma: false,
  paper: 'a4',
  currency: 'EUR',
  zone: 'UTC',
  theme: 'system',
  inches: 'fractions',
};

interface Held {
  settings: Settings;
  format: Format;
  /** Changes some settings and leaves the others as they are. */
  change: (part: Partial<Settings>) => Promise<Settings>;
}

const Context = createContext<Held | null>(null);

/** The shop's settings, held for every screen; the theme is put on the page here. */
export function SettingsProvider({ children }: { children: ReactNode }) {
  const queries = useQueryClient();
  const { data } = useQuery(server.settings());
  const { mutateAsync } = useMutation({
    mutationFn: (part: Partial<Settings>) => got(api.PATCH('/api/settings', { body: part })),
    // One after another, so that the later of two quick changes has the last word.
    scope: { id: 'settings' },
    onSuccess: (settings) => queries.setQueryData(keys.settings, settings),
  });
  const settings = data ?? STANDARD;
  const { units, comma, theme, inches } = settings;

  useEffect(() => {
    const dark = matchMedia('(prefers-color-scheme: dark)');
    const apply = () => {
      document.documentElement.dataset.theme = theme === 'system' ? (dark.matches ? 'dark' : 'light') : theme;
    };
    apply();
    dark.addEventListener('change', apply);
    return () => dark.removeEventListener('change', apply);
  }, [theme]);

  const held = useMemo(
    () => ({ settings, format: makeFormat({ units, comma, inches }), change: mutateAsync }),
    [settings, units, comma, inches, mutateAsync],
  );
  return <Context.Provider value={held}>{children}</Context.Provider>;
}

export function useSettings(): Held {
  const held = useContext(Context);
  if (held === null) {
    throw new Error('SettingsProvider is missing');
  }
  return held;
}

export const useFormat = () => useSettings().format;

/** Days and times in the shop's own time zone. */
export function useMoments() {
  const { zone } = useSettings().settings;
  return useMemo(() => {
    const day = new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'short', timeZone: 'UTC' });
    const at = new Intl.DateTimeFormat('en-GB', {
      day: 'numeric',
      month: 'short',
      hour: '2-digit',
      minute: '2-digit',
      timeZone: zone,
    });
    return {
      day: (date: string) => day.format(new Date(`${date}T00:00:00Z`)),
      at: (i: string) => at.format(new Date(i)),
    };
  }, [zone]);
}
