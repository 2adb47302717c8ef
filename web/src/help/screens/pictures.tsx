import { Picture, Scene } from '../marks';

export const title = 'Pictures';

export const says = [
  'All pictures of the shop, and where each is used.',
  'A picture that is used nowhere can be deleted.',
  'Replace one here, and its jobs take the new one.',
];

export const Drawing = () => (
  <Scene>
    <Picture x={14} y={18} of={2} />
    <Picture x={48} y={18} of={2} />
    <Picture x={82} y={18} of={2} />
  </Scene>
);
