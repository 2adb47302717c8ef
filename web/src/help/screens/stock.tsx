import { Box, Coins, Scene, Words } from '../marks';

export const title = 'Stock';

export const says = [
  'How much there is of sheets, pieces, ink and tape.',
  'Sheets are counted down as they are printed.',
  'Prices that you write here make costs and quotes true.',
];

export const Drawing = () => (
  <Scene>
    <Box x={14} y={30} wide={26} high={18} />
    <Box x={18} y={14} wide={18} high={16} />
    <Coins x={58} y={24} />
    <Words x={86} y={22} lines={4} wide={20} />
  </Scene>
);
