/**
 * Raw meat that is mixed with salt takes liquid up and keeps most of it through the heat: that is what makes a raw filling
 * juicy instead of wet. All figures are house estimates.
 */
import { STAGES } from '../vocabulary/stages';
import { type ResolvedLine } from './lines';

/** g of added liquid that 100 g of raw mince holds: mixed and salted, or loose. */
const MIXED_TAKES = 25;
const LOOSE_TAKES = 10;
/** Share of it that stays through the heat. */
const MIXED_KEEPS = 0.7;
const LOOSE_KEEPS = 0.5;
/** Salt in the filling from which meat swells, %. */
const SALTED_PERCENT = 0.8;

export interface Uptake {
  /** g of worked-in liquid that the meat takes up at the board. */
  boardG: number;
  /** g of it that the meat keeps through the heat. */
  heatG: number;
  /** g that it could take up. */
  canTakeG: number;
}

const MINCED: readonly string[] = ['mince', 'poultryMince', 'sausage', 'fish', 'oilyFish', 'shellfish'];

/** Raw meat or fish that goes in minced, or is worked like mince. */
export const isRawMince = ({ ingredient, preparation, line }: ResolvedLine): boolean =>
  STAGES[line.stage].keepsRaw &&
  !preparation.cooked &&
  MINCED.includes(ingredient.release) &&
  (preparation.treatment === 'mix' ||
    ingredient.release === 'mince' ||
    ingredient.release === 'poultryMince' ||
    ingredient.release === 'sausage');

/** Mixed until it sticks; sausage meat is as it comes. */
export const isMixed = ({ preparation, ingredient }: ResolvedLine): boolean =>
  preparation.treatment === 'mix' || ingredient.release === 'sausage';

/** g of liquid that is worked in cold. */
const workedIn = (lines: readonly ResolvedLine[]): number =>
  sum(
    lines.filter((l) => l.ingredient.liquid && STAGES[l.line.stage].keepsRaw),
    (l) => l.releaseG,
  );

/** What the raw meat of a filling makes of the liquid that is worked in; vegetables' juice comes too late for it. */
export function uptakeOf(lines: readonly ResolvedLine[]): Uptake {
  const meat = lines.filter(isRawMince);
  if (meat.length === 0) return { boardG: 0, heatG: 0, canTakeG: 0 };
  const mass = sum(lines, (l) => l.readyG);
  const isSalted = mass > 0 && (100 * sum(lines, (l) => l.saltG)) / mass >= SALTED_PERCENT;
  const takes = (l: ResolvedLine): number => ((isMixed(l) && isSalted ? MIXED_TAKES : LOOSE_TAKES) / 100) * l.readyG;
  const canTakeG = sum(meat, takes);
  const boardG = Math.min(canTakeG, workedIn(lines));
  const keeps = canTakeG > 0 ? sum(meat, (l) => takes(l) * (isMixed(l) ? MIXED_KEEPS : LOOSE_KEEPS)) / canTakeG : 0;
  return { boardG, heatG: boardG * keeps, canTakeG };
}

const sum = (lines: readonly ResolvedLine[], grams: (l: ResolvedLine) => number): number =>
  lines.reduce((total, l) => total + grams(l), 0);
