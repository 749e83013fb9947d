/** What the thermometer says. Only a reading marks a batch safe; a forecast never does. */
import { type Limit } from './core-limit';

export interface Reading {
  /** Readings taken together make a round; after cooking on, a new round begins. */
  round: number;
  c: number;
  /** ISO 8601: a holding time runs by it. */
  at: string;
}

export interface Verdict {
  /** `none`: nothing measured. `incomplete`: too few parcels so far. `hold`: hot enough, and to be kept so for a time. */
  outcome: 'none' | 'incomplete' | 'hold' | 'pass' | 'fail';
  /** Readings in the latest round. */
  count: number;
  /** How many parcels must be measured. */
  needed: number;
  lowestC: number | null;
  /** When the holding time is over, ISO 8601; null where none runs. */
  holdUntil: string | null;
  /** What to do now, in words. */
  next: string;
}

/**
 * The round that the next reading belongs to: one that failed, or that began a holding time, is over; so are those of
 * another load.
 * @param readings all of the batch
 */
export function nextRound(readings: readonly Pick<Reading, 'round'>[], { outcome }: Pick<Verdict, 'outcome'>): number {
  const latest = readings.reduce((round, reading) => Math.max(round, reading.round), 0);
  return outcome === 'fail' || outcome === 'hold' || outcome === 'none' ? latest + 1 : Math.max(1, latest);
}

/** At least so many parcels are measured, the thickest and from the coolest spot. */
const PARCELS = 3;

interface Round {
  count: number;
  lowestC: number;
  /** ms */
  from: number;
  to: number;
}

function roundsOf(readings: readonly Reading[]): Round[] {
  const numbers = [...new Set(readings.map(({ round }) => round))].sort((a, b) => a - b);
  return numbers.map((number) => {
    const own = readings.filter(({ round }) => round === number);
    const times = own.map(({ at }) => Date.parse(at));
    return {
      count: own.length,
      lowestC: Math.min(...own.map(({ c }) => c)),
      from: Math.min(...times),
      to: Math.max(...times),
    };
  });
}

/**
 * Judges the latest round of readings against a limit: the lowest counts.
 * @param readings of one load
 * @param parcels in the batch: fewer than three are all measured
 * @param atOnceC a reading this high needs no holding time
 */
export function verdict(readings: readonly Reading[], limit: Limit, parcels: number, atOnceC: number): Verdict {
  const needed = Math.min(PARCELS, parcels);
  const rounds = roundsOf(readings);
  if (rounds.length === 0) {
    return {
      outcome: 'none',
      count: 0,
      needed,
      lowestC: null,
      holdUntil: null,
      next: `Measure ${needed} ${needed === 1 ? 'parcel' : 'parcels, the thickest first'}.`,
    };
  }
  const { count, lowestC, from } = rounds[rounds.length - 1];
  const base = { count, needed, lowestC, holdUntil: null };
  if (lowestC < limit.c) {
    return {
      ...base,
      outcome: 'fail',
      next: `Cook on, then measure ${needed} ${needed === 1 ? 'parcel' : 'parcels'} again.`,
    };
  }
  if (count < needed) {
    const more = needed - count;
    return { ...base, outcome: 'incomplete', next: `Measure ${more} more ${more === 1 ? 'parcel' : 'parcels'}.` };
  }
  const rest = limit.restMinutes > 0 ? ` Rest ${limit.restMinutes} minutes before serving.` : '';
  const since = limit.holdMinutes > 0 && lowestC < Math.max(limit.c, atOnceC) ? heldSince(rounds, limit, needed) : null;
  if (since !== null && from - since < limit.holdMinutes * 60_000) {
    const until = new Date(since + limit.holdMinutes * 60_000).toISOString();
    return {
      ...base,
      outcome: 'hold',
      holdUntil: until,
      next: `Keep it at ${limit.c} °C or more for ${limit.holdMinutes} minutes, then measure ${needed === 1 ? 'it' : `${needed} parcels`} again.`,
    };
  }
  return { ...base, outcome: 'pass', next: `Measured hot enough${since === null ? '' : ', and held there'}.${rest}` };
}

/** Since when every complete round has been at the limit, ms. */
function heldSince(rounds: readonly Round[], limit: Limit, needed: number): number {
  let since = rounds[rounds.length - 1].to;
  for (const round of [...rounds].reverse()) {
    if (round.lowestC < limit.c || round.count < needed) break;
    since = round.to;
  }
  return since;
}
