/** What the thermometer says. Only a reading marks a batch safe; a forecast never does. */
import { type Limit } from './core-limit';

export interface Reading {
  /** Readings taken together make a round; after cooking on, a new round begins. */
  round: number;
  c: number;
}

export interface Verdict {
  /** `none`: nothing measured. `incomplete`: too few parcels so far. */
  outcome: 'none' | 'incomplete' | 'pass' | 'fail';
  /** Readings in the latest round. */
  count: number;
  /** How many parcels must be measured. */
  needed: number;
  lowestC: number | null;
  /** What to do now, in words. */
  next: string;
}

/**
 * The round that the next reading belongs to: one that failed is over, the next reading is taken after cooking on.
 */
export function nextRound(readings: readonly Reading[], { outcome }: Pick<Verdict, 'outcome'>): number {
  const latest = readings.reduce((round, reading) => Math.max(round, reading.round), 0);
  return outcome === 'fail' ? latest + 1 : Math.max(1, latest);
}

/** At least so many parcels are measured, the thickest and from the coolest spot. */
const PARCELS = 3;

/**
 * Judges the latest round of readings against a limit: the lowest counts.
 * @param parcels in the batch: fewer than three are all measured
 * @param atOnceC a reading this high needs no holding time
 */
export function verdict(readings: readonly Reading[], limit: Limit, parcels: number, atOnceC: number): Verdict {
  const needed = Math.min(PARCELS, parcels);
  const round = readings.reduce((latest, reading) => Math.max(latest, reading.round), 0);
  const current = readings.filter((reading) => reading.round === round);
  if (current.length === 0) {
    return { outcome: 'none', count: 0, needed, lowestC: null, next: `Measure ${needed} parcels, the thickest first.` };
  }
  const lowestC = Math.min(...current.map((reading) => reading.c));
  const required = limit.holdMinutes > 0 ? Math.max(limit.c, atOnceC) : limit.c;
  const base = { count: current.length, needed, lowestC };
  if (lowestC < required) {
    const hold =
      limit.holdMinutes > 0 && lowestC >= limit.c
        ? ` It may also be held at ${limit.c} °C for ${limit.holdMinutes} minutes by the thermometer.`
        : '';
    return { ...base, outcome: 'fail', next: `Cook on, then measure ${needed} parcels again.${hold}` };
  }
  if (current.length < needed) {
    const more = needed - current.length;
    return { ...base, outcome: 'incomplete', next: `Measure ${more} more ${more === 1 ? 'parcel' : 'parcels'}.` };
  }
  const rest = limit.restMinutes > 0 ? ` Rest ${limit.restMinutes} minutes before serving.` : '';
  return { ...base, outcome: 'pass', next: `Measured hot enough.${rest}` };
}
