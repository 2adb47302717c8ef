/** The hours at which the journeys can be gone through: what a shop's clock is set to, and the zone of its people. */
const MOMENTS = {
  /** A Wednesday morning: what every run has. */
  usual: { at: '2026-09-23T08:20:00+02:00', zone: 'Europe/Berlin' },
  'before midnight': { at: '2026-09-23T23:58:00+02:00', zone: 'Europe/Berlin' },
  'a Sunday': { at: '2026-09-27T11:00:00+02:00', zone: 'Europe/Berlin' },
  'the night of summer time': { at: '2027-03-28T01:58:30+01:00', zone: 'Europe/Berlin' },
  'the leap day': { at: '2028-02-29T10:15:00+01:00', zone: 'Europe/Berlin' },
  'the last minute of the year': { at: '2026-12-31T23:59:10+01:00', zone: 'Europe/Berlin' },
  'another zone': { at: '2026-09-23T09:40:00+13:00', zone: 'Pacific/Auckland' },
} as const;

const named = process.env.WUBBIN_MOMENT ?? 'usual';
const found = Object.entries(MOMENTS).find(([name]) => name === named);
if (found === undefined) {
  throw new Error(`There is no moment “${named}”. There are: ${Object.keys(MOMENTS).join(', ')}.`);
}

/** When a test begins, and where. */
export const MOMENT = { name: named, at: new Date(found[1].at), zone: found[1].zone };
