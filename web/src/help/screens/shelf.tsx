import { Iron, Paper, Printer, Scene } from '../marks';

export const title = 'Shelf';

export const says = [
  'All that your shop has, with its measures.',
  'What is marked as assumed was not measured yet.',
  'Every plan is made from this.',
];

export const Drawing = () => (
  <Scene>
    <path d="M8 50H112" className="stroke-ink" strokeWidth={2.4} />
    <Iron x={12} y={30} />
    <Printer x={50} y={19} />
    <Paper x={90} y={24} />
  </Scene>
);
