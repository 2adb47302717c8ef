import { useQuery } from '@tanstack/react-query';
import { server } from '../api/queries';
import { SelectField, TextField } from '../measure/Field';

export interface Line {
  what: string;
  quantity: string;
  sizes: string;
}

/** What is wanted, and how many of each size: the fields of one line of an order. */
export function NewLine({
  line,
  onChange,
  errors,
  at,
}: {
  line: Line;
  onChange: (line: Line) => void;
  errors: Record<string, string>;
  /** Before the names of its fields in `errors`. */
  at: string;
}) {
  const jobs = useQuery(server.jobs());
  return (
    <>
      <SelectField
        label="What? Like the job"
        value={line.what}
        error={errors[`${at}what`]}
        options={[{ id: '', label: 'Choose …' }, ...(jobs.data ?? []).map((job) => ({ id: job.id, label: job.name }))]}
        onChange={(e) => onChange({ ...line, what: e.target.value })}
      />
      <TextField
        label="How many"
        inputMode="numeric"
        value={line.quantity}
        error={errors[`${at}quantity`]}
        onChange={(e) => onChange({ ...line, quantity: e.target.value })}
      />
      <TextField
        label="or of each size and colour"
        placeholder="6 S, 10 M navy"
        value={line.sizes}
        error={errors[`${at}sizes`]}
        onChange={(e) => onChange({ ...line, sizes: e.target.value })}
      />
    </>
  );
}
