import { Picture, Scene, Shirt } from '../marks';

export const title = 'New job';

export const says = [
  'Choose a picture and a piece, in whichever order.',
  'Pieces of different sizes are drawn at one scale.',
  'Leave the name empty and Wubbin gives it one.',
];

export const Drawing = () => (
  <Scene>
    <Picture x={16} y={20} of={2} />
    <path d="M52 30h10M57 25v10" className="stroke-ink" />
    <Shirt x={74} y={17} />
  </Scene>
);
