import { Paper, Scene } from '../marks';

export const title = 'Trace a blank';

export const says = [
  'Lay a sheet of paper on the piece and photograph it from above.',
  'Mark the corners of the paper and the outline of the piece.',
  'Its true size comes from the paper.',
];

export const Drawing = () => (
  <Scene>
    <path d="M30 8H86L92 52H24Z" className="fill-shade stroke-ink" />
    <Paper x={48} y={22} wide={20} high={26} />
    <circle cx={30} cy={8} r={2.4} className="fill-face" />
    <circle cx={86} cy={8} r={2.4} className="fill-face" />
  </Scene>
);
