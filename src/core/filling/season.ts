/**
 * Seasoning by taste: hold back a third of the salt, cook a teaspoonful, taste that, add what is missing; and what the
 * tastings teach about this cook's own target. Steps and shares are house estimates.
 */
import { type Batch } from '../batch/schema';
import { type Taste } from '../batch/vocabulary';
import { type ResolvedLine } from './lines';
import { type SaltAccount } from './salt';

/** Share of the added salt that is held back. */
export const HELD_BACK = 1 / 3;
/** "Under" or "over" means about so far from right, % points of salt. */
const STEP = 0.15;
/** How far one tasting moves the target towards what was right. */
const LEARNING = 0.25;
/** A personal target stays within what people salt food at, %. */
const TARGET_LIMITS = [0.6, 1.8] as const;

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
  const addedG = lines.filter((l) => l.ingredient.id === 'salt').reduce((sum, l) => sum + l.readyG, 0);
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

/** The salt that would have been right, %, by a tasting. */
export function rightPercent({ verdict, saltPercent }: Batch['season']['tastings'][number]): number {
  return saltPercent + { under: STEP, right: 0, over: -STEP }[verdict];
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

/** The personal target after a tasting, %: a little nearer to what was right. */
export function learnTarget(targetPercent: number, tasting: Batch['season']['tastings'][number]): number {
  const moved = targetPercent + LEARNING * (rightPercent(tasting) - targetPercent);
  const [least, most] = TARGET_LIMITS;
  return Math.round(1000 * Math.min(most, Math.max(least, moved))) / 1000;
}

/** What a tasting says to do, in words. */
export const TASTE_WORDS: Record<Taste, string> = {
  under: 'wants more salt',
  right: 'just right',
  over: 'too salty',
};

/** Salt in the filling as it stands before the held-back third goes in. */
export const tastedNow = (salt: SaltAccount, back: HoldBack | null, heldBack: boolean): number =>
  heldBack && back ? back.tastedPercent : salt.fillingPercent;
