/**
 * How the least-done parcel of a batch differs from the average one. Parcels differ in their filling, in how cold they go in
 * and in the place they lie; all of a batch are there with probability F(t)^N. The parcel that decides is the likeliest of
 * those that are there just then: first-order reliability (Hasofer & Lind 1974), in standard deviations of each.
 */
import { mainStep } from '../stored/cooking';
import { type Kitchen } from '../stored/kitchen-schema';
import { portionSpread } from '../learning/learned';
import { type Batch } from '../stored/schema';
import { MEDIA } from '../vocabulary/media';
import { SURE } from '../heat/draws';
import { normalQuantile } from '../random/normal';
import { USUAL_SPREAD, weighing } from '../wrapper/weighings';

/** Portions differ by so much, share, until parcels are weighed. House estimate. */
export const PORTION_SPREAD = USUAL_SPREAD / 100;
/** Never taken for less or more than this, share: three weighings are few. House estimates. */
const LEAST = 0.02;
const MOST = 0.2;
/** They go in so differently cold, K. House estimate. */
const START_K = 1.5;

/** Standard deviations of what differs, and where that of the portion comes from. */
export interface ParcelSpread {
  /** Of the filling, share. */
  portion: number;
  startK: number;
  /** From place to place in the oven, pan or steamer, K. */
  placeK: number;
  from: 'weighed' | 'kitchen' | 'estimate';
}

export function spreadOf(
  { wrap, cook }: Pick<Batch, 'wrap' | 'cook'>,
  kitchen: Pick<Kitchen, 'learned'>,
): ParcelSpread {
  const weighed = (weighing(wrap.weighed, 'filling') ?? weighing(wrap.weighed, 'parcel'))?.spreadPercent ?? null;
  const percent = weighed ?? portionSpread(kitchen);
  return {
    portion: percent === null ? PORTION_SPREAD : Math.min(MOST, Math.max(LEAST, percent / 100)),
    startK: START_K,
    placeK: MEDIA[mainStep(cook).medium].placesK,
    from: weighed !== null ? 'weighed' : percent === null ? 'estimate' : 'kitchen',
  };
}

/** Standard deviations by which a parcel is fuller, colder at the start, and in a cooler place. */
export type Deviations = readonly [fuller: number, colder: number, cooler: number];

/**
 * The parcel that decides when all are there.
 * @param slopes how much longer, in log minutes, each takes for one standard deviation
 * @param count parcels in the batch
 */
export function leastDoneOf(slopes: Deviations, count: number): Deviations {
  const length = Math.hypot(...slopes);
  if (length === 0) return [0, 0, 0];
  const z = normalQuantile(SURE ** (1 / count));
  const [a, b, c] = slopes.map((slope) => (z * slope) / length);
  return [a, b, c];
}
