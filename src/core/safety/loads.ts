/**
 * What the thermometer says, load by load. Only evidence marks food safe: enough parcels of every load, the lowest at the
 * limit for its time. A forecast never does, nor does one load speak for another.
 */
import { type Limit } from './core-limit';
import { type Counted, type Reading } from './evidence';
import { isAtLeast, type Threshold, written } from './threshold';

/** A core reading: of which parcel, where that is said. One parcel counts once, however often it is measured. */
interface CoreReading extends Reading {
  parcel?: number;
}

interface MeasuredLoad {
  load: number;
  /** Parcels in it. */
  parcels: number;
  /** It has been taken out of the heat. */
  isOut: boolean;
  counted: readonly Counted<CoreReading>[];
}

export type Outcome = 'none' | 'incomplete' | 'hold' | 'pass' | 'fail';

export interface LoadVerdict {
  load: number;
  /** Good: measured hot enough. Fix: measured, and not. Watch: not measured enough yet. */
  state: 'good' | 'watch' | 'fix';
  /** `none`: nothing measured. `incomplete`: too few parcels so far. `hold`: hot enough, and to be kept so for a time. */
  outcome: Outcome;
  /** It came out of the heat with that outcome. */
  isOut: boolean;
  /** Parcels of the latest round that count, and how many must be measured. */
  count: number;
  needed: number;
  enough: boolean;
  lowestC: number | null;
  /** When the holding time is over, in the readings' minutes; null where none runs. */
  holdUntilMinute: number | null;
  /** The temperature and time that decided, where it was not the limit itself. */
  by: { at: Threshold; minutes: number } | null;
}

export interface Verdict {
  state: 'good' | 'watch' | 'fix';
  loads: readonly LoadVerdict[];
  /** Parcels that have not been in the heat. */
  toCome: number;
}

/** At least so many parcels of a load are measured, the thickest and from the coolest place. */
const PARCELS = 3;
/** What was measured within a minute of a low reading is of the same round: no parcel has got hotter since. House estimate. */
const MOMENT_MINUTES = 1;
/** Readings of one round lie within so many minutes. House estimate. */
const ROUND_MINUTES = 5;
/** A hold no longer than a probe takes to settle is over when it is read, minutes. House estimate. */
const PROBE_SETTLES = 0.5;

/** Minutes that heating on from a temperature takes at the least; 0 where nobody knows. */
export type Heating = (fromC: number) => number;
const AT_ONCE: Heating = () => 0;

const parcelsIn = (readings: readonly CoreReading[]): number => {
  const named = new Set(readings.flatMap(({ parcel }) => (parcel === undefined ? [] : [parcel])));
  return named.size + readings.filter(({ parcel }) => parcel === undefined).length;
};

/** The minute at which so many parcels have been measured, of readings from a minute on; null where they have not. */
function completeAt(readings: readonly CoreReading[], needed: number, fromMinute: number): number | null {
  const since = readings.filter(({ minute }) => minute >= fromMinute);
  for (let n = 1; n <= since.length; n++) if (parcelsIn(since.slice(0, n)) >= needed) return since[n - 1].minute;
  return null;
}

/** What was measured since the last reading that was too low, as far as it can have got hotter since. */
function sinceLow(counted: readonly Counted<CoreReading>[], at: Threshold, heating: Heating) {
  const lows = counted.filter(({ c }) => !isAtLeast(c, at));
  const last = lows[lows.length - 1];
  if (last === undefined) return { low: null, set: counted };
  const from = last.minute + Math.max(MOMENT_MINUTES, heating(last.c));
  const low = lows.filter(({ minute }) => minute >= last.minute - ROUND_MINUTES);
  return { low, set: counted.filter(({ minute }) => minute >= from - 1e-9) };
}

