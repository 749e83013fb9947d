/** Coolings that really happen: each run has its own clock and its own readings. A new one begins with nothing measured. */
import { MOST } from '../vocabulary/limits';
import { type Batch, type CoolingRun, type Missed } from './schema';
import { type RunEnd } from '../vocabulary/where-to';

type Cool = Batch['cool'];

/** What a cooling is planned to be, apart from what has been. */
export type CoolingPlanFields = Omit<Cool, 'run' | 'earlierRuns'>;

/** Starts the clock. A run that is under way is over then. @param at ISO 8601 */
export function startRun(cool: Cool, at: string): Cool {
  return { ...stopRun(cool, at), run: { offHeatAt: at, past: [], readings: [], missed: [] } };
}

/**
 * Stops the clock: the run is kept as it was, and counts for nothing in the next one. The oldest of many goes.
 * @param to where it goes; @param missed rules whose limit it has missed by then: they stay until it is said what was done
 */
export function stopRun(cool: Cool, at: string, to: RunEnd = 'board', missed: readonly string[] = []): Cool {
  if (cool.run === null) return cool;
  const run = missed.reduce((r, rule) => withMissed(r, { rule, did: 'nothing', at }), cool.run);
  const earlierRuns = [...cool.earlierRuns, { ...run, stoppedAt: at, to }].slice(-MOST.earlierRuns);
  return { ...cool, run: null, earlierRuns };
}

/** A limit that was missed, with what was done: the last answer counts, and silence takes none back. */
function withMissed<Run extends CoolingRun>(run: Run, missed: Missed): Run {
  const earlier = run.missed.find(({ rule }) => rule === missed.rule);
  if (earlier !== undefined && missed.did === 'nothing') return run;
  return { ...run, missed: [...run.missed.filter((m) => m !== earlier), missed].slice(-MOST.missed) };
}

/** Says what was done where a limit was missed: of the cooling that is under way, else of the last one. */
export function answerMissed(cool: Cool, missed: Missed): Cool {
  if (cool.run !== null) return { ...cool, run: withMissed(cool.run, missed) };
  const [last, ...before] = [...cool.earlierRuns].reverse();
  return last === undefined ? cool : { ...cool, earlierRuns: [...before.reverse(), withMissed(last, missed)] };
}

/** Limits that were missed and of which you haven’t said what you did, in whatever cooling of the batch. */
export const unanswered = ({ run, earlierRuns }: Pick<Cool, 'run' | 'earlierRuns'>): Missed[] =>
  [...earlierRuns, ...(run ? [run] : [])].flatMap(({ missed }) => missed.filter(({ did }) => did === 'nothing'));

/** It has been thrown away, or not. */
export const isThrownAway = ({ run, earlierRuns }: Pick<Cool, 'run' | 'earlierRuns'>): boolean =>
  [...earlierRuns, ...(run ? [run] : [])].some(({ missed }) => missed.some(({ did }) => did === 'thrown-away'));

/** It has been reheated and cooled again: that is done once only. */
export const wasReheated = ({ run, earlierRuns }: Pick<Cool, 'run' | 'earlierRuns'>): boolean =>
  [...earlierRuns, ...(run ? [run] : [])].some(({ missed }) => missed.some(({ did }) => did === 'reheated'));

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

/** Readings against the run's clock, whether they count or not: which do is asked of safety. */
export const readingMinutes = (
  run: Pick<CoolingRun, 'offHeatAt' | 'readings'>,
): (CoolingRun['readings'][number] & { minute: number })[] =>
  run.readings.map((reading) => ({ ...reading, minute: minutesSince(run, reading.at) }));
