import { Iron, Paper, Printer, Scene, Tick } from '../marks';

export const title = 'What do you have?';

export const says = [
  'Tap what you own, and answer at most one question about it.',
  'Usual sizes stand in and are marked as assumed.',
  'Tap again to remove it.',
];

export const Drawing = () => (
  <Scene>
    <Iron x={10} y={22} />
    <Tick x={40} y={14} />
    <Printer x={54} y={16} />
    <Tick x={86} y={14} />
    <Paper x={96} y={20} wide={16} />
  </Scene>
);
