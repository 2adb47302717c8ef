import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, got, type Part, type ProblemError, problemOf } from '../api/client';
import { keys } from '../api/queries';
import { Labelled, SelectField } from '../measure/Field';
import { useFormat } from '../measure/settings';
import { Notice } from '../parts/Notice';

const FACES = ['printed face', 'backing', 'far side', 'base', 'source'] as const;
type Face = (typeof FACES)[number];

interface Fit {
  value: number;
  assumed: number;
  rms_c: number;
  at_an_end: boolean;
  points: { s: number; c: number; model: number }[];
}

/** Readings of a probe, or of strips that change colour, make the model that of this very source. */
export function Calibrate({ view, calibrated }: { view: Part; calibrated: number | null | undefined }) {
  const queries = useQueryClient();
  const format = useFormat();
  const { id } = view.job;
  const path = { id, picture: view.at };
  const [readings, setReadings] = useState('');
  const [face, setFace] = useState<Face>('printed face');
  const [fit, setFit] = useState<Fit>();
  const [problem, setProblem] = useState<ProblemError>();

  const reread = () => {
    queries.removeQueries({ queryKey: keys.heat });
    queries.removeQueries({ queryKey: keys.heatOthers });
  };

  async function tell(keep: boolean) {
    setProblem(undefined);
    try {
      setFit(
        await got(
          api.POST('/api/jobs/{id}/heat/{picture}/calibration', {
            params: { path },
            body: { readings, face, keep },
          }),
        ),
      );
      if (keep) {
        reread();
        queries.invalidateQueries();
      }
    } catch (e) {
      setFit(undefined);
      setProblem(problemOf(e));
    }
  }

  async function forget() {
    await api.DELETE('/api/jobs/{id}/heat/{picture}/calibration', { params: { path } });
    reread();
    queries.invalidateQueries();
  }

  return (
    <details className="mt-4 border-t border-rule pt-3 text-sm">
      <summary className="link">Calibrate this source with a probe</summary>
      {calibrated != null && (
        <p className="mt-2 text-done">
          ✓ Calibrated: {Math.round(calibrated)} W/m²K is used for this source.{' '}
          <button type="button" className="link" onClick={forget}>
            Delete it
          </button>
        </p>
      )}
      <div className="mt-2 grid gap-4 @lg:grid-cols-2">
        <div className="grid gap-2">
          <Labelled
            label="Readings: seconds and °C, a line each, or a CSV file"
            error={problem?.errors.readings}
            hint="Measure while exactly this is pressed."
          >
            {(ids) => (
              <textarea
                {...ids}
                className="field h-28 font-mono"
                placeholder={'2; 85\n5; 124\n10; 151'}
                value={readings}
                onChange={(e) => setReadings(e.target.value)}
              />
            )}
          </Labelled>
          <label className="link w-fit">
            Choose a CSV file
            <input
              type="file"
              accept=".csv,text/csv,text/plain"
              className="sr-only"
              onChange={async (e) => setReadings((await e.target.files?.[0]?.text()) ?? readings)}
            />
          </label>
          <SelectField
            label="Measured at"
            options={FACES.map((one) => ({ id: one, label: one }))}
            value={face}
            error={problem?.errors.face}
            onChange={(e) => setFace(e.target.value as Face)}
          />
          {problem !== undefined && Object.keys(problem.errors).length === 0 && (
            <Notice tone="hot">{problem.message}</Notice>
          )}
          <button type="button" className="key w-fit" disabled={readings.trim() === ''} onClick={() => tell(false)}>
            Fit
          </button>
        </div>
        {fit !== undefined && (
          <div>
            {fit.at_an_end ? (
              <p className="font-semibold text-wait">
                ◆ No contact explains these readings. Check the face, the units and the setting.
              </p>
            ) : (
              <p>
                <b>{Math.round(fit.value)} W/m²K</b>, instead of {Math.round(fit.assumed)}. Difference between readings
                and model: {fit.rms_c.toFixed(1)} K.
              </p>
            )}
            <table className="mt-1 w-full">
              <thead>
                <tr className="text-left text-soft">
                  <th className="font-normal">after</th>
                  <th className="font-normal">read</th>
                  <th className="font-normal">model</th>
                  <th className="font-normal">apart</th>
                </tr>
              </thead>
              <tbody>
                {fit.points.slice(0, 12).map((point) => (
                  <tr key={point.s} className="border-t border-rule">
                    <td>{format.duration(point.s)}</td>
                    <td>{format.temperature(point.c)}</td>
                    <td>{format.temperature(point.model)}</td>
                    <td>{(point.c - point.model).toFixed(1)} K</td>
                  </tr>
                ))}
              </tbody>
            </table>
            {!fit.at_an_end && (
              <button type="button" className="key-main mt-2" onClick={() => tell(true)}>
                Use it for this source from now on
              </button>
            )}
          </div>
        )}
      </div>
    </details>
  );
}
