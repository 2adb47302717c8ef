import { Scene, Tick, Words } from '../marks';

export const title = 'House rules';

export const says = [
  'How your shop does what people disagree about.',
  'Each job follows them unless it says otherwise.',
  'Wubbin’s own choice stands beside each.',
];

export const Drawing = () => (
  <Scene>
    <path d="M14 30L34 12L54 30V50H14Z" className="fill-ground stroke-ink" />
    <Words x={70} y={20} lines={5} wide={34} />
    <Tick x={28} y={32} />
  </Scene>
);
