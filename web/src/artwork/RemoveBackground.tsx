import { useState } from 'react';
import type { ChangeJob, Part } from '../api/client';
import { useRemoval } from './useRemoval';

/**
 * Takes the background away: shown on the picture first, and undone by going back to the picture that it was made of.
 */
export function RemoveBackground({
  view,
  change,
  onVeil,
  onCutOut,
}: {
  view: Part;
  change: ChangeJob;
  /** Told what to lay over the picture while it is being decided. */
  onVeil: (url: string | undefined) => void;
  /** Told that a person wants to draw what is kept and what goes. */
  onCutOut: () => void;
}) {
  const { artwork, plan } = view;
  const background = plan.look?.background;
  const [tolerance, setTolerance] = useState(background?.tolerance ?? 0);
  const [islands, setIslands] = useState(false);
  const [open, setOpen] = useState(false);
  const removal = useRemoval(artwork?.sha256 ?? '', change);
  if (artwork === null) {
    return null;
  }
  const { sha256, made_of: madeOf } = artwork;
  const show = (on: boolean, next = tolerance, inside = islands) => {
    setOpen(on);
    onVeil(on ? `/api/artwork/${sha256}/background?tolerance=${next}&islands=${inside ? 1 : 0}` : undefined);
  };

  const remove = () => removal.remove({ tolerance, islands, strokes: '' }, () => onVeil(undefined));

  if (madeOf !== null) {
    return (
      <button type="button" className="link ml-2" onClick={() => change({ artwork: madeOf })}>
        Put the background back
      </button>
    );
  }
  if (background === undefined) {
    return null;
  }
  if (!open) {
    return (
      <>
        {background.colours.length > 0 && (
          <button type="button" className="link ml-2" onClick={() => show(true)}>
            Remove the background
          </button>
        )}
        {artwork.kind === 'raster' && (
          <button type="button" className="link ml-2" onClick={onCutOut}>
            Cut out by drawing
          </button>
        )}
      </>
    );
  }
  return (
    <div className="mt-1 grid gap-1.5">
      <label className="flex items-center gap-2">
        Tolerance
        <input
          type="range"
          min={1}
          max={60}
          value={tolerance}
          className="w-40 accent-ink"
          onChange={(e) => {
            setTolerance(Number(e.target.value));
            show(true, Number(e.target.value));
          }}
        />
        <span className="w-6 text-right">{tolerance}</span>
      </label>
      <label>
        <input
          type="checkbox"
          className="accent-ink"
          checked={islands}
          onChange={(e) => {
            setIslands(e.target.checked);
            show(true, tolerance, e.target.checked);
          }}
        />{' '}
        patches inside the picture too
      </label>
      <p className="text-sm text-soft">
        The violet part will be removed. Your own file does not change.
        {artwork.kind === 'vector' && ' The drawing becomes a picture of pixels.'}
      </p>
      {removal.problem !== undefined && (
        <p role="alert" className="font-semibold text-hot">
          {removal.problem}
        </p>
      )}
      <p className="flex gap-2">
        <button type="button" className="key-main" onClick={remove} disabled={removal.busy}>
          {removal.says}
        </button>
        <button type="button" className="key" onClick={() => (removal.busy ? removal.cancel() : show(false))}>
          {removal.busy ? 'Cancel' : 'Close'}
        </button>
      </p>
    </div>
  );
}
