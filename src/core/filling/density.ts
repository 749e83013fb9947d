/** How heavy a mixed filling is. */
import { type Composition } from '../food/composition';
import { thermalProperties } from '../food/thermal';

/** Air left in a filling, as a share of its compact density. House estimate. */
const PACKING = 0.97;
/** The same, as "why?" says it. */
export const AIR_PERCENT = Math.round(100 * (1 - PACKING));

/** Density of a mixed filling, g/ml, from its composition. */
export const fillingDensity = (composition: Composition): number =>
  (PACKING * thermalProperties(composition, 20).density) / 1000;
