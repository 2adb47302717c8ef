import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { api, got } from '../api/client';
import { keys, server } from '../api/queries';
import { dayFrom, money } from '../measure/money';
import { useMoments } from '../measure/settings';
import { Waiting } from '../parts/Notice';
import { Remove } from '../parts/Remove';

/** Quotes that were given, the latest first. */
export function QuotesPage() {
  const quotes = useQuery(server.quotes());
  const moments = useMoments();
  if (quotes.data === undefined) {
    return <Waiting error={quotes.error} />;
  }
  return (
    <div className="mx-auto max-w-4xl px-6 py-6">
      <div className="flex items-baseline gap-4">
        <h1 className="mr-auto text-3xl">Quotes</h1>
        <a className="link" href="/api/quotes.csv" download>
          As a table
        </a>
      </div>
      {quotes.data.length === 0 ? (
        <p className="mt-4 text-lg">There are no quotes yet. Begin one from an order, or from the costs of a job.</p>
      ) : (
        <ul className="mt-4 border-t border-ink">
          {quotes.data.map((quote) => (
            <li key={quote.id} className="flex items-baseline gap-4 border-b border-rule py-2">
              <b className="w-24">Quote {quote.number}</b>
              <span className="grow">{quote.for}</span>
              <span className={quote.over ? 'text-soft' : ''}>
                {quote.over ? 'valid until' : 'valid until'} {moments.day(quote.valid)}
              </span>
              <b className="w-28 text-right">{money(quote.gross, quote.currency, quote.digits)}</b>
              <Accept quote={quote.id} />
              <a className="link" href={`/api/quotes/${quote.id}.pdf`} download>
                PDF
              </a>
              <Remove kind="quote" id={quote.id} name={`Quote ${quote.number}`} />
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}

/** The customer has said yes: the quote becomes an order, once. */
function Accept({ quote }: { quote: string }) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const accept = useMutation({
    mutationFn: () =>
      got(api.POST('/api/quotes/{quote}/order', { params: { path: { quote } }, body: { due: dayFrom(14) } })),
    onSuccess: (page) => {
      for (const queryKey of [keys.orders, keys.jobs, keys.day, keys.today]) {
        queries.invalidateQueries({ queryKey });
      }
      navigate(`/orders/${page.order.id}`);
    },
  });
  return (
    <span>
      <button type="button" className="link font-semibold" disabled={accept.isPending} onClick={() => accept.mutate()}>
        Accepted: make it an order
      </button>
      {accept.error !== null && (
        <span role="alert" className="ml-2 text-hot">
          {accept.error.message}
        </span>
      )}
    </span>
  );
}
