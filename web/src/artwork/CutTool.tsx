import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import type { Part } from '../api/client';
import { server } from '../api/queries';
import { useFormat } from '../measure/settings';

const EFFORT = { easy: 'easy to cut', fiddly: 'not easy to cut', hard: 'hard to cut by hand' } as const;

/** The line to cut along at a margin of choice, an easier one where it is too intricate, and a drawing of it. */
export function CutTool({ view, onLine }: { view: Part; onLine: (loops: number[][][] | undefined) => void }) {
  const format = useFormat();
  const { artwork, plan } = view;
  const [typed, setTyped] = useState(format.exactLength(plan.look?.cut.margin_mm ?? 0));
  const [margin, setMargin] = useState(typed);
  const [easier, setEasier] = useState(false);
  const [open, setOpen] = useState(false);
  const width = plan.placed?.width_mm ?? 0;
  const query = { width_mm: width, margin, easier: easier ? ('1' as const) : ('0' as const) };
  const sha256 = artwork?.sha256 ?? '';
  const line = useQuery({
    ...server.cutLine(sha256, query),
    enabled: open && artwork !== null,
    placeholderData: (before) => before,
  });
  const loops = open ? line.data?.loops : undefined;
  useEffect(() => onLine(loops), [loops, onLine]);
  const cut = plan.look?.cut;
  if (artwork === null || cut === undefined) {
    return null;
  }
  if (!open) {
    return (
      <>
        {format.length(Math.round(cut.length_mm))} round
        {cut.parts > 1 && `, ${cut.parts} loose parts`}, {cut.corners} corners: {EFFORT[cut.effort]}.
        <button type="button" className="link ml-2" onClick={() => setOpen(true)}>
          Draw the cut line
        </button>
      </>
    );
  }
  const error = line.error;
  return (
    <div className="grid gap-1.5">
      <label className="flex items-center gap-2">
        Margin round it
        <input
          className="field w-24"
          value={typed}
          onChange={(e) => setTyped(e.target.value)}
          onBlur={() => setMargin(typed)}
          onKeyDown={(e) => e.key === 'Enter' && setMargin(typed)}
        />
      </label>
      <label>
        <input type="checkbox" className="accent-ink" checked={easier} onChange={(e) => setEasier(e.target.checked)} />{' '}
        easier: straight across hollows and gaps
      </label>
      {error !== null && (
        <p role="alert" className="font-semibold text-hot">
          {error.errors.margin ?? error.message}
        </p>
      )}
      {line.data !== undefined && error === null && (
        <p>
          {format.length(Math.round(line.data.length_mm))} in {line.data.parts}{' '}
          {line.data.parts === 1 ? 'part' : 'parts'}, {line.data.corners} corners: {EFFORT[line.data.effort]}.
        </p>
      )}
      <p className="flex gap-4">
        <a
          className="link"
          href={`/api/artwork/${sha256}/cut-line.svg?${new URLSearchParams({ ...query, width_mm: String(width) })}`}
        >
          Save as SVG at true size
        </a>
        <button type="button" className="link" onClick={() => setOpen(false)}>
          Remove it
        </button>
      </p>
    </div>
  );
}
