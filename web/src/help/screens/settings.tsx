import { Scene } from '../marks';

export const title = 'Settings';

export const says = [
  'Units, paper, money, time zone, and light or dark.',
  'They hold for this whole shop.',
  'You can write any unit in any field all the same.',
];

export const Drawing = () => (
  <Scene>
    <path d="M16 18H104M16 32H104M16 46H104" className="stroke-line" />
    <circle cx={44} cy={18} r={5} className="fill-ground stroke-ink" />
    <circle cx={80} cy={32} r={5} className="fill-ground stroke-ink" />
    <circle cx={32} cy={46} r={5} className="fill-ground stroke-ink" />
  </Scene>
);
