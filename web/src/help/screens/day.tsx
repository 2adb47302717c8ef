import { Bars, Scene } from '../marks';

export const title = 'Day plan';

export const says = [
  'Hands, machines and waiting along the hours of a day.',
  'Tap a block to see what it is, or drag it to another time.',
  'Wubbin moves the others and tells you what it costs.',
];

export const Drawing = () => (
  <Scene>
    <Bars
      x={14}
      y={10}
      of={[
        [0, 26],
        [26, 14],
        [10, 40],
        [50, 36],
        [60, 24],
      ]}
    />
  </Scene>
);
