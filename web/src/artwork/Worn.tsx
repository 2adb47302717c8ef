/** Draws ink as the filter that it is: each channel times what the blank gives back, in linear light. */
export function Worn({ id, filter }: { id: string; filter: number[] }) {
  const [r = 1, g = 1, b = 1] = filter;
  return (
    <filter id={id} colorInterpolationFilters="linearRGB" x="0" y="0" width="100%" height="100%">
      <feColorMatrix type="matrix" values={`${r} 0 0 0 0 0 ${g} 0 0 0 0 0 ${b} 0 0 0 0 0 1 0`} />
    </filter>
  );
}
