import { Paper, Picture, Scene } from '../marks';

export const title = 'Sheet layout';

export const says = [
  'Pictures of several jobs on as few sheets as possible.',
  'Drag a picture to another place, and the others make room.',
  'Left-over pieces of sheets are used first.',
];

export const Drawing = () => (
  <Scene>
    <Paper x={36} y={6} wide={48} high={48} />
    <Picture x={40} y={10} of={1.5} />
    <Picture x={62} y={10} of={1.5} />
    <Picture x={40} y={30} of={1.5} />
    <Picture x={62} y={30} of={1.5} />
  </Scene>
);
