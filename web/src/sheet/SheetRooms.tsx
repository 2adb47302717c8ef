import { Link, useLocation } from 'react-router';

const ROOMS = [
  ['/sheets', 'Sheet layout'],
  ['/sheets/queue', 'Print queue'],
  ['/sheets/printers', 'Printers and trays'],
] as const;

/** What there is to do with sheets. */
export function SheetRooms() {
  const { pathname } = useLocation();
  return (
    <nav aria-label="Sheets" className="flex flex-wrap gap-x-4 text-sm">
      {ROOMS.map(([to, label]) => (
        <Link
          key={to}
          to={to}
          aria-current={pathname === to ? 'page' : undefined}
          className={`border-b-2 ${pathname === to ? 'border-ink font-bold' : 'border-transparent text-soft hover:text-ink'}`}
        >
          {label}
        </Link>
      ))}
    </nav>
  );
}
