// A time beside its target, as it would be on the machine that the targets are for; bench/Bench.php says the same.
import { appendFileSync } from 'node:fs';

const SLOWNESS = Number(process.env.WUBBIN_SLOWNESS ?? 1);

/** @param id that stays the same, whatever the row is called */
export function time(id, what, ms, target) {
  const calibrated = ms / SLOWNESS;
  const measured = `${calibrated.toFixed(1)} ms (${ms.toFixed(1)} ms here)`;
  console.log(`${what.padEnd(64)}${measured.padEnd(28)}${calibrated <= target ? 'within' : 'OVER  '} ${target} ms`);
  if (process.env.WUBBIN_FIGURES) {
    appendFileSync(process.env.WUBBIN_FIGURES, `${JSON.stringify([id, Number(calibrated.toFixed(3))])}\n`);
  }
}
