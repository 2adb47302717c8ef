import { Paper, Scene, Shirt, Words } from '../marks';

export const title = 'Logbook';

export const says = [
  'Every piece that was pressed, and how it came out.',
  'Open one to see its steps, times and photos.',
  'Look again after a wash, and write down how it is.',
];

export const Drawing = () => (
  <Scene>
    <Paper x={14} y={10} wide={40} high={40} />
    <Words x={20} y={18} lines={6} wide={26} />
    <Shirt x={70} y={17} />
  </Scene>
);
