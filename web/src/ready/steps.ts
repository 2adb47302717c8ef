import type { Schemas } from '../api/client';

/** A step as the server reads it; lengths may be as they were typed. */
export type Step = { do: string } & Record<string, unknown>;
type Look = Schemas['ReadyLook'];

type Field =
  | { kind: 'length'; name: string; label: string }
  | { kind: 'range'; name: string; label: string; from: number; to: number; unit?: string }
  | { kind: 'count'; name: string; label: string }
  | { kind: 'check'; name: string; label: string }
  | { kind: 'choice'; name: string; label: string; options: { id: string; label: string }[] }
  | { kind: 'face' | 'colour' | 'text' | 'picture'; name: string; label: string };

export interface Kind {
  label: string;
  /** What it is for, under its fields. */
  says: string;
  fields: Field[];
  start: (look: Look) => Omit<Step, 'do'>;
}

const length = (name: string, label: string): Field => ({ kind: 'length', name, label });
const check = (name: string, label: string): Field => ({ kind: 'check', name, label });
const range = (name: string, label: string, from: number, to: number, unit?: string): Field => ({
  kind: 'range',
  name,
  label,
  from,
  to,
  ...(unit === undefined ? {} : { unit }),
});
const colour: Field = { kind: 'colour', name: 'colour', label: 'Colour' };
const where = (...ids: string[]): Field => ({
  kind: 'choice',
  name: 'where',
  label: 'Where?',
  options: ids.map((id) => ({ id, label: WHERE[id] ?? id })),
});
const WHERE: Record<string, string> = {
  above: 'above the picture',
  below: 'below the picture',
  left: 'to the left of it',
  right: 'to the right of it',
  over: 'over the picture',
  under: 'under the picture',
};
const round = (mm: number) => Math.round(mm * 10) / 10;

/** Where the picture stands now, in mm of the steps. */
const now = (look: Look) => ({
  wide: round(look.placed.width_mm / look.scale),
  high: round(look.placed.height_mm / look.scale),
});

const LETTERS: Field[] = [
  { kind: 'face', name: 'face', label: 'Typeface' },
  colour,
  where('below', 'above', 'over'),
  length('room_width_mm', 'Room for it, across'),
  length('room_height_mm', 'Room for it, up'),
  length('gap_mm', 'Distance from the picture'),
  length('largest_mm', 'Capitals at most'),
  length('smallest_mm', 'Capitals at least'),
  {
    kind: 'choice',
    name: 'lines',
    label: 'Lines',
    options: [
      { id: '1', label: 'one line' },
      { id: '2', label: 'up to two lines' },
      { id: '3', label: 'up to three lines' },
    ],
  },
  {
    kind: 'choice',
    name: 'align',
    label: 'It stands',
    options: [
      { id: 'middle', label: 'in the middle' },
      { id: 'left', label: 'to the left' },
      { id: 'right', label: 'to the right' },
    ],
  },
  range('arch', 'Arch', -0.3, 0.3),
];

const letters = (look: Look) => {
  const { wide } = now(look);
  return {
    face: 'bold',
    colour: '#1c1c1c',
    where: 'below',
    room_width_mm: wide,
    room_height_mm: round(Math.max(6, wide / 5)),
    gap_mm: round(Math.max(1, wide / 30)),
    largest_mm: round(Math.max(4, wide / 8)),
    smallest_mm: Math.max(1, look.faces.find((face) => face.id === 'bold')?.smallest_mm ?? 3),
    lines: 1,
    align: 'middle',
    arch: 0,
  };
};

