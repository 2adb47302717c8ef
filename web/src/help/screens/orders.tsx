import { Arrow, Paper, Scene, Shirt, Words } from '../marks';

export const title = 'Orders';

export const says = [
  'Who needs what by when, and who has paid.',
  'Open an order to see its pieces, papers and payments.',
  'Handing over is written down here too.',
];

export const Drawing = () => (
  <Scene>
    <Paper x={16} y={14} wide={28} high={34} />
    <Words x={20} y={22} lines={4} wide={18} />
    <Arrow x={52} y={30} />
    <Shirt x={78} y={17} />
  </Scene>
);
