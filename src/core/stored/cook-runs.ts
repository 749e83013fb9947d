/** Loads that really are in the heat: each has its number, its own clock, and its own readings. */
import { MOST } from '../vocabulary/limits';
import { type Batch } from './schema';

type Cook = Batch['cook'];
type Runs = Pick<Cook, 'run' | 'earlierRuns'>;

/** What a cooking is planned to be, apart from what has been. */
export type CookingPlanFields = Omit<Cook, 'readings' | 'run' | 'earlierRuns'>;

/** The number of the load that goes in next: one more than there has been. */
export const nextLoad = ({ run, earlierRuns }: Runs): number =>
  1 + Math.max(0, run?.load ?? 0, ...earlierRuns.map(({ load }) => load));

/**
 * A load goes in. One that is in the heat is out then.
 * @param at ISO 8601
 * @param load which one, where it is put back into the heat; @param parcels in it, null as planned
 */
export function startLoad(cook: Cook, at: string, load?: number, parcels: number | null = null): Cook {
  const out = stopLoad(cook, at);
  return { ...out, run: { inAt: at, load: load ?? nextLoad(out), parcels } };
}

/** The load is taken out. The oldest of many is forgotten. @param at ISO 8601 */
export function stopLoad(cook: Cook, at: string): Cook {
  if (cook.run === null) return cook;
  return { ...cook, run: null, earlierRuns: [...cook.earlierRuns, { ...cook.run, outAt: at }].slice(-MOST.cookRuns) };
}

/** The load that readings now belong to: the one in the heat, else the last; the first where no clock was ever started. */
export const loadAtHand = ({ run, earlierRuns }: Runs): number =>
  run?.load ?? earlierRuns[earlierRuns.length - 1]?.load ?? 1;

/** When a load went in first, ISO 8601; null where its clock was never started. */
export const inAtOf = ({ run, earlierRuns }: Runs, load: number): string | null =>
  [...earlierRuns, ...(run ? [run] : [])].find((r) => r.load === load)?.inAt ?? null;

/** Every load that was in the heat or measured, in order. */
export const loadsOf = ({ run, earlierRuns, readings }: Pick<Cook, 'run' | 'earlierRuns' | 'readings'>): number[] =>
  [
    ...new Set([
      ...earlierRuns.map(({ load }) => load),
      ...(run ? [run.load] : []),
      ...readings.map(({ load }) => load),
    ]),
  ].sort((a, b) => a - b);

/**
 * The round that the next reading of a load belongs to: one that failed, or that began a holding time, is over; so are those of
 * another load.
 * @param outcome of what was measured of that load so far
 */
export function nextRound(
  readings: Cook['readings'],
  load: number,
  outcome: 'none' | 'incomplete' | 'hold' | 'pass' | 'fail',
): number {
  const latest = readings.reduce((round, reading) => Math.max(round, reading.round), 0);
  const own = readings.filter((r) => r.load === load).reduce((round, reading) => Math.max(round, reading.round), 0);
  return outcome === 'fail' || outcome === 'hold' || own === 0 ? latest + 1 : own;
}

/** Loads that a reading can be of: those that have been in the heat; without any clock, all that are planned. */
export function loadsToMeasure(cook: Pick<Cook, 'run' | 'earlierRuns' | 'readings'>, planned: number): number[] {
  const seen = loadsOf(cook);
  const isTimed = cook.run !== null || cook.earlierRuns.length > 0;
  return isTimed ? seen : Array.from({ length: Math.max(1, planned, ...seen) }, (_, i) => i + 1);
}

/** Readings of one load, whether they count or not. */
export const readingsOfLoad = ({ readings }: Pick<Cook, 'readings'>, load: number): Cook['readings'] =>
  readings.filter((reading) => reading.load === load);

/** A reading to be put in: of which parcel, where that is said; else of the next one of its round. */
export type NewReading = Omit<Cook['readings'][number], 'parcel'> & { parcel?: number };

/** Numbered as it is put in, and not before: two pages at once, or two taps, would give two parcels one number. */
export function numbered(cook: Pick<Cook, 'readings'>, reading: NewReading): Cook['readings'][number] {
  const others = readingsOfLoad(cook, reading.load).filter(({ round }) => round === reading.round);
  return { ...reading, parcel: reading.parcel ?? Math.max(0, ...others.map(({ parcel }) => parcel)) + 1 };
}
