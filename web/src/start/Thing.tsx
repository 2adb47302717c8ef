import type { ReactNode } from 'react';

/** A sheet from its back, one corner turned over so that its print side shows. */
function Sheet({ back, front = 'fill-ground' }: { back?: ReactNode; front?: string }) {
  return (
    <>
      <path d="M12 6H44V58H12Z" className="fill-shade stroke-ink" />
      {back}
      <path d="M44 40L28 58H44Z" className="fill-ground stroke-none" />
      <path d="M28 58L31 43L44 40Z" className={`${front} stroke-ink`} />
      <path d="M12 6H44V40M28 58H12V6" className="fill-none stroke-ink" />
    </>
  );
}

/** A printer, and what tells it from the others on its front. */
function Printer({ mark }: { mark: ReactNode }) {
  return (
    <>
      <path d="M18 22V8H46V22" className="fill-ground stroke-ink" />
      <path d="M8 22H56V46H8Z" className="fill-shade stroke-ink" />
      <path d="M18 40H46V58H18Z" className="fill-ground stroke-ink" />
      <path d="M14 28H20" className="stroke-ink" />
      {mark}
    </>
  );
}

const drops = (colours: string[]) =>
  colours.map((colour, n) => (
    <path key={colour} d={`M${24 + n * 9} 45q-4 6 0 8q4 -2 0 -8Z`} className={`${colour} stroke-ink`} strokeWidth={1} />
  ));

const LINES = (
  <path d="M12 14H44M12 22H44M12 30H44M12 38H38M20 6V58M28 6V52M36 6V48" className="stroke-cold" strokeWidth={1} />
);

const roll = (inside: string) => (
  <>
    <path d="M14 14H50V40H14Z" className={`${inside} stroke-ink`} />
    <path d="M14 14a5 9 0 0 0 0 26M50 14a5 9 0 0 1 0 26" className="fill-ground stroke-ink" />
    <path d="M14 40L10 56H46L50 40" className={`${inside} stroke-ink`} />
  </>
);

