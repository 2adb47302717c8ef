import { Arrow, Box, Scene, Tick } from '../marks';

export const title = 'Backup';

export const says = [
  'Copies of the whole shop, made by themselves.',
  'Write one to another disk now and then.',
  'What was deleted waits here until it is forgotten.',
];

export const Drawing = () => (
  <Scene>
    <Box x={14} y={20} wide={30} high={22} />
    <Arrow x={52} y={31} />
    <Box x={78} y={20} wide={30} high={22} />
    <Tick x={88} y={27} />
  </Scene>
);
