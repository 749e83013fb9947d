/** A simulated thin probe: it lags, flickers, drops out, and now and then touches what is hot. Deterministic from a seed. */
import { lagged, type Sample } from './probing';

/** A thin probe, s. */
const LAG_S = 6;
/** One signal in so many is lost; so many pushes in touch metal. House choices for practice. */
const LOST_SHARE = 0.06;
const METAL_SHARE = 0.3;
const FLICKER_K = 0.1;

/** A number in [0, 1) from a seed and an index (a 32-bit mix after Wang). */
function dice(seed: number, index: number): number {
  let x = (seed ^ Math.imul(index + 1, 0x9e3779b9)) >>> 0;
  x = Math.imul(x ^ (x >>> 16), 0x45d9f3b) >>> 0;
  x = Math.imul(x ^ (x >>> 16), 0x45d9f3b) >>> 0;
  return ((x ^ (x >>> 16)) >>> 0) / 4294967296;
}

export interface Push {
  /** Of the batch and parcel. */
  seed: number;
  /** The first time, the second time it is pushed in. */
  times: number;
  /** What the middle has, °C, and what is hot beside it; null where nothing is hotter than boiling water. */
  trueC: number;
  metalC: number | null;
  /** What the probe showed before, °C. */
  beforeC: number;
}

/** Whether it touches metal: never at the second push. */
export const touchesMetal = ({ seed, times, metalC }: Push): boolean =>
  metalC !== null && times === 1 && dice(seed, 1) < METAL_SHARE;

/** What it shows so many whole seconds after it was pushed in. */
export function simulateProbe(push: Push, second: number): Sample {
  const { seed, times, trueC, metalC, beforeC } = push;
  if (dice(seed + times, 100 + second) < LOST_SHARE) return { second, c: null };
  const into = touchesMetal(push) ? (metalC ?? trueC) : trueC;
  const flicker = FLICKER_K * (2 * dice(seed + times, 5000 + second) - 1);
  return { second, c: Math.round((lagged(beforeC, into, second, LAG_S) + flicker) * 10) / 10 };
}
