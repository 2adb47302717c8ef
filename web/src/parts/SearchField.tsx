/** Narrows a list by words while they are typed. */
export function SearchField({
  label,
  value,
  onChange,
}: {
  label: string;
  value: string;
  onChange: (words: string) => void;
}) {
  return (
    <label className="block w-64 max-w-full">
      <span className="mb-0.5 block text-sm leading-tight text-soft">{label}</span>
      <input type="search" className="field" value={value} onChange={(e) => onChange(e.target.value)} />
    </label>
  );
}
