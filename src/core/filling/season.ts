/**
 * Seasoning by taste: hold back a third of the salt, cook a teaspoonful, taste that, add what is missing. Steps and shares are house estimates.
 */
import { type Batch } from '../stored/schema';
import { type Kitchen } from '../stored/kitchen-schema';
import { type Lesson, saltAim } from '../learning/learned';
import { rightPercent } from '../stored/tastings';
import { EVERYTHING } from '../vocabulary/learned';
import { TASTES } from '../vocabulary/tastes';
import { formatNumber } from '../units/amount';
import { isSalt } from '../food/ingredient';
import { type ResolvedLine } from './lines';
import { type SaltAccount } from './salt';

/** Share of the added salt that is held back. */
const HELD_BACK = 1 / 3;
export interface HoldBack {
  /** g of added salt in all, to go in at first, and held back. */
  addedG: number;
  nowG: number;
  backG: number;
  /** Salt in what is tasted, %. */
  tastedPercent: number;
}

/**
 * What to add first and what to hold back of the salt that is added as salt.
 * @returns null where no salt is added
 */
export function holdBack(lines: readonly ResolvedLine[], finishedG: number): HoldBack | null {
  const addedG = lines.filter((l) => isSalt(l.ingredient)).reduce((sum, l) => sum + l.readyG, 0);
  if (addedG <= 0 || finishedG <= 0) return null;
  const backG = Math.round(10 * addedG * HELD_BACK) / 10;
  const totalG = lines.reduce((sum, l) => sum + l.saltG, 0);
  return {
    addedG,
    nowG: addedG - backG,
    backG,
    tastedPercent: (100 * (totalG - backG)) / (finishedG - backG),
  };
}

/**
 * g of salt to add now, after a tasting; below 0 where it is too salty already.
 * @param totalG g of salt in the filling as it was tasted
 * @param finishedG g of filling as it was tasted
 */
export function toAddAfter(tasting: Batch['season']['tastings'][number], totalG: number, finishedG: number): number {
  const aim = rightPercent(tasting) / 100;
  return (aim * finishedG - totalG) / (1 - aim);
}

/** Salt in the filling as it stands before the held-back third goes in. */
export const tastedNow = (salt: SaltAccount, back: HoldBack | null, heldBack: boolean): number =>
  heldBack && back ? back.tastedPercent : salt.fillingPercent;

/**
 * What a tasted teaspoonful says of the salt that this kitchen aims for.
 * @param targetPercent what was aimed for in this filling, raised where its wrapper brings little salt
 */
export const tastingLesson = (
  tasting: Batch['season']['tastings'][number],
  targetPercent: number,
  kitchen: Pick<Kitchen, 'saltTargetPercent' | 'learned'>,
): Lesson => ({
  what: 'salt',
  of: EVERYTHING,
  estimate: kitchen.saltTargetPercent,
  // Against what is aimed for by now, which the filling was salted to: not against where it once began.
  x: saltAim(kitchen) + (rightPercent(tasting) - targetPercent),
  because: `Tasted at *${formatNumber(tasting.saltPercent, 2)} %*: ${TASTES[tasting.verdict].label}.`,
});
