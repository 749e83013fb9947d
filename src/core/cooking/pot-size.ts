/** How full a pot is of oil or water, and what it loses to the kitchen. */
import { type Appliance } from '../stored/kitchen-schema';

/** g/ml at frying heat, and near the boil. */
const OIL_DENSITY = 0.82;
const WATER_DENSITY = 0.96;
/** Oil usually stands so high in the pot, water so high, share of its depth. House estimates. */
const OIL_HIGH = 0.38;
const WATER_HIGH = 0.6;
/** A pot loses so much through wall and surface, W/K: a coefficient over all that is hot. House estimate: 1.5 W/K at 24 cm. */
const LOSS_W_PER_M2K = 14;
const floorOf = ({ longMm }: Pick<Appliance, 'longMm'>): number => (Math.PI * (longMm / 1000) ** 2) / 4;

/** What is usually in a pot, g. */
export const usualLiquidG = (pot: Appliance, medium: 'oil' | 'water'): number =>
  Math.round(
    floorOf(pot) * pot.deepMm * 1000 * (medium === 'oil' ? OIL_HIGH * OIL_DENSITY : WATER_HIGH * WATER_DENSITY),
  );

/** How high so much stands, share of the pot's depth. */
export const highIn = (pot: Appliance, medium: 'oil' | 'water', liquidG: number): number =>
  liquidG / (medium === 'oil' ? OIL_DENSITY : WATER_DENSITY) / 1000 / floorOf(pot) / pot.deepMm;

/** W/K of a pot on the hob, open. */
export const lossOf = (pot: Pick<Appliance, 'longMm' | 'deepMm'>, high: number): number => {
  const d = pot.longMm / 1000;
  return LOSS_W_PER_M2K * (floorOf(pot) + Math.PI * d * (pot.deepMm / 1000) * Math.min(1, high));
};
