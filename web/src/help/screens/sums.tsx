import { Paper, Scene } from '../marks';

export const title = 'Quick sums';

export const says = [
  'Write a figure in any unit, and read what follows.',
  'The drawing is to scale.',
  'Most of them can become a job at a press.',
];

export const Drawing = () => (
  <Scene>
    <circle cx={34} cy={30} r={18} className="fill-ground stroke-ink" />
    <path d="M16 30H52M19 27l-3 3l3 3M49 27l3 3l-3 3" className="fill-none stroke-ink" />
    <Paper x={66} y={24} wide={44} high={12} />
  </Scene>
);
