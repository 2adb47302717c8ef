import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { api, got, problemOf, type Schemas } from '../api/client';
import { keys, server } from '../api/queries';
import { TextField } from '../measure/Field';
import { useMoments } from '../measure/settings';
import { Notice, Waiting } from '../parts/Notice';
import { TakeBack } from '../parts/TakeBack';

type Proof = Schemas['ProofView'];

const STATE = { shown: 'waits for an answer', approved: 'approved', remarks: 'came back with remarks' } as const;

/** What a customer is shown before the heat, and what comes back. */
export function ProofPage() {
  const { id = '' } = useParams();
  const job = useQuery(server.job(id));
  const proofs = useQuery(server.proofs(id));
  const queries = useQueryClient();
  const [wish, setWish] = useState({ for: '', price: '', valid: '', words: '' });
  const [errors, setErrors] = useState<Record<string, string>>({});
  const [problem, setProblem] = useState<string>();
  const [busy, setBusy] = useState(false);
  if (job.data === undefined || proofs.data === undefined) {
    return <Waiting error={job.error ?? proofs.error} />;
  }
  const fresh = async () => {
    await queries.invalidateQueries({ queryKey: keys.proofs(id) });
    await queries.invalidateQueries({ queryKey: keys.job(id) });
  };

  async function make() {
    setBusy(true);
    setProblem(undefined);
    try {
      await got(api.POST('/api/jobs/{id}/proofs', { params: { path: { id } }, body: wish }));
      setErrors({});
      await fresh();
    } catch (e) {
      const told = problemOf(e);
      setErrors(told.errors);
      setProblem(Object.keys(told.errors).some((field) => field in wish) ? undefined : told.message);
    }
    setBusy(false);
  }

  const field = (name: keyof typeof wish, label: string, type = 'text') => (
    <TextField
      label={label}
      type={type}
      error={errors[name]}
      value={wish[name]}
      onChange={(e) => setWish({ ...wish, [name]: e.target.value })}
    />
  );
  return (
    <div className="mx-auto max-w-3xl px-5 py-4">
      <p className="text-sm">
        <Link to={`/jobs/${id}`} className="link">
          {job.data.job.name}
        </Link>
      </p>
      <h1 className="text-2xl">Show it before the heat</h1>
      <p className="mb-4 text-soft">
        A proof shows the pieces as they will look, their sizes and all names. It keeps the job as it is now.
      </p>
      {proofs.data.length === 0 && <p className="mb-4">Nothing was shown yet.</p>}
      <ul className="mb-6 grid gap-3">
        {proofs.data.map((proof) => (
          <ProofRow key={proof.id} proof={proof} onAnswered={fresh} />
        ))}
      </ul>
      <h2 className="mb-2 text-lg">{proofs.data.length === 0 ? 'Make a proof' : 'Make a new proof'}</h2>
      <div className="fields max-w-xl grid-cols-2 gap-2">
        {field('for', 'For whom? (may be empty)')}
        {field('price', 'Price of all (may be empty)')}
        {field('valid', 'Valid until (may be empty)', 'date')}
        {field('words', 'A sentence for them (may be empty)')}
      </div>
      {problem !== undefined && <Notice tone="hot">{problem}</Notice>}
      <p className="mt-3 flex flex-wrap items-center gap-4">
        <button type="button" className="key-main" disabled={busy} onClick={make}>
          {busy ? 'Drawing it …' : 'Make the proof (PDF)'}
        </button>
        <span className="text-sm">
          <TakeBack of={`job ${id}`} />
        </span>
      </p>
    </div>
  );
}

function ProofRow({ proof, onAnswered }: { proof: Proof; onAnswered: () => Promise<void> }) {
  const moments = useMoments();
  const [by, setBy] = useState('');
  const [remarks, setRemarks] = useState('');
  const [errors, setErrors] = useState<Record<string, string>>({});

  async function answer(state: 'approved' | 'remarks') {
    try {
      await got(
        api.POST('/api/proofs/{id}/answer', {
          params: { path: { id: proof.id } },
          body: { state, by, remarks },
        }),
      );
      setErrors({});
      await onAnswered();
    } catch (e) {
      const told = problemOf(e);
      setErrors(Object.keys(told.errors).length > 0 ? told.errors : { by: told.message });
    }
  }

  return (
    <li className="border border-rule px-4 py-3">
      <p className="flex flex-wrap items-baseline gap-x-4">
        <a href={proof.url} target="_blank" rel="noreferrer" className="link font-semibold">
          Proof of {moments.at(proof.made)}
        </a>
        <span className={proof.state === 'approved' ? 'font-semibold text-done' : 'text-soft'}>
          {proof.state === 'approved' ? '✓ ' : ''}
          {STATE[proof.state]}
          {proof.by !== null && ` by ${proof.by}`}
          {proof.answered !== null && `, ${moments.at(proof.answered)}`}
        </span>
        {proof.price !== null && <span>{proof.price}</span>}
        {proof.valid !== null && (
          <span className={proof.expired ? 'text-wait' : 'text-soft'}>
            {proof.expired ? '◆ was valid until' : 'valid until'} {moments.day(proof.valid)}
          </span>
        )}
      </p>
      {!proof.current && <p className="text-sm text-wait">◆ The job was changed since.</p>}
      {proof.remarks !== '' && <p className="mt-1">“{proof.remarks}”</p>}
      {proof.state === 'shown' && (
        <div className="fields mt-2 grid-cols-2 gap-2">
          <TextField label="Who answered?" error={errors.by} value={by} onChange={(e) => setBy(e.target.value)} />
          <TextField
            label="Remarks"
            error={errors.remarks}
            value={remarks}
            onChange={(e) => setRemarks(e.target.value)}
          />
          <button type="button" className="key-main" onClick={() => answer('approved')}>
            Approved
          </button>
          <button type="button" className="key" onClick={() => answer('remarks')}>
            Not yet, with remarks
          </button>
        </div>
      )}
    </li>
  );
}
