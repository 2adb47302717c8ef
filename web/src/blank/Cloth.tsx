import type { JobView } from '../api/client';

type Pattern = NonNullable<JobView['job']['blank']['pattern']>;

/** The second colour of patterned cloth, to fill a shape with: the first one shows between. */
export function ClothPattern({ id, of, perMm, colour }: { id: string; of: Pattern; perMm: number; colour: string }) {
  const repeat = of.repeat_mm * perMm;
  const half = repeat / 2;
  return (
    <pattern id={id} width={repeat} height={repeat} patternUnits="userSpaceOnUse">
      {of.kind === 'stripes' && <rect width={half} height={repeat} fill={colour} />}
      {of.kind === 'checks' && (
        <>
          <rect width={half} height={half} fill={colour} />
          <rect x={half} y={half} width={half} height={half} fill={colour} />
        </>
      )}
      {of.kind === 'dots' && <circle cx={half} cy={half} r={repeat / 4} fill={colour} />}
    </pattern>
  );
}
