import { ToggleGroup } from 'radix-ui';

/** Narrows a list to some kind of its things. */
export function Filter<T extends string>({
  label,
  options,
  value,
  onChange,
}: {
  label: string;
  options: readonly (readonly [T, string])[];
  value: T;
  onChange: (value: T) => void;
}) {
  return (
    <ToggleGroup.Root
      type="single"
      aria-label={label}
      className="flex flex-wrap gap-1"
      value={value === '' ? 'all' : value}
      onValueChange={(to) => {
        const chosen = options.find(([id]) => (id === '' ? 'all' : id) === to);
        if (chosen !== undefined) {
          onChange(chosen[0]);
        }
      }}
    >
      {options.map(([id, name]) => (
        <ToggleGroup.Item
          key={id}
          value={id === '' ? 'all' : id}
          className="min-h-9 rounded-sm border border-line px-2.5 py-1 data-[state=on]:border-ink data-[state=on]:bg-ink data-[state=on]:text-ground"
        >
          {name}
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  );
}
