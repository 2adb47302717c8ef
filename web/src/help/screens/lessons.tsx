import { Scene, Tick } from '../marks';

export const title = 'What past pieces teach';

export const says = [
  'How often each route comes out right at the first try.',
  'Times that your hands really take replace the assumed ones.',
  'A setting that works better than the recipe is offered.',
];

export const Drawing = () => (
  <Scene>
    <path d="M16 50V12M16 50H70" className="stroke-ink" />
    <path d="M24 44V36h8v8M38 44V26h8v18M52 44V18h8v26" className="fill-shade stroke-ink" />
    <Tick x={88} y={26} />
  </Scene>
);
