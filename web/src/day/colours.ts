/** Fill and ink of jobs: apart from each other in lightness too, and never without a number or a name. */
const COLOURS: readonly (readonly [fill: string, ink: string])[] = [
  ['#1f4e79', '#ffffff'],
  ['#e3b23c', '#16212b'],
  ['#6a35ab', '#ffffff'],
  ['#a7c957', '#16212b'],
  ['#8c2f39', '#ffffff'],
  ['#7fc8d8', '#16212b'],
  ['#37543a', '#ffffff'],
  ['#f2a48c', '#16212b'],
  ['#4b5761', '#ffffff'],
  ['#d8b4e2', '#16212b'],
];

export const colourOf = (n: number) => COLOURS[n % COLOURS.length] ?? (['#4b5761', '#ffffff'] as const);