/** Judges one load against a limit: the lowest counts. @param heating how long it takes to get hotter, at the least */
export function judgeLoad(
  { load, parcels, isOut, counted }: MeasuredLoad,
  limit: Limit,
  heating: Heating = AT_ONCE,
): LoadVerdict {
  const needed = Math.max(1, Math.min(PARCELS, parcels));
  const base = { load, isOut, needed, by: null, holdUntilMinute: null };
  if (counted.length === 0) return { ...base, state: 'watch', outcome: 'none', count: 0, enough: false, lowestC: null };
  const levels = limit.equivalents.length > 0 ? limit.equivalents : [{ at: limit.at, minutes: limit.holdMinutes }];
  const { low, set } = sinceLow(counted, limit.at, heating);
  const shown = set.length > 0 ? set : (low ?? []);
  const seen = {
    ...base,
    count: parcelsIn(shown),
    enough: parcelsIn(shown) >= needed,
    lowestC: Math.min(...shown.map(({ c }) => c)),
  };
  let holdUntilMinute: number | null = null;
  for (const { at, minutes } of levels) {
    const held = sinceLow(counted, at, heating).set;
    const full = completeAt(held, needed, -Infinity);
    if (full === null) continue;
    const isHeld = minutes <= PROBE_SETTLES || completeAt(held, needed, full + minutes - 1e-9) !== null;
    if (isHeld) {
      const by = at.c === limit.at.c && limit.holdMinutes === minutes ? null : { at, minutes };
      const lowestC = Math.min(...held.map(({ c }) => c));
      return { ...seen, state: 'good', outcome: 'pass', count: parcelsIn(held), enough: true, lowestC, by };
    }
    if (at.c === limit.at.c) holdUntilMinute = full + minutes;
  }
  if (set.length === 0) return { ...seen, state: 'fix', outcome: 'fail' };
  return holdUntilMinute === null
    ? { ...seen, state: 'watch', outcome: 'incomplete' }
    : { ...seen, state: 'watch', outcome: 'hold', holdUntilMinute };
}

/**
 * Judges a batch: good only where every parcel has been in the heat and every load was measured hot enough.
 * @param toCome parcels that have not been in the heat
 */
export function judgeLoads(
  loads: readonly MeasuredLoad[],
  limit: Limit,
  toCome: number,
  heating: Heating = AT_ONCE,
): Verdict {
  const judged = loads.map((load) => judgeLoad(load, limit, heating));
  const isGood = judged.length > 0 && toCome <= 0 && judged.every(({ state }) => state === 'good');
  const state = judged.some((l) => l.state === 'fix') ? 'fix' : isGood ? 'good' : 'watch';
  return { state, loads: judged, toCome: Math.max(0, toCome) };
}

/** What it still needs once it was measured hot enough; empty where nothing. */
export const restWords = ({ restMinutes }: Limit): string =>
  restMinutes > 0 ? `Rest ${restMinutes} minutes before serving.` : '';

/** What to do now of a load, in words. @param scale the kitchen's */
export function nextWords({ outcome, isOut, needed, count, by }: LoadVerdict, limit: Limit, scale: 'C' | 'F'): string {
  const parcels = needed === 1 ? 'it' : `${needed} of them`;
  if (outcome === 'none')
    return isOut
      ? `Measure ${needed === 1 ? 'it' : `${needed} of them, the thickest first`}, now, while they are hot.`
      : `Measure ${needed === 1 ? 'the middle' : `${needed} of them, the thickest first`}.`;
  if (outcome === 'fail')
    return isOut ? `Cook it again now, then measure ${parcels} again.` : `Keep cooking, then measure ${parcels} again.`;
  if (outcome === 'incomplete') return `Measure ${needed - count === 1 ? '1 more' : `${needed - count} more`}.`;
  if (outcome === 'hold')
    return `Keep it at ${written(limit.at, scale)} or more for ${limit.holdMinutes} minutes, then measure ${parcels} again.`;
  const rest = restWords(limit) === '' ? '' : ` ${restWords(limit)}`;
  const held =
    by === null
      ? limit.holdMinutes > 0
        ? ', and held there'
        : ''
      : by.minutes > PROBE_SETTLES
        ? `, held at ${written(by.at, scale)} or more for ${by.minutes} minutes`
        : '';
  return `Measured hot enough${held}.${rest}`;
}
