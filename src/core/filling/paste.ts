/** Starch with far more power than there is liquid: it sets to a paste. */
import { HAZARDS } from '../vocabulary/foods';
import { binderOf } from './binders';
import { type ResolvedLine } from './lines';
import { goesInRaw } from './raw';

/** So many times what would thicken all the liquid there is, and it is tasted as paste. House estimate (2–2.5). */
export const PASTY_TIMES = 2.2;
/** Less starch than so much flour in 100 g is not tasted, g. House estimate (4–6). */
const TASTED_PER_100 = 5;
/** Flour, cooked out, holds so much, g a gram (white-sauce scale): what starch is compared with. */
const FLOUR_HOLDS = 10;
/** Of the water in raw meat, and in other moist food, starch takes so much. House estimates. */
const OF_MEAT = 0.5;
const OF_MOIST = 0.25;

export interface PasteAccount {
  /** How many times the liquid there is its starch would thicken; 0 where none is in it. */
  times: number;
  isPasty: boolean;
  /** g that its starch would thicken, and g that there are. */
  power: number;
  liquid: number;
}

/** Flour and starch that thicken; grits that swell and mash never make paste. */
export const isThickener = (l: ResolvedLine): boolean =>
  binderOf(l)?.isThickener === true && binderOf(l)?.isFood === false;

/**
 * Accounts for starch.
 * @param holdsG what each line could hold, g, in the order of the lines
 * @param looseG g of liquid that meets the starch: let go of and poured in, less what was boiled off and drained
 */
export function accountPaste(
  lines: readonly ResolvedLine[],
  holdsG: readonly number[],
  { looseG, finishedG }: { looseG: number; finishedG: number },
): PasteAccount {
  const power = lines.reduce((sum, l, i) => sum + (isThickener(l) ? holdsG[i] : 0), 0);
  const moist = lines.reduce((sum, l) => {
    if (l.ingredient.liquid || l.ingredient.family === 'fat' || isThickener(l)) return sum;
    const isRaw = goesInRaw(l) && HAZARDS[l.ingredient.hazard].isFlesh;
    // What it lets go of is counted already.
    return sum + Math.max(0, (isRaw ? OF_MEAT : OF_MOIST) * l.composition.water * l.readyG - l.releaseG);
  }, 0);
  const liquid = Math.max(1, looseG) + moist;
  const times = power / liquid;
  const flourPer100 = finishedG > 0 ? (100 * power) / FLOUR_HOLDS / finishedG : 0;
  return { times, power, liquid, isPasty: times >= PASTY_TIMES && flourPer100 >= TASTED_PER_100 };
}
