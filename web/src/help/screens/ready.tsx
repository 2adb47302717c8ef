import { Arrow, Picture, Scene, Words } from '../marks';

export const title = 'Make a picture ready';

export const says = [
  'Steps that change a picture: crop it, make it black, put words on it.',
  'The first file is never changed.',
  'Steps can be changed, moved and removed later.',
];

export const Drawing = () => (
  <Scene>
    <Picture x={12} y={18} of={2} />
    <Arrow x={46} y={28} />
    <Picture x={72} y={12} of={2.2} />
    <Words x={74} y={42} lines={2} wide={22} />
  </Scene>
);
