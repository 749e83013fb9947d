/** How much portions differ in this kitchen, learned from the first parcels weighed of each batch. */
import { type Kitchen } from './kitchen-schema';
import { LIMITS } from './limits';

/** What is taken before anything is known, %, and how many batches that counts as. House estimates. */
export const USUAL_SPREAD = 8;
const COUNTS_AS = 3;

/** One more batch's spread, %, weighed against what is known: (n₀ · estimate + Σ x) / (n₀ + n). */
export function learnSpread(known: Kitchen['portionSpread'], percent: number): NonNullable<Kitchen['portionSpread']> {
  const batches = known?.batches ?? 0;
  const before = known?.percent ?? USUAL_SPREAD;
  const { least, most } = LIMITS.portionSpread;
  const mean = (before * (COUNTS_AS + batches) + percent) / (COUNTS_AS + batches + 1);
  return { percent: Math.min(most, Math.max(least, mean)), batches: batches + 1 };
}
