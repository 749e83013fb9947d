/** Formulas in percent of flour, turned into shares of the dough. */
import { type DoughPart, type FormulaLine } from '../vocabulary/doughs/dough';

export interface FormulaTotal {
  ingredientId: string;
  /** Share of the whole dough, 0 to 1. */
  share: number;
  /** g for 100 g of all the flour in it. */
  percent: number;
}

/** Whether it is a flour: what the percentages are of. */
export const isFlour = (ingredientId: string): boolean => /(^|-)flour$/.test(ingredientId);

const sumOf = (formula: readonly FormulaLine[]): number => formula.reduce((sum, { percent }) => sum + percent, 0);

/** Every ingredient of all the doughs of a wrapper together, in the order of the formula. */
export function formulaTotals(parts: readonly DoughPart[]): FormulaTotal[] {
  const shares = new Map<string, number>();
  for (const { share, formula } of parts) {
    const total = sumOf(formula);
    if (total <= 0) continue;
    for (const { ingredientId, percent } of formula)
      shares.set(ingredientId, (shares.get(ingredientId) ?? 0) + (share * percent) / total);
  }
  const flour = [...shares].reduce((sum, [id, share]) => sum + (isFlour(id) ? share : 0), 0);
  return [...shares].map(([ingredientId, share]) => ({
    ingredientId,
    share,
    percent: flour > 0 ? cleanly((100 * share) / flour) : 0,
  }));
}

/** Without the dust of binary fractions: a formula says 0.4, not 0.39999. */
const cleanly = (percent: number): number => Math.round(percent * 1e6) / 1e6;

/** How much of an ingredient there is, % of the flour; 0 where there is none. */
export const percentOf = (totals: readonly FormulaTotal[], ...ingredientIds: readonly string[]): number =>
  totals.reduce((sum, { ingredientId, percent }) => sum + (ingredientIds.includes(ingredientId) ? percent : 0), 0);

/** Fats that are solid in a cool kitchen. */
export const SOLID_FATS = [
  'butter',
  'butter-salted',
  'lard',
  'ghee',
  'margarine',
  'suet',
  'coconut-oil',
  'duck-fat',
  'dripping',
];
export const OILS = ['sunflower-oil', 'olive-oil', 'rapeseed-oil', 'sesame-oil', 'groundnut-oil', 'corn-oil'];
export const YEASTS = ['yeast-dried', 'yeast-fresh'];
/** What wets a flour; the first in a formula is the one that is held back. */
export const LIQUIDS = ['water', 'milk', 'yoghurt', 'buttermilk', 'soured-cream', 'cream'];
