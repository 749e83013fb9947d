/** A simulated thin probe: it lags, flickers, drops out, and now and then touches what is hot. Deterministic from a seed. */
import { hash01 } from '../random/hash';
import { lagged, type Sample } from './probing';

/** A thin probe, s. */
const LAG_S = 6;
/** One signal in so many is lost; so many pushes in touch metal. House choices for practice. */
const LOST_SHARE = 0.06;
const METAL_SHARE = 0.3;
const FLICKER_K = 0.1;

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
  metalC !== null && times === 1 && hash01(seed, 1) < METAL_SHARE;

/** What it shows so many whole seconds after it was pushed in. */
export function simulateProbe(push: Push, second: number): Sample {
  const { seed, times, trueC, metalC, beforeC } = push;
  if (hash01(seed + times, 100 + second) < LOST_SHARE) return { second, c: null };
  const into = touchesMetal(push) ? (metalC ?? trueC) : trueC;
  const flicker = FLICKER_K * (2 * hash01(seed + times, 5000 + second) - 1);
  return { second, c: Math.round((lagged(beforeC, into, second, LAG_S) + flicker) * 10) / 10 };
}
