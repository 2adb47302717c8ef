import { Arrow, Clock, Paper, Scene, Words } from '../marks';

export const title = 'Recipes';

export const says = [
  'Figures of your supplier for one sheet, on one heat source.',
  'They stand before what is built in.',
  'A good test ladder becomes a recipe by itself.',
];

export const Drawing = () => (
  <Scene>
    <Paper x={16} y={12} wide={34} high={38} />
    <Words x={22} y={20} lines={5} wide={22} />
    <Arrow x={58} y={30} />
    <Clock x={92} y={30} />
  </Scene>
);
