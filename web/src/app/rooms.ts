/** A room of the shop: its address, and its name. */
export type Room = readonly [to: string, label: string];

/** The rooms in groups; the first room of a group is where its name leads. */
export const GROUPS: readonly { label: string; rooms: readonly Room[] }[] = [
  {
    label: 'Today',
    rooms: [
      ['/', 'Now and next'],
      ['/print', 'Print'],
      ['/sheets/queue', 'Any sheet'],
      ['/day', 'Day plan'],
    ],
  },
  {
    label: 'Orders',
    rooms: [
      ['/orders', 'Orders'],
      ['/quotes', 'Quotes'],
    ],
  },
  {
    label: 'Jobs',
    rooms: [
      ['/jobs', 'Jobs'],
      ['/pictures', 'Pictures'],
      ['/sheets', 'Sheet layout'],
      ['/can', 'What can I make?'],
      ['/sums', 'Quick sums'],
    ],
  },
  { label: 'Bench', rooms: [['/bench', 'Bench']] },
  {
    label: 'Logbook',
    rooms: [
      ['/logbook', 'Pieces'],
      ['/logbook/lessons', 'What past pieces teach'],
      ['/doctor', 'Find the cause'],
      ['/ladders', 'Test ladders'],
    ],
  },
  {
    label: 'Shop',
    rooms: [
      ['/shelf', 'Shelf'],
      ['/start', 'What do you have?'],
      ['/printers', 'Printers and trays'],
      ['/stock', 'Stock'],
      ['/recipes', 'Recipes'],
      ['/house', 'House rules'],
      ['/settings', 'Settings'],
      ['/backup', 'Backup'],
    ],
  },
];

const inside = (pathname: string, to: string) =>
  pathname === to || (to !== '/' && pathname.startsWith(`${to}/`)) ? to.length : -1;

/** The group that an address belongs to: that of the room it is in, by the longest name. */
export function groupOf(pathname: string) {
  const nearness = (group: (typeof GROUPS)[number]) => Math.max(...group.rooms.map(([to]) => inside(pathname, to)));
  const best = [...GROUPS].sort((one, other) => nearness(other) - nearness(one))[0];
  return best !== undefined && nearness(best) >= 0 ? best : undefined;
}
