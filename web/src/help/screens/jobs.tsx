import { Candle, Mug, Scene, Shirt } from '../marks';

export const title = 'Jobs';

export const says = [
  'All jobs with how far each has come.',
  'Find one by its name, or show only those that are late.',
  'Open a job to plan it, print it and take it to the bench.',
];

export const Drawing = () => (
  <Scene>
    <Shirt x={12} y={17} />
    <Mug x={54} y={20} />
    <Candle x={92} y={17} />
  </Scene>
);
