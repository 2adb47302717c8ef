import { Box, Clock, Scene, Tick } from '../marks';

export const title = 'Parts of the pages';

export const says = [
  'Everything that pages are made of, once each.',
  'Whoever builds a page takes its parts from here.',
  'The docs say when to use which.',
];

export const Drawing = () => (
  <Scene>
    <Box x={12} y={10} wide={28} high={12} />
    <Box x={12} y={30} wide={44} high={16} />
    <Clock x={78} y={20} />
    <Tick x={92} y={38} />
  </Scene>
);
