import { Arrow, Clock, Scene, Shirt, Tick } from '../marks';

export const title = 'Today';

export const says = [
  'What is going on, what comes next, what waits, and what is in the way.',
  'Each thing has one button that starts it right.',
  'Whatever is due comes by itself from your orders and jobs.',
];

export const Drawing = () => (
  <Scene>
    <Clock x={22} y={30} />
    <Arrow x={38} y={30} />
    <Shirt x={62} y={16} />
    <Tick x={102} y={26} />
  </Scene>
);
