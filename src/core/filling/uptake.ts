/**
 * Raw meat that is mixed with salt takes liquid up and keeps most of it through the heat: that is what makes a raw filling
 * juicy instead of wet. All figures are house estimates.
 */
import { STAGES } from '../vocabulary/stages';
import { type ResolvedLine } from './lines';

/**
 * g of added liquid that a gram of mixed and salted raw mince takes up: beaten in by the spoonful (0.4–0.6), or only poured
 * to it (0.3–0.45). Salted comminuted meat holds 30 to 50 % of added water (meat science texts).
 */
const MEAT_TAKES = { beaten: 0.55, poured: 0.4 };
/** The same of fish and shellfish (0.2–0.35). */
const FISH_TAKES = { beaten: 0.3, poured: 0.2 };
/** Of mince that is neither mixed nor salted, and of meat cut by hand. */
const LOOSE_TAKES = 0.2;
const CHOPPED_TAKES = 0.15;
/** Share of it that stays through the heat. */
const MIXED_KEEPS = 0.75;
const LOOSE_KEEPS = 0.5;
/** Salt in the filling from which meat swells, %. */
const SALTED_PERCENT = 0.6;

export interface Uptake {
  /** g of worked-in liquid that the meat takes up at the board. */
  boardG: number;
  /** g of it that the meat keeps through the heat. */
  heatG: number;
  /** g that it could take up. */
  canTakeG: number;
}

/** The preparation of a liquid that is worked into mince a little at a time. */
export const BEATEN_IN = 'beaten';

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

/** Raw meat cut small takes a little up, too. */
const isRawChopped = (l: ResolvedLine): boolean =>
  STAGES[l.line.stage].keepsRaw && !l.preparation.cooked && l.ingredient.release === 'wholeMeat';

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
  const meat = lines.filter((l) => isRawMince(l) || isRawChopped(l));
  if (meat.length === 0) return { boardG: 0, heatG: 0, canTakeG: 0 };
  const mass = sum(lines, (l) => l.readyG);
  const isSalted = mass > 0 && (100 * sum(lines, (l) => l.saltG)) / mass >= SALTED_PERCENT;
  const how = lines.some((l) => l.preparation.id === BEATEN_IN) ? 'beaten' : 'poured';
  const takes = (l: ResolvedLine): number => {
    if (!isRawMince(l)) return CHOPPED_TAKES * l.readyG;
    if (!isMixed(l) || !isSalted) return LOOSE_TAKES * l.readyG;
    return (l.ingredient.family === 'fish' ? FISH_TAKES : MEAT_TAKES)[how] * l.readyG;
  };
  const canTakeG = sum(meat, takes);
  const boardG = Math.min(canTakeG, workedIn(lines));
  const keeps = canTakeG > 0 ? sum(meat, (l) => takes(l) * (isMixed(l) ? MIXED_KEEPS : LOOSE_KEEPS)) / canTakeG : 0;
  return { boardG, heatG: boardG * keeps, canTakeG };
}

const sum = (lines: readonly ResolvedLine[], grams: (l: ResolvedLine) => number): number =>
  lines.reduce((total, l) => total + grams(l), 0);
