// What this process and all that it has started and seen end have cost: on a machine that is shared with others the time on
// the clock says little, and half of this is what two quiet cores would take.
import { existsSync, readFileSync } from 'node:fs';

const TICKS_PER_S = 100;
/** Own and children's, in the program and in the system: fields 14 to 17, of which the second, a name, may hold blanks. */
const OF_TIME = [11, 12, 13, 14];

/** @returns s of processor time; null where the system does not say */
export function processorSeconds() {
  if (!existsSync('/proc/self/stat')) return null;
  const fields = readFileSync('/proc/self/stat', 'utf8').replace(/^.*\) /, '').split(' ');
  return OF_TIME.reduce((sum, i) => sum + Number(fields[i]), 0) / TICKS_PER_S;
}