export const KINDS: Record<string, Kind> = {
  crop: {
    label: 'Crop',
    says: 'Drag the corners on the picture.',
    fields: [],
    start: () => ({ x: 0, y: 0, width: 1, height: 1 }),
  },
  turn: {
    label: 'Turn or straighten',
    says: 'With the clock is above zero.',
    fields: [range('degrees', 'Turn by', -180, 180, '°')],
    start: () => ({ degrees: 0 }),
  },
  square: {
    label: 'Square up a photo',
    says: 'Drag each point to a corner of the paper in the photo.',
    fields: [
      {
        kind: 'choice',
        name: 'paper',
        label: 'The paper is',
        options: [
          { id: '', label: 'not known' },
          { id: 'a4', label: 'A4' },
          { id: 'letter', label: 'Letter' },
        ],
      },
    ],
    start: () => ({
      corners: [
        { x: 0.1, y: 0.1 },
        { x: 0.9, y: 0.1 },
        { x: 0.9, y: 0.9 },
        { x: 0.1, y: 0.9 },
      ],
      paper: null,
    }),
  },
  tone: {
    label: 'Brightness and contrast',
    says: 'Clear parts stay clear.',
    fields: [
      range('brightness', 'Brightness', -100, 100),
      range('contrast', 'Contrast', -100, 100),
      check('grey', 'black and white'),
    ],
    start: () => ({ brightness: 0, contrast: 0, grey: false }),
  },
  solid: {
    label: 'Solid black',
    says: 'What is darker than the level becomes black. The rest becomes clear. Toner prints best this way.',
    fields: [range('level', 'Level', 1, 99, '%')],
    start: () => ({ level: 50 }),
  },
  colours: {
    label: 'Fewer colours',
    says: 'Each colour becomes flat.',
    fields: [range('count', 'Colours', 2, 32)],
    start: () => ({ count: 6 }),
  },
  fatten: {
    label: 'Wider lines',
    says: 'Dark lines grow by this much, half on either side.',
    fields: [length('mm', 'Make lines wider by')],
    start: (look) => ({ mm: look.lack_mm > 0 ? look.lack_mm : 0.2 }),
  },
  fill: {
    label: 'Fill gaps',
    says: 'Narrower gaps close, so you cut round it once.',
    fields: [length('mm', 'Fill gaps narrower than')],
    start: () => ({ mm: 2 }),
  },
  clear: {
    label: 'Make white clear',
    says: 'White inside the picture becomes clear too.',
    fields: [range('tolerance', 'Tolerance', 0, 50)],
    start: () => ({ tolerance: 8 }),
  },
  words: {
    label: 'Words',
    says: 'The words are as large as their room lets them be.',
    fields: [{ kind: 'text', name: 'text', label: 'What does it say?' }, ...LETTERS],
    start: (look) => ({ text: 'Your words', ...letters(look) }),
  },
  own: {
    label: 'Room for each piece’s name',
    says: 'Write the names in the list of the job. They come last.',
    fields: LETTERS,
    start: (look) => ({ text: null, ...letters(look) }),
  },
  frame: {
    label: 'Frame',
    says: 'A line all round it.',
    fields: [length('line_mm', 'Line'), length('gap_mm', 'Distance from the picture'), colour],
    start: () => ({ line_mm: 1, gap_mm: 3, colour: '#1c1c1c' }),
  },
  band: {
    label: 'Band',
    says: 'A band hides the edge of a wrap. It can go all the way round.',
    fields: [
      length('length_mm', 'Length'),
      length('line_mm', 'Width'),
      length('gap_mm', 'Distance from the picture'),
      colour,
      check('above', 'above the picture'),
      check('below', 'below the picture'),
    ],
    start: (look) => ({
      length_mm: round(look.around_mm ?? now(look).wide),
      line_mm: 4,
      gap_mm: 2,
      colour: '#8c2f2f',
      above: true,
      below: true,
    }),
  },
  back: {
    label: 'Background',
    says: 'A traced piece cuts it off at its outline.',
    fields: [
      { kind: 'picture', name: 'picture', label: 'Picture' },
      colour,
      length('width_mm', 'Width'),
      length('height_mm', 'Height'),
    ],
    start: (look) => ({
      picture: null,
      colour: '#f3ead2',
      width_mm: round(now(look).wide + 20),
      height_mm: round(now(look).high + 20),
    }),
  },
  join: {
    label: 'Another picture with it',
    says: 'Both are on one print.',
    fields: [
      { kind: 'picture', name: 'picture', label: 'Picture' },
      where('below', 'above', 'left', 'right', 'over', 'under'),
      length('width_mm', 'Its width'),
      length('gap_mm', 'Distance; over and under: how far below the middle'),
    ],
    start: (look) => ({ picture: '', where: 'below', width_mm: round(now(look).wide / 2), gap_mm: 4, aspect: 1 }),
  },
  repeat: {
    label: 'Pattern',
    says: 'The picture again and again.',
    fields: [
      { kind: 'count', name: 'columns', label: 'Across' },
      { kind: 'count', name: 'rows', label: 'Down' },
      length('across_mm', 'From middle to middle, across'),
      length('down_mm', 'From middle to middle, down'),
      check('staggered', 'each second row moved by a half'),
      check('closes', 'close it round the piece'),
    ],
    start: (look) => ({
      columns: 3,
      rows: 2,
      across_mm: round(now(look).wide * 1.1),
      down_mm: round(now(look).high * 1.1),
      staggered: false,
      closes: look.around_mm !== null,
    }),
  },
};

/** In the order of the work, by what they are for. */
export const GROUPS = [
  { label: 'Shape', kinds: ['crop', 'turn', 'square'] },
  { label: 'Colours', kinds: ['tone', 'solid', 'colours', 'clear'] },
  { label: 'Lines', kinds: ['fatten', 'fill'] },
  { label: 'Words', kinds: ['words', 'own'] },
  { label: 'More on it', kinds: ['frame', 'band', 'back', 'join', 'repeat'] },
] as const;

export const kindOf = (step: Step) => KINDS[step.do === 'words' && step.text === null ? 'own' : step.do];
