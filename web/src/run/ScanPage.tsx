import { useQuery } from '@tanstack/react-query';
import { Link, Navigate, useParams } from 'react-router';
import { api, got } from '../api/client';

/** Where the code of a label leads: on to the step, the judgement, the logbook or the order. */
export function ScanPage() {
  const { run = '', piece = '0' } = useParams();
  const place = useQuery({
    queryKey: ['scan', run, piece],
    queryFn: () => got(api.GET('/api/scan/{run}/{piece}', { params: { path: { run, piece: Number(piece) } } })),
    staleTime: 0,
  });
  if (place.data !== undefined) {
    return <Navigate to={place.data.to} replace />;
  }
  return (
    <div className="p-8 text-xl">
      {place.error === null ? (
        'One moment …'
      ) : (
        <>
          <h1 className="text-2xl">This label leads nowhere</h1>
          <p className="mt-2">{place.error.message}</p>
          <p className="mt-2">
            <Link to="/bench" className="link">
              Go to the bench
            </Link>
          </p>
        </>
      )}
    </div>
  );
}
