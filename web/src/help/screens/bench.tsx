import { Clock, Iron, Scene, Tick } from '../marks';

export const title = 'Bench';

export const says = [
  'What can begin now, and all sessions that are under way.',
  'A session leads through each step with its drawing and clock.',
  'Space starts and stops the clock.',
];

export const Drawing = () => (
  <Scene>
    <Iron x={14} y={24} />
    <Clock x={66} y={30} />
    <Tick x={92} y={26} />
  </Scene>
);
