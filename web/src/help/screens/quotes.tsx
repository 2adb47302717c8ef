import { Arrow, Coins, Paper, Scene, Words } from '../marks';

export const title = 'Quotes';

export const says = [
  'Prices for somebody who asks, for any number of pieces.',
  'The cost comes from your own stock and rates.',
  'A quote that is accepted becomes an order.',
];

export const Drawing = () => (
  <Scene>
    <Coins x={20} y={22} />
    <Arrow x={44} y={30} />
    <Paper x={68} y={14} wide={28} high={34} />
    <Words x={72} y={22} lines={4} wide={18} />
  </Scene>
);
