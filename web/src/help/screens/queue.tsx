import { Paper, Printer, Scene } from '../marks';

export const title = 'Any sheet';

export const says = [
  'Every sheet that was made, also of jobs that are not due.',
  'Choose a tray and a way up, and see the sheet as it will come out.',
  'Nothing is printed until you press print.',
];

export const Drawing = () => (
  <Scene>
    <Paper x={20} y={14} />
    <Paper x={26} y={18} />
    <Paper x={32} y={22} />
    <Printer x={72} y={16} />
  </Scene>
);
