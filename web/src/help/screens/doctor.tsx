import { Arrow, Cross, Scene, Shirt } from '../marks';

export const title = 'Find the cause';

export const says = [
  'Say in your own words what is wrong with a piece.',
  'Wubbin names the likely causes, the likeliest first.',
  'Each has a way to be sure and a way to mend it.',
];

export const Drawing = () => (
  <Scene>
    <Shirt x={14} y={17} />
    <Cross x={26} y={24} />
    <Arrow x={56} y={30} />
    <circle cx={92} cy={28} r={10} className="fill-ground stroke-ink" />
    <path d="M99 35l9 9" className="stroke-ink" strokeWidth={2.4} />
  </Scene>
);
