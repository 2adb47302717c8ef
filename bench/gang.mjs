/*
 * How many sheets a packer from the npm registry needs for the instances of gang-instances.json, as JSON.
 * Usage: node bench/gang.mjs
 */
import { readFileSync } from 'node:fs';
// Its main file is written for bundlers; this one Node takes as the module that it is.
import { MaxRectsPacker } from 'maxrects-packer/dist/maxrects-packer.mjs';

const { instances } = JSON.parse(readFileSync(new URL('gang-instances.json', import.meta.url), 'utf8'));
const sheets = instances.map(({ pieces_mm: pieces, printable_mm: [width, height], gap_mm: gap }) => {
  const packer = new MaxRectsPacker(width, height, gap, {
    // Of its settings the one that needs the fewest sheets here.
    smart: false,
    pot: false,
    square: false,
    allowRotation: true,
  });
  packer.addArray(pieces.map(([w, h]) => ({ width: w, height: h })));
  return packer.bins.length;
});
console.log(JSON.stringify(sheets));
