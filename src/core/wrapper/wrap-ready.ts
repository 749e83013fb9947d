/** How warm a filling a dough bears, by what is in it: no longer warm to the hand. House estimates. */
import { type DoughKind } from '../vocabulary/methods/method';
import { type FormulaTotal, percentOf, SOLID_FATS, YEASTS } from './formula';

interface WrapReady {
  /** °C */
  wrapReadyC: number;
  wrapReadyWhy: string;
}

/** So much solid fat, % of the flour, makes a dough that a warm filling softens. House estimate: an enriched dough stays below it. */
export const BUTTERY_PERCENT = 25;

/** The coldest that anything in the dough asks for. */
export function wrapReady(
  { isLayered, kind }: { isLayered: boolean; kind: DoughKind },
  totals: readonly FormulaTotal[],
): WrapReady {
  if (isLayered)
    return { wrapReadyC: 20, wrapReadyWhy: 'the butter layers run together when a warmer filling softens them' };
  if (percentOf(totals, ...SOLID_FATS) >= BUTTERY_PERCENT)
    return {
      wrapReadyC: 25,
      wrapReadyWhy: 'a warmer filling softens the butter, and the pastry greases and tears',
    };
  if (kind === 'thin')
    return { wrapReadyC: 30, wrapReadyWhy: 'a thin skin takes up steam from a warmer filling, sticks and splits' };
  if (percentOf(totals, ...YEASTS) > 0)
    return {
      wrapReadyC: 32,
      wrapReadyWhy: 'a warmer filling makes the yeast race in the middle and the dough slacken',
    };
  return { wrapReadyC: 35, wrapReadyWhy: 'steam from a warmer filling makes the skin tacky and it tears' };
}
