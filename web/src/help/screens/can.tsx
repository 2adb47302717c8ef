import { Arrow, Iron, Mug, Paper, Scene, Shirt } from '../marks';

export const title = 'What can I make?';

export const says = [
  'Every piece and route that your shelf makes possible.',
  'Below stands what one thing more would open.',
  'Press Make one, and the piece and route are filled in.',
];

export const Drawing = () => (
  <Scene>
    <Iron x={10} y={14} />
    <Paper x={18} y={36} wide={14} high={16} />
    <Arrow x={46} y={32} />
    <Shirt x={70} y={12} of={0.8} />
    <Mug x={100} y={32} />
  </Scene>
);
