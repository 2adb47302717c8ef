import { type ComponentProps, type ReactNode, useEffect, useId, useRef, useState } from 'react';

interface Labelled {
  label: string;
  error?: string | undefined;
  hint?: ReactNode;
}

/** A label above its control, and below it what is wrong. */
export function Labelled({
  label,
  error,
  hint,
  children,
}: Labelled & { children: (ids: { id: string; 'aria-describedby': string; 'aria-invalid': boolean }) => ReactNode }) {
  const id = useId();
  return (
    <div className="labelled">
      <label htmlFor={id} className="mb-0.5 block text-sm leading-tight text-soft">
        {label}
      </label>
      {children({ id, 'aria-describedby': `${id}-more`, 'aria-invalid': error !== undefined })}
      <div id={`${id}-more`} className="text-sm">
        {error !== undefined ? (
          <p role="alert" className="mt-1 font-semibold text-hot">
            {error}
          </p>
        ) : (
          hint !== undefined && <p className="mt-1 text-soft">{hint}</p>
        )}
      </div>
    </div>
  );
}

export function TextField({ label, error, hint, ...input }: Labelled & ComponentProps<'input'>) {
  return (
    <Labelled label={label} error={error} hint={hint}>
      {(ids) => <input {...ids} className="field" autoComplete="off" {...input} />}
    </Labelled>
  );
}

export function SelectField({
  label,
  error,
  hint,
  options,
  ...select
}: Labelled & { options: { id: string; label: string }[] } & ComponentProps<'select'>) {
  return (
    <Labelled label={label} error={error} hint={hint}>
      {(ids) => (
        <select {...ids} className="field" {...select}>
          {options.map((option) => (
            <option key={option.id} value={option.id}>
              {option.label}
            </option>
          ))}
        </select>
      )}
    </Labelled>
  );
}

/**
 * A field that sends what was typed when it is left or Enter is pressed. What the server refuses stays in the field
 * with the reason below it; Escape takes it back.
 */
export function TypedField({
  value,
  onSend,
  ...rest
}: { value: string; onSend: (typed: string) => Promise<string | undefined> } & Omit<Labelled, 'error'> &
  Pick<ComponentProps<'input'>, 'inputMode' | 'type'>) {
  const [typed, setTyped] = useState(value);
  const [error, setError] = useState<string>();
  const shown = useRef(value);
  useEffect(() => {
    shown.current = value;
    setTyped(value);
    setError(undefined);
  }, [value]);

  async function send() {
    if (typed === value) {
      setError(undefined);
      return;
    }
    const problem = await onSend(typed);
    // The field may show another value by the time the answer comes; the answer is not about that one.
    if (shown.current === value) {
      setError(problem);
    }
  }

  return (
    <TextField
      {...rest}
      error={error}
      value={typed}
      onChange={(e) => setTyped(e.target.value)}
      onBlur={send}
      onKeyDown={(e) => {
        if (e.key === 'Enter') {
          e.preventDefault();
          send();
        } else if (e.key === 'Escape') {
          setTyped(value);
          setError(undefined);
        }
      }}
    />
  );
}
