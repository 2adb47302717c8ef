import { Arrow, Paper, Printer, Scene, Tick } from '../marks';

export const title = 'Print';

export const says = [
  'All sheets that are due, by printer, paper and setting.',
  'Load the paper, press print, and say afterwards how each sheet came out.',
  'A spoiled sheet comes back by itself.',
];

export const Drawing = () => (
  <Scene>
    <Paper x={14} y={16} />
    <Arrow x={38} y={30} wide={12} />
    <Printer x={54} y={15} />
    <Tick x={98} y={26} />
  </Scene>
);
