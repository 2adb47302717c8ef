import { Clock, Coins, Paper, Scene } from '../marks';

export const title = 'What it costs';

export const says = [
  'Sheets, ink, energy, time and waste of this job.',
  'What nobody has said a price for is not counted, and is named.',
  'Write what is short into the shopping list.',
];

export const Drawing = () => (
  <Scene>
    <Coins x={18} y={24} />
    <path d="M44 26h10M44 32h10" className="stroke-ink" />
    <Paper x={64} y={20} wide={14} high={18} />
    <Clock x={98} y={30} />
  </Scene>
);
