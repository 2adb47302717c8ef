import type { ComponentType } from 'react';

/** What is said of a screen: three sentences and a drawing. */
export interface Screen {
  title: string;
  says: string[];
  Drawing: ComponentType;
}

/** One file a screen, fetched when somebody asks. */
const FILES = import.meta.glob<Screen>('./screens/*.tsx');

/** Which screen an address is; the first that fits. */
const SCREENS: [RegExp, string][] = [
  [/^\/$/, 'today'],
  [/^\/print$/, 'print'],
  [/^\/sheets\/queue/, 'queue'],
  [/^\/day/, 'day'],
  [/^\/(orders|scan\/order)/, 'orders'],
  [/^\/quotes/, 'quotes'],
  [/^\/jobs\/new/, 'new-job'],
  [/^\/jobs\/[^/]+\/routes/, 'routes'],
  [/^\/jobs\/[^/]+\/ready/, 'ready'],
  [/^\/jobs\/[^/]+\/names/, 'names'],
  [/^\/jobs\/[^/]+\/proof/, 'proof'],
  [/^\/jobs\/[^/]+\/cost/, 'cost'],
  [/^\/jobs\/[^/]+/, 'job'],
  [/^\/jobs/, 'jobs'],
  [/^\/pictures/, 'pictures'],
  [/^\/sheets/, 'sheets'],
  [/^\/can/, 'can'],
  [/^\/sums/, 'sums'],
  [/^\/(bench|rehearsal|scan\/run)/, 'bench'],
  [/^\/logbook\/lessons/, 'lessons'],
  [/^\/logbook/, 'logbook'],
  [/^\/doctor/, 'doctor'],
  [/^\/ladders/, 'ladders'],
  [/^\/shelf\/trace/, 'trace'],
  [/^\/shelf/, 'shelf'],
  [/^\/start/, 'start'],
  [/^\/printers/, 'printers'],
  [/^\/stock/, 'stock'],
  [/^\/recipes/, 'recipes'],
  [/^\/house/, 'house'],
  [/^\/settings/, 'settings'],
  [/^\/backup/, 'backup'],
  [/^\/parts/, 'parts'],
];

export const screenOf = (pathname: string) => SCREENS.find(([address]) => address.test(pathname))?.[1];

export const help = (screen: string) => FILES[`./screens/${screen}.tsx`]?.();
