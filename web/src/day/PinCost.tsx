import { useQuery } from '@tanstack/react-query';
import { api, got, problemOf } from '../api/client';
import type { Block } from './DayStrip';
import { Pushed } from './Pushed';

/** What it would cost to have a block begin at the time that it is held over; asked while it is still held. */
export function PinCost({ block, t, finish, zone }: { block: Block; t: number; finish: number; zone: string }) {
  const time = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit', timeZone: zone }).format(
    t * 1000,
  );
  const day = new Intl.DateTimeFormat('sv-SE', { timeZone: zone }).format(t * 1000);
  const tried = useQuery({
    queryKey: ['tried', block.id, day, time],
    queryFn: () => got(api.POST('/api/day/pins/tried', { body: { activity: block.id, day, time } })),
    staleTime: 0,
    retry: false,
  });
  const later = tried.data === undefined ? 0 : Math.round((tried.data.finish - finish) / 60);
  return (
    <p role="status" className="mt-2 border-l-6 border-face px-4 py-2 text-lg">
      <b>At {time}:</b>{' '}
      {tried.error !== null ? (
        <span className="font-semibold text-hot">{problemOf(tried.error).message}</span>
      ) : tried.data === undefined ? (
        'reckoning …'
      ) : (
        <>
          {later === 0
            ? 'Everything is done as early as now.'
            : `Everything is done ${Math.abs(later)} min ${later > 0 ? 'later' : 'earlier'}.`}{' '}
          <Pushed pushed={tried.data.pushed} zone={zone} />
        </>
      )}
    </p>
  );
}
