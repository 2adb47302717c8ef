import { useQuery } from '@tanstack/react-query';
import { api, type JobView, type Task } from '../api/client';
import { server } from '../api/queries';

/** Makes the sheets, and says how far that is. */
export function MakeSheets({
  main,
  fresh,
  many,
  making,
  disabled,
  onMake,
}: {
  main: boolean;
  fresh: boolean;
  many: boolean;
  making: Task | undefined;
  disabled: boolean;
  onMake: () => void;
}) {
  return (
    <>
      <button
        type="button"
        className={main ? 'key-main' : 'key'}
        disabled={disabled || making !== undefined}
        // biome-ignore lint/a11y/noAutofocus: it is the next thing of a job that was made just now
        autoFocus={main && fresh}
        onClick={onMake}
      >
        {making !== undefined
          ? `${making.doing}, ${Math.round(making.share * 100)} %`
          : many
            ? 'Make the sheets (PDF)'
            : 'Make the sheet (PDF)'}
      </button>
      {making !== undefined && (
        <button
          type="button"
          className="key"
          onClick={() => api.DELETE('/api/tasks/{id}', { params: { path: { id: making.id } } })}
        >
          Cancel
        </button>
      )}
    </>
  );
}

/** Where some pieces are made: the sheets of those that are left, or have to be made again, by themselves. */
export function SheetsLeft({
  view,
  disabled,
  onMake,
}: {
  view: JobView;
  disabled: boolean;
  onMake: (pieces: number) => void;
}) {
  const left = useQuery(server.offer(view.job.id)).data?.left ?? 0;
  if (left === 0 || left >= view.job.quantity || view.plan.shares.length > 0) {
    return null;
  }
  return (
    <button type="button" className="key" disabled={disabled} onClick={() => onMake(left)}>
      {left === 1 ? 'Sheet for the 1 that is left' : `Sheets for the ${left} that are left`}
    </button>
  );
}
