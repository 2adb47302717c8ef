import { Arrow, Paper, Printer, Scene } from '../marks';

export const title = 'Printers and trays';

export const says = [
  'Which side each tray prints, and which edge goes in first.',
  'A feed test on one sheet tells both.',
  'Say once whether Wubbin or the driver mirrors.',
];

export const Drawing = () => (
  <Scene>
    <Printer x={16} y={15} />
    <Arrow x={54} y={30} />
    <Paper x={78} y={16} wide={24} high={30} />
    <path d="M84 26l12 12M96 26l-12 12" className="stroke-face" />
  </Scene>
);
