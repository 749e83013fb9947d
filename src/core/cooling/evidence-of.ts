/** Readings of a cooling that count, and those that do not: of the run that is under way, or of one that is over. */
import { readingMinutes } from '../stored/runs';
import { type CoolingRun } from '../stored/schema';
import { coolingEvidence, type Evidence, type Reading, type World } from '../safety/evidence';

export type CoolReading = CoolingRun['readings'][number] & Reading;

const NOTHING: Evidence<CoolReading> = { counted: [], left: [] };

export const runEvidence = (
  run: Pick<CoolingRun, 'offHeatAt' | 'readings'> | null,
  world: World,
): Evidence<CoolReading> => (run === null ? NOTHING : coolingEvidence(readingMinutes(run), world));
