import { Arrow, Scene, Shirt, Words } from '../marks';

export const title = 'A name on every piece';

export const says = [
  'A list of names, typed, pasted or from a table.',
  'Names that do not fit come first.',
  'Sheets, bench and orders follow piece by piece.',
];

export const Drawing = () => (
  <Scene>
    <Words x={12} y={18} lines={5} wide={18} />
    <Arrow x={40} y={28} wide={12} />
    <Shirt x={58} y={16} of={0.8} />
    <Shirt x={90} y={16} of={0.8} />
  </Scene>
);
