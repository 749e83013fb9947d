/**
 * Seasoning by taste: hold back a third of the salt, cook a teaspoonful, taste that, add what is missing. Steps and shares are house estimates.
 */
import { type Batch } from '../document/schema';
import { rightPercent } from '../document/tastings';
import { isSalt } from '../food/ingredient';
import { type ResolvedLine } from './lines';
import { type SaltAccount } from './salt';

/** Share of the added salt that is held back. */
export const HELD_BACK = 1 / 3;
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