/** What people own, drawn so that it is known at a glance. */
const DRAWN: Record<string, ReactNode> = {
  iron: (
    <>
      <path d="M6 50H58C58 34 46 26 30 26H20L6 50Z" className="fill-shade stroke-ink" />
      <path d="M20 26C20 12 40 10 50 18L46 26" className="fill-none stroke-ink" strokeWidth={4} />
      <path d="M6 50H58V54H6Z" className="fill-hotfill stroke-hot" />
    </>
  ),
  'flat-press': (
    <>
      <path d="M8 50H56V56H8Z" className="fill-shade stroke-ink" />
      <path d="M12 44H52V50H12Z" className="fill-ground stroke-ink" />
      <path d="M12 34L50 20L52 26L14 40Z" className="fill-hotfill stroke-hot" />
      <path d="M54 50V18L34 10" className="fill-none stroke-ink" strokeWidth={3} />
    </>
  ),
  'mug-press': (
    <>
      <path d="M18 20H42V48H18Z" className="fill-ground stroke-ink" />
      <path d="M42 26C54 26 54 42 42 42" className="fill-none stroke-ink" strokeWidth={3} />
      <path
        d="M12 18C22 24 38 24 46 18V22C38 28 22 28 12 22ZM12 44C22 50 38 50 46 44V48C38 54 22 54 12 48Z"
        className="fill-hotfill stroke-hot"
      />
      <path d="M12 22V44" className="stroke-hot" strokeWidth={4} />
    </>
  ),
  dryer: (
    <>
      <path d="M14 14H38A12 12 0 0 1 38 38H14Z" className="fill-shade stroke-ink" />
      <path d="M34 38L40 58H48L44 36" className="fill-shade stroke-ink" />
      <path d="M10 18q-4 -3 -8 0M10 26q-4 -3 -8 0M10 34q-4 -3 -8 0" className="fill-none stroke-hot" />
    </>
  ),
  gun: (
    <>
      <path d="M14 20L20 16H54V34H20L14 30Z" className="fill-shade stroke-ink" />
      <path d="M40 34L36 58H46L50 34" className="fill-shade stroke-ink" />
      <path d="M12 21q-5 -4 -10 0M12 25H2M12 29q-5 4 -10 0" className="fill-none stroke-hot" strokeWidth={2.5} />
      <path d="M36 38H40V46H37" className="fill-none stroke-ink" />
    </>
  ),
  spoon: (
    <>
      <ellipse cx={18} cy={18} rx={9} ry={13} transform="rotate(-45 18 18)" className="fill-shade stroke-ink" />
      <path d="M26 27L54 56" className="stroke-ink" strokeWidth={4} />
      <path d="M13 14q3 -3 6 -2" className="fill-none stroke-line" />
    </>
  ),
  inkjet: <Printer mark={drops(['fill-cold', 'fill-hot', 'fill-wait'])} />,
  'sublimation-inkjet': (
    <Printer
      mark={
        <>
          {drops(['fill-cold', 'fill-hot', 'fill-wait'])}
          <path d="M24 36q3 -4 0 -8M32 36q3 -4 0 -8M40 36q3 -4 0 -8" className="fill-none stroke-face" />
        </>
      }
    />
  ),
  'laser-mono': <Printer mark={<path d="M24 46H40M24 50H36" className="stroke-ink" strokeWidth={3} />} />,
  'laser-colour': (
    <Printer
      mark={
        <>
          <path d="M23 48H27" className="stroke-cold" strokeWidth={5} />
          <path d="M29 48H33" className="stroke-hot" strokeWidth={5} />
          <path d="M35 48H39" className="stroke-wait" strokeWidth={5} />
          <path d="M41 48H44" className="stroke-ink" strokeWidth={5} />
        </>
      }
    />
  ),
  'print-shop': (
    <>
      <path d="M6 22L12 8H52L58 22Z" className="fill-hotfill stroke-ink" />
      <path d="M10 22V56H54V22" className="fill-ground stroke-ink" />
      <path d="M16 30H34V44H16Z" className="fill-shade stroke-ink" />
      <path d="M40 30H48V56H40Z" className="fill-shade stroke-ink" />
      <path d="M20 34H30M20 38H28" className="stroke-ink" />
    </>
  ),
  pens: (
    <>
      <path d="M12 56L16 44L40 14L48 20L24 50Z" className="fill-face stroke-ink" />
      <path d="M12 56L16 44L24 50Z" className="fill-ground stroke-ink" />
      <path d="M46 56V30L50 22L54 30V56Z" className="fill-wait stroke-ink" />
    </>
  ),
  'film-clear': <Sheet back={LINES} />,
  'film-opaque': (
    <Sheet
      back={
        <path
          d="M12 12H44M12 18H44M12 24H44M12 30H44M12 36H42M12 42H38M18 6V58M24 6V56M30 6V52M36 6V48"
          className="stroke-line"
          strokeWidth={1}
        />
      }
      front="fill-white"
    />
  ),
  'film-release': (
    <>
      <path d="M12 6H44V58H12Z" className="fill-cold stroke-ink" fillOpacity={0.12} />
      <path d="M18 50L40 14M16 40L34 10M22 54L42 24" className="stroke-line" strokeWidth={1} />
      <path d="M16 54H24" className="stroke-ink" />
    </>
  ),
  'sublimation-paper': (
    <Sheet
      back={<path d="M12 6H44V58H12Z" className="fill-wait stroke-none" fillOpacity={0.25} />}
      front="fill-white"
    />
  ),
  'ceramic-laser': (
    <Sheet
      front="fill-cold [fill-opacity:0.35]"
      back={<path d="M34 52q-3 -2 -2 -6" className="fill-none stroke-line" />}
    />
  ),
  liner: (
    <Sheet
      back={
        <path
          d="M15 10H26V18H15ZM29 10H41V18H29ZM15 22H26V30H15ZM29 22H41V30H29ZM15 34H26V42H15Z"
          className="fill-none stroke-line"
          strokeDasharray="2 2"
        />
      }
      front="fill-wait [fill-opacity:0.4]"
    />
  ),
  photo: (
    <>
      <path d="M10 10H50V54H10Z" className="fill-ground stroke-ink" strokeWidth={3} />
      <path d="M14 46L26 30L34 40L40 34L46 46Z" className="fill-shade stroke-line" />
      <path d="M38 14L24 50M46 14L36 40" className="stroke-line" strokeWidth={1} />
    </>
  ),
  plain: <Sheet front="fill-white" />,
  tissue: (
    <>
      <path d="M8 14q8 -6 16 0t16 0t16 0V50q-8 6 -16 0t-16 0t-16 0Z" className="fill-ground stroke-ink" />
      <path d="M14 22q8 6 12 2M30 40q8 -6 16 0M18 38q4 4 8 2" className="fill-none stroke-line" strokeWidth={1} />
    </>
  ),
  napkin: (
    <>
      <path d="M8 20H44V56H8Z" className="fill-shade stroke-ink" />
      <path d="M14 14H50V50H44" className="fill-ground stroke-ink" />
      <path d="M20 8H56V44H50" className="fill-ground stroke-ink" />
      <path d="M18 30q4 -6 8 0q4 -6 8 0q-4 8 -8 10q-4 -2 -8 -10Z" className="fill-hotfill stroke-hot" />
    </>
  ),
  tracing: (
    <>
      <path d="M12 6H44V58H12Z" className="fill-shade stroke-ink" fillOpacity={0.5} />
      <path d="M18 40C18 24 38 24 38 40M24 46H34" className="fill-none stroke-line" strokeDasharray="3 2" />
      <path d="M50 20L54 16L58 20L34 50L28 52L30 46Z" className="fill-wait stroke-ink" />
    </>
  ),
  parchment: roll('fill-wait [fill-opacity:0.2]'),
  silicone: (
    <>
      <path d="M8 18L44 10L56 46L20 54Z" className="fill-cold stroke-ink" fillOpacity={0.25} />
      <path d="M44 10q6 10 -4 12q-6 -2 4 -12Z" className="fill-ground stroke-ink" />
    </>
  ),
  waxed: roll('fill-wait [fill-opacity:0.35]'),
  kraft: roll('fill-wait [fill-opacity:0.55]'),
  card: (
    <>
      <path d="M10 16H50V48H10Z" className="fill-shade stroke-ink" />
      <path d="M10 48H50L54 52H14Z" className="fill-line stroke-ink" />
    </>
  ),
  'wood-board': (
    <>
      <path d="M6 24H58V42H6Z" className="fill-wait stroke-ink" fillOpacity={0.3} />
      <path d="M10 30q10 -4 20 0t20 0M10 37q8 3 16 0t20 1" className="fill-none stroke-line" strokeWidth={1} />
    </>
  ),
  bench: (
    <>
      <path d="M4 24H60V32H4Z" className="fill-wait stroke-ink" fillOpacity={0.3} />
      <path d="M12 32V56M52 32V56" className="stroke-ink" strokeWidth={4} />
    </>
  ),
  'ironing-board': (
    <>
      <path d="M4 22H44Q58 22 60 27Q58 32 44 32H4Z" className="fill-shade stroke-ink" />
      <path d="M18 32L42 58M42 32L18 58" className="stroke-ink" strokeWidth={2.5} />
    </>
  ),
};

/** One of the things that people own, as a picture. */
export function Thing({ id, className = 'size-16' }: { id: string; className?: string }) {
  return (
    <svg
      viewBox="0 0 64 64"
      className={className}
      aria-hidden
      strokeWidth={1.6}
      strokeLinejoin="round"
      strokeLinecap="round"
    >
      {DRAWN[id]}
    </svg>
  );
}
