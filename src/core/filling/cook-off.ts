/** What has boiled off in the pan: by the last weigh-in, else by estimate. */
import { type Batch } from '../stored/schema';
import { boilOffRate } from './boil-off';

interface CookOff {
  grams: number;
  by: 'weighing' | 'estimate';
  /** Where the weighing cannot be true, what is wrong with it. */
  problem: string | null;
}

/** The estimate as it stands, g. */
export const estimatedG = ({ estimate }: Pick<Batch['water'], 'estimate'>): number =>
  estimate.by === 'grams' ? estimate.grams : estimate.minutes * boilOffRate(estimate.panMm, estimate.heat);

/**
 * g boiled off in the pan: a weigh-in overrides the estimate; what is planned after it is added.
 * @param contentsG everything that went into the pan
 */
export function cookOffOf(water: Batch['water'], contentsG: number): CookOff {
  const last = water.weighIns.at(-1);
  if (!last) return { grams: estimatedG(water), by: 'estimate', problem: null };
  if (water.panG === null) {
    return {
      grams: estimatedG(water),
      by: 'estimate',
      problem: 'Weigh the empty pan first. Without it this weight can’t be used.',
    };
  }
  const lost = contentsG - (last.grams - water.panG);
  return lost >= -0.5
    ? { grams: Math.max(0, lost) + water.plannedG, by: 'weighing', problem: null }
    : { grams: 0, by: 'weighing', problem: 'The pan weighs more than the pan and everything that went into it.' };
}
