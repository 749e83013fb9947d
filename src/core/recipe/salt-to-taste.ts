/** "Salt to taste", in grams: what brings the filling to what is usual. Said beside it, and changed with a tap. */
import { DEFAULT_KITCHEN } from '../stored/kitchen';
import { type Line } from '../stored/schema';
import { resolveLines } from '../filling/lines';
import { isSweetFilling } from '../filling/sweet';
import { type OwnIngredient } from '../food/own-ingredient';

/** Less than this is a pinch that nobody weighs, g. */
const LEAST_G = 0.5;

/**
 * g of salt that "to taste" comes to.
 * @returns 0 for what is sweet, or salty enough by what else is in it
 */
export function saltToTasteG(lines: readonly Line[], own: readonly OwnIngredient[]): number {
  const resolved = resolveLines({ lines: [...lines], ingredients: [...own] }, DEFAULT_KITCHEN);
  if (isSweetFilling(resolved)) return 0;
  const mass = resolved.reduce((sum, l) => sum + l.readyG, 0);
  const salt = resolved.reduce((sum, l) => sum + l.saltG, 0);
  const grams = (DEFAULT_KITCHEN.saltTargetPercent / 100) * mass - salt;
  return grams < LEAST_G ? 0 : Math.round(2 * grams) / 2;
}

export const SALT_TO_TASTE_NOTE = `to taste: taken as ${DEFAULT_KITCHEN.saltTargetPercent} % of the filling`;
