/** Loads that really are in the heat: each has its own clock, and its own readings by their time. */
import { MOST } from './limits';
import { type Batch } from './schema';

type Cook = Batch['cook'];

/** What a cooking is planned to be, apart from what has been. */
export type CookingPlanFields = Omit<Cook, 'readings' | 'run' | 'earlierRuns'>;

/** The next load goes in. One that is in the heat is out then. @param at ISO 8601 */
export const startLoad = (cook: Cook, at: string): Cook => ({ ...stopLoad(cook, at), run: { inAt: at } });

/** The load is taken out. The oldest of many is forgotten. @param at ISO 8601 */
export function stopLoad(cook: Cook, at: string): Cook {
  if (cook.run === null) return cook;
  return { ...cook, run: null, earlierRuns: [...cook.earlierRuns, { ...cook.run, outAt: at }].slice(-MOST.cookRuns) };
}

/** When the load went in that readings now belong to; null where no clock was ever started. */
const inAtOf = ({ run, earlierRuns }: Pick<Cook, 'run' | 'earlierRuns'>): string | null =>
  run?.inAt ?? earlierRuns[earlierRuns.length - 1]?.inAt ?? null;

/** Readings of the load that is in the heat, or was last: what one load showed says nothing about the next. */
export function readingsOfLoad(cook: Pick<Cook, 'readings' | 'run' | 'earlierRuns'>): Cook['readings'] {
  const inAt = inAtOf(cook);
  return inAt === null ? cook.readings : cook.readings.filter(({ at }) => Date.parse(at) >= Date.parse(inAt));
}

/** The same against the load's clock, minutes; none where no clock was started. */
export function cookReadingMinutes(
  cook: Pick<Cook, 'readings' | 'run' | 'earlierRuns'>,
): { minute: number; c: number }[] {
  const inAt = inAtOf(cook);
  if (inAt === null) return [];
  return readingsOfLoad(cook).map(({ at, c }) => ({ minute: (Date.parse(at) - Date.parse(inAt)) / 60_000, c }));
}

/**
 * The same for comparing with what the heat does: what is measured when the load is out says how it came out, and no heat has
 * reached it since.
 */
export function readingsInHeat(cook: Pick<Cook, 'readings' | 'run' | 'earlierRuns'>): { minute: number; c: number }[] {
  const last = cook.run === null ? cook.earlierRuns[cook.earlierRuns.length - 1] : undefined;
  const out = last === undefined ? Infinity : (Date.parse(last.outAt) - Date.parse(last.inAt)) / 60_000;
  return cookReadingMinutes(cook).map(({ minute, c }) => ({ minute: Math.min(minute, out), c }));
}
