import { Arrow, Paper, Scene, Shirt, Tick } from '../marks';

export const title = 'Proof';

export const says = [
  'What your customer sees before the heat.',
  'Write down who approved it, or what is to be changed.',
  'A job that is changed afterwards stops before printing.',
];

export const Drawing = () => (
  <Scene>
    <Paper x={20} y={10} wide={34} high={42} />
    <Shirt x={25} y={18} of={0.75} />
    <Arrow x={64} y={30} />
    <Tick x={92} y={26} />
  </Scene>
);
