import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, got, problemOf } from '../api/client';
import { server } from '../api/queries';
import { SelectField, TextField } from '../measure/Field';
import { dayFrom, money } from '../measure/money';
import { Pushed } from './Pushed';

/** “Can we do it by …?”: asked for somebody on the telephone, and nothing of it is kept. */
export function CanWe({ zone }: { zone: string }) {
  const jobs = useQuery(server.jobs());
  const [job, setJob] = useState('');
  const [pieces, setPieces] = useState('12');
  const [day, setDay] = useState(dayFrom(5));
  const ask = useMutation({
    mutationFn: () => got(api.POST('/api/promises', { body: { job: job || (jobs.data?.[0]?.id ?? ''), pieces, day } })),
  });
  const errors = ask.error === null ? {} : problemOf(ask.error).errors;
  const at = new Intl.DateTimeFormat('en-GB', {
    weekday: 'long',
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
    timeZone: zone,
  });
  const answer = ask.data;
  return (
    <section aria-labelledby="can-we" className="mt-4 border-y border-ink py-3 print:hidden">
      <h2 id="can-we" className="text-xl">
        Can we do it by …?
      </h2>
      <form
        className="mt-1 grid items-start gap-x-4 gap-y-2 sm:grid-cols-[minmax(0,1fr)_7rem_10rem_auto]"
        onSubmit={(e) => {
          e.preventDefault();
          ask.mutate();
        }}
      >
        <SelectField
          label="Like which job?"
          error={errors.job}
          options={(jobs.data ?? []).map((one) => ({ id: one.id, label: one.name }))}
          value={job}
          onChange={(e) => setJob(e.target.value)}
        />
        <TextField
          label="How many?"
          inputMode="numeric"
          error={errors.pieces}
          value={pieces}
          onChange={(e) => setPieces(e.target.value)}
        />
        <TextField
          label="By which day?"
          type="date"
          error={errors.day}
          value={day}
          onChange={(e) => setDay(e.target.value)}
        />
        <button type="submit" className="key-main mt-5" disabled={ask.isPending || jobs.data === undefined}>
          Ask
        </button>
      </form>
      {ask.error !== null && Object.keys(errors).length === 0 && (
        <p role="alert" className="mt-2 font-semibold text-hot">
          {problemOf(ask.error).message}
        </p>
      )}
      {answer !== undefined && (
        <div role="status" className="mt-2 text-lg">
          <p>
            {answer.yes ? (
              <b className="text-done">✓ Yes. </b>
            ) : answer.kept ? (
              <b className="text-wait">Yes, but something else becomes late. </b>
            ) : (
              <b className="text-hot">✕ No. </b>
            )}
            Ready {at.format(answer.ready * 1000)}. <b>{money(answer.gross, answer.currency, answer.digits)}</b> with
            tax, {money(answer.each, answer.currency, answer.digits)} each without.
            {!answer.priced && <span className="text-wait"> Some of what it needs has no price yet.</span>}
          </p>
          <p className="text-base">
            <Pushed pushed={answer.pushed} zone={zone} />
          </p>
        </div>
      )}
    </section>
  );
}
