import { Picture, Scene, Shirt } from '../marks';

export const title = 'A job';

export const says = [
  'At the top stands the one thing to do next.',
  'Drag the picture to move it, and its corner to size it.',
  'Every line of the ticket opens, says why, and can be changed.',
];

export const Drawing = () => (
  <Scene>
    <Shirt x={38} y={6} of={1.7} />
    <Picture x={56} y={20} of={1.4} />
    <path d="M73 34l5 4m0 -4v4h-4" className="fill-none stroke-face" />
  </Scene>
);
