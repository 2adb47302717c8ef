import { Picture, Scene, Shirt } from '../marks';

export const title = 'Choose a route';

export const says = [
  'Every way from your picture to this piece, the best first.',
  'Each route says what speaks for it and against it.',
  'Tick two of them to see them side by side.',
];

export const Drawing = () => (
  <Scene>
    <Picture x={12} y={24} of={1.3} />
    <path d="M32 30C50 12 66 12 84 26M32 30H84M32 32C50 48 66 48 84 36" className="fill-none stroke-face" />
    <Shirt x={86} y={18} />
  </Scene>
);
