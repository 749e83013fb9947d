/** How fast a middle can heat at the most, by its own forecast: what is hotter so soon was not measured in the middle. */
import { type Heating } from '../safety/loads';

/** No kitchen heats so many times as quickly as is forecast; nor is a parcel so much warmer, K. House estimates. */
const FASTER = 2.5;
const WARMER_K = 5;

export interface Fastest {
  /** Minutes in the heat before which the middle cannot have a temperature. */
  soonest: (c: number) => number;
  /** Minutes that it takes from a temperature to the limit, at the least. */
  heating: Heating;
}

/** @param samples of the average parcel's middle, in the order of time; @param limitC where it is done */
export function fastestOf(samples: readonly { minute: number; centreC: number }[], limitC: number): Fastest | null {
  if (samples.length < 2) return null;
  const minuteAt = (c: number): number => {
    const after = samples.findIndex((s) => s.centreC >= c);
    if (after < 0) return samples[samples.length - 1].minute;
    if (after === 0) return samples[0].minute;
    const [a, b] = [samples[after - 1], samples[after]];
    return a.minute + ((b.minute - a.minute) * (c - a.centreC)) / (b.centreC - a.centreC);
  };
  return {
    soonest: (c) => minuteAt(c - WARMER_K) / FASTER,
    heating: (fromC) => Math.max(0, minuteAt(limitC) - minuteAt(fromC)) / FASTER,
  };
}
