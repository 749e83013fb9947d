/** Coolings that really happen: each run has its own clock and its own readings. A new one begins with nothing measured. */
import { MOST } from './limits';
import { type Batch, type CoolingRun } from './schema';

type Cool = Batch['cool'];

/** What a cooling is planned to be, apart from what has been. */
export type CoolingPlanFields = Omit<Cool, 'run' | 'earlierRuns'>;

/** Starts the clock. A run that is under way is over then. @param at ISO 8601 */
export function startRun(cool: Cool, at: string): Cool {
  return { ...stopRun(cool, at), run: { offHeatAt: at, past: [], readings: [] } };
}

/** Stops the clock: the run is kept as it was, and counts for nothing any more. The oldest of many goes. */
export function stopRun(cool: Cool, at: string): Cool {
  if (cool.run === null) return cool;
  const earlierRuns = [...cool.earlierRuns, { ...cool.run, stoppedAt: at }].slice(-MOST.earlierRuns);
  return { ...cool, run: null, earlierRuns };
}

/** It came off the heat at another time than was said: the place it first stood in was so much longer, or shorter, its own. */
export function moveOffHeat(run: CoolingRun, at: string): CoolingRun {
  let more = (Date.parse(run.offHeatAt) - Date.parse(at)) / 60_000;
  const past = run.past.flatMap((leg) => {
    const minutes = leg.minutes + more;
    // What is not used up here is taken from the leg that follows.
    more = Math.min(0, minutes);
    return minutes >= 1 ? [{ ...leg, minutes }] : [];
  });
  return { ...run, offHeatAt: at, past };
}

/** Readings stand in the order of time, whatever order they are typed in. */
export function addReading(run: CoolingRun, reading: CoolingRun['readings'][number]): CoolingRun {
  const readings = [...run.readings, reading].sort((a, b) => Date.parse(a.at) - Date.parse(b.at));
  return { ...run, readings };
}

/** Minutes since it came off the heat. */
export const minutesSince = ({ offHeatAt }: Pick<CoolingRun, 'offHeatAt'>, at: string): number =>
  (Date.parse(at) - Date.parse(offHeatAt)) / 60_000;

/** Readings against the run's clock. One from before it came off the heat is of something else: it is left out. */
export const readingMinutes = (run: CoolingRun | null): { minute: number; c: number }[] =>
  run === null
    ? []
    : run.readings.map(({ at, c }) => ({ minute: minutesSince(run, at), c })).filter(({ minute }) => minute >= 0);
