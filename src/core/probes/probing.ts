/**
 * A probe in a parcel: it approaches what it is stuck into, and what it shows counts only once it stands still. A probe of
 * one size is a first-order lag (science of thermometers; 4 to 8 s for a thin one, 20 to 30 for a thick one).
 */

export interface Sample {
  /** Seconds from any beginning. */
  second: number;
  /** °C; null where nothing came. */
  c: number | null;
}

export type ProbeState = 'nothing' | 'lost' | 'metal' | 'moving' | 'steady';

export interface Probed {
  state: ProbeState;
  /** The latest signal, °C; null where it was lost. */
  c: number | null;
  /** In words, where it is not steady. */
  why: string | null;
}

/** It stands still where it changes by less than so much, K, in so many seconds. */
const STILL_K = 0.3;
const STILL_S = 3;
/** A thermometer's last figure flickers by so much, K. House estimate. */
const FLICKER_K = 0.2;
/** Before it has been in for so long nothing is believed, s: about the lag of a thin probe. */
const LEAST_S = 5;
/** Nothing moist is hotter than water boils: what shows so much more touches metal, or is in the fat, K. */
const ABOVE_BOILING_K = 1.5;
/** So long is looked back, s. */
const WINDOW_S = 16;
/** A probe that comes from something hotter shows too much: a fall is watched for longer, s. House estimate. */
const FALL_S = 9;

/** What a probe of a lag shows, °C, so many seconds after it showed `beforeC`, in something of `trueC`. */
export const lagged = (beforeC: number, trueC: number, seconds: number, lagS: number): number =>
  trueC + (beforeC - trueC) * Math.exp(-seconds / lagS);

/**
 * What to make of the signals since the probe was pushed in.
 * @param samples in order of time
 */
export function judgeProbe(samples: readonly Sample[], boilingC: number): Probed {
  const last = samples[samples.length - 1];
  if (last === undefined) return { state: 'nothing', c: null, why: 'Push it in: the middle of the filling.' };
  if (last.c === null) return { state: 'lost', c: null, why: 'No signal from the thermometer.' };
  const { c } = last;
  if (c > boilingC + ABOVE_BOILING_K) {
    return {
      state: 'metal',
      c,
      why: 'No filling is hotter than water boils: it touches metal, or is in the fat. Push it in again.',
    };
  }
  const heard = samples.filter((s): s is { second: number; c: number } => s.c !== null);
  const since = heard.filter((s) => s.second >= last.second - WINDOW_S);
  // Of a real probe signals come seldom: the latest that is old enough.
  const before = [...since].reverse().find((s) => s.second <= last.second - STILL_S);
  const isIn = last.second - heard[0].second >= LEAST_S;
  if (!isIn || before === undefined) return { state: 'moving', c, why: 'Wait until it’s steady.' };
  const between = since.filter((s) => s.second >= before.second).map((s) => s.c);
  const moved = Math.max(...between) - Math.min(...between);
  // Taken too soon, a fall is taken for more than there is.
  const earlier = [...since].reverse().find((s) => s.second <= last.second - FALL_S) ?? since[0];
  if (earlier.c - c > STILL_K) return { state: 'moving', c, why: 'Still falling: wait until it’s steady.' };
  const allowed = (STILL_K * (last.second - before.second)) / STILL_S + FLICKER_K;
  return moved <= allowed
    ? { state: 'steady', c, why: null }
    : { state: 'moving', c, why: 'Still rising: wait until it’s steady.' };
}
