import { Box, Scene, Tick } from '../marks';

export const title = 'Test ladders';

export const says = [
  'Small pieces of a sheet, pressed each at another setting.',
  'Mark each of them, and the best becomes your recipe.',
  'One sheet and half an hour save many shirts.',
];

export const Drawing = () => (
  <Scene>
    <Box x={14} y={20} wide={14} high={20} />
    <Box x={34} y={20} wide={14} high={20} />
    <Box x={54} y={20} wide={14} high={20} />
    <Box x={74} y={20} wide={14} high={20} />
    <Tick x={76} y={26} />
  </Scene>
);
