/** How the least-done parcel of a batch differs from the average one. */
import { type Kitchen } from '../document/kitchen-schema';
import { type Batch } from '../document/schema';
import { weighing } from '../wrapper/weighings';

/** It holds so much more filling, until parcels are weighed. House estimate: portions differ by about 8 %. */
export const FULLER = 1.15;
/** It starts so much colder, K. House estimate. */
export const COLDER_C = 2;
/** The fullest of a batch is about two standard deviations beyond the average; never taken for less or more than this. House estimates. */
const DEVIATIONS = 2;
const LEAST = 1.04;
const MOST = 1.4;

export interface Fullest {
  /** Of the portion. */
  factor: number;
  /** Where the figure comes from. */
  from: 'weighed' | 'kitchen' | 'estimate';
}

/** How much fuller the fullest parcel is: by this batch's weighings, else this kitchen's, else the house estimate. */
export function fullest({ wrap }: Pick<Batch, 'wrap'>, { portionSpread }: Pick<Kitchen, 'portionSpread'>): Fullest {
  const weighed = (weighing(wrap.weighed, 'filling') ?? weighing(wrap.weighed, 'parcel'))?.spreadPercent ?? null;
  const percent = weighed ?? portionSpread?.percent ?? null;
  if (percent === null) return { factor: FULLER, from: 'estimate' };
  const factor = Math.min(MOST, Math.max(LEAST, 1 + (DEVIATIONS * percent) / 100));
  return { factor, from: weighed === null ? 'kitchen' : 'weighed' };
}
