// What the whole machine has done since it was asked first: on one that is shared with others the time on the clock says little.
// A browser's processes are nobody's children when they end, so that only the machine's own count has them all.
import { existsSync, readFileSync } from 'node:fs';

const TICKS_PER_S = 100;
/** Fields of the first line of /proc/stat: user, nice, system, idle, waiting, interrupts (two), taken away by other machines. */
const USED = [0, 1, 2, 5, 6];
const TAKEN_AWAY = 7;

function read() {
  if (!existsSync('/proc/stat')) return null;
  const fields = readFileSync('/proc/stat', 'utf8').split('\n')[0].split(/\s+/).slice(1).map(Number);
  return {
    usedS: USED.reduce((sum, i) => sum + fields[i], 0) / TICKS_PER_S,
    takenAwayS: fields[TAKEN_AWAY] / TICKS_PER_S,
  };
}

/** Begins to count. @returns what says the s of processor time used since, and taken away by others; null where that is not known */
export function countProcessorTime() {
  const before = read();
  return () => {
    const now = read();
    if (before === null || now === null) return null;
    return { usedS: now.usedS - before.usedS, takenAwayS: now.takenAwayS - before.takenAwayS };
  };
}
