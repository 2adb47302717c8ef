import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, got } from '../api/client';
import { server } from '../api/queries';
import { Waiting } from '../parts/Notice';
import { Diagnoses } from './Diagnoses';

/** A piece that went wrong, in a person's own words. */
export function DoctorPage() {
  const catalogue = useQuery(server.catalogue());
  const [asked, setAsked] = useState({ route: '', seen: '', where: '', done: '' });
  const ask = useMutation({ mutationFn: () => got(api.POST('/api/doctor', { body: asked })) });
  if (catalogue.data === undefined) {
    return <Waiting error={catalogue.error} />;
  }
  const errors = ask.error?.errors ?? {};
  const known = Object.entries(ask.data?.known ?? {});
  return (
    <div className="mx-auto max-w-5xl px-6 py-6">
      <h1 className="text-3xl">Find the cause</h1>
      <p className="mt-1 text-soft">
        This is for a piece that is not in the logbook. A piece in the logbook shows its causes there.
      </p>
      <form
        className="mt-4 grid max-w-3xl gap-4"
        onSubmit={(e) => {
          e.preventDefault();
          ask.mutate();
        }}
      >
        <label>
          <span className="block text-soft">How it was made</span>
          <select
            className="field"
            value={asked.route}
            aria-invalid={errors.route !== undefined}
            onChange={(e) => setAsked({ ...asked, route: e.target.value })}
          >
            <option value="">Choose a route</option>
            {catalogue.data.routes.map((route) => (
              <option key={route.id} value={route.id}>
                {route.label}
              </option>
            ))}
          </select>
          {errors.route !== undefined && <span className="text-hot">{errors.route}</span>}
        </label>
        {(
          [
            ['seen', 'What is wrong?', 'lifted edge; pale; smeared; reads backwards …'],
            ['where', 'Where', 'edge; corner; spot; all over'],
            ['done', 'What was done', '12 s an area; on a hard board; dried 10 min; peeled cold'],
          ] as const
        ).map(([field, label, hint]) => (
          <label key={field}>
            <span className="block text-soft">{label}</span>
            <input
              className="field text-lg"
              value={asked[field]}
              maxLength={1000}
              placeholder={hint}
              aria-invalid={errors[field] !== undefined}
              onChange={(e) => setAsked({ ...asked, [field]: e.target.value })}
            />
            {errors[field] !== undefined && <span className="text-hot">{errors[field]}</span>}
          </label>
        ))}
        <div>
          <button type="submit" className="key key-on text-lg" disabled={ask.isPending}>
            Find the cause
          </button>
        </div>
      </form>
      {ask.data !== undefined && (
        <section aria-label="Causes" className="mt-6">
          <h2 className="border-b border-ink pb-1 text-xl">
            {ask.data.label.charAt(0).toUpperCase() + ask.data.label.slice(1)}, {ask.data.place}
          </h2>
          <p className="py-1 text-sm text-soft">
            Wubbin understood this of what you did:{' '}
            {known.length === 0
              ? 'nothing.'
              : known.map(([what, value]) => `${what.replaceAll('_', ' ')} ${String(value)}`).join(' · ')}
          </p>
          {ask.data.diagnoses.length === 0 ? (
            <p className="text-lg">Wubbin knows no cause for this on this route.</p>
          ) : (
            <Diagnoses list={ask.data.diagnoses} />
          )}
        </section>
      )}
    </div>
  );
}
