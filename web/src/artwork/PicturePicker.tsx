import { useQuery } from '@tanstack/react-query';
import { Camera, ImageUp } from 'lucide-react';
import { useId, useRef, useState } from 'react';
import { api, done, fileBody, problemOf, type Schemas, type Task } from '../api/client';
import { server } from '../api/queries';

/** Takes a picture by button or by dropping it, and says at the field what is wrong with it. */
export function PicturePicker({
  current,
  note,
  onPicked,
  onReading,
  first = false,
}: {
  current: string | undefined;
  /** What of its file was not taken. */
  note?: string | null | undefined;
  onPicked: (artwork: Schemas['ArtworkView']) => void;
  /** Told when reading begins and when it is over, for whoever must wait for the picture. */
  onReading?: (reading: boolean) => void;
  /** It is the first thing to do on its page. */
  first?: boolean;
}) {
  const catalogue = useQuery(server.catalogue());
  const [error, setError] = useState<string>();
  const [sending, setSending] = useState<string>();
  const [task, setTask] = useState<Task>();
  const [hovered, setHovered] = useState(false);
  const asked = useRef<AbortController>(null);
  const id = useId();

  async function take(file: File | undefined) {
    if (file === undefined) {
      return;
    }
    const most = catalogue.data?.upload ?? 64;
    if (file.size > most * 1048576) {
      setError(
        `This file has ${Math.ceil(file.size / 1048576)} MB. It can have at most ${most} MB. Export it smaller.`,
      );
      return;
    }
    asked.current?.abort();
    const abort = new AbortController();
    asked.current = abort;
    setError(undefined);
    setSending(file.name);
    onReading?.(true);
    try {
      // The sending itself is not broken off: whoever gives up while it is under way would leave work behind that
      // nobody asks for.
      const sent = api.POST('/api/artwork', fileBody(file));
      const told = (at: Task) => (abort.signal.aborted ? undefined : setTask(at));
      const view = await done<Schemas['ArtworkView']>(sent, told, abort.signal);
      if (!abort.signal.aborted) {
        onPicked(view);
      }
    } catch (e) {
      if (!abort.signal.aborted) {
        setError(problemOf(e).message);
      }
    } finally {
      if (asked.current === abort) {
        ended();
      }
    }
  }

  function ended() {
    asked.current = null;
    setSending(undefined);
    setTask(undefined);
    onReading?.(false);
  }

  function giveUp() {
    asked.current?.abort();
    ended();
  }

  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: dropping a file is an extra; the button inside does the same
    <div
      className={`border border-dashed p-3 ${hovered ? 'border-face bg-shade' : 'border-line'}`}
      onDragOver={(e) => {
        e.preventDefault();
        setHovered(true);
      }}
      onDragLeave={() => setHovered(false)}
      onDrop={(e) => {
        e.preventDefault();
        setHovered(false);
        take(e.dataTransfer.files[0]);
      }}
    >
      <div className="flex flex-wrap items-center gap-3">
        <label className="key focus-within:outline-3 focus-within:outline-face">
          <ImageUp size={16} aria-hidden />
          {current === undefined ? 'Choose a picture' : 'Choose another picture'}
          <input
            type="file"
            className="sr-only"
            // biome-ignore lint/a11y/noAutofocus: only where nothing comes before it
            autoFocus={first}
            accept=".png,.jpg,.jpeg,.webp,.heic,.heif,.avif,.gif,.tif,.tiff,.bmp,.svg,.svgz,.pdf,image/*,application/pdf"
            aria-describedby={`${id}-more`}
            onChange={(e) => {
              take(e.target.files?.[0]);
              e.target.value = '';
            }}
          />
        </label>
        <label className="key hidden focus-within:outline-3 focus-within:outline-face pointer-coarse:inline-flex">
          <Camera size={16} aria-hidden />
          Take a photo
          <input
            type="file"
            className="sr-only"
            accept="image/*"
            capture="environment"
            onChange={(e) => {
              take(e.target.files?.[0]);
              e.target.value = '';
            }}
          />
        </label>
        <span id={`${id}-more`} className="min-w-0 break-words text-sm text-soft" aria-live="polite">
          {sending !== undefined ? (
            <>
              {task === undefined ? `Reading ${sending} …` : `${task.doing}, ${Math.round(task.share * 100)} %`}{' '}
              <button type="button" className="link" onClick={giveUp}>
                Cancel
              </button>
            </>
          ) : (
            (current ?? 'PNG, JPEG, WebP, HEIC, SVG, PDF and others. You can drop it here.')
          )}
        </span>
      </div>
      {note != null && <p className="mt-2 text-sm text-wait">{note}</p>}
      {error !== undefined && (
        <p role="alert" className="mt-2 font-semibold text-hot">
          {error}
        </p>
      )}
    </div>
  );
}
