/** How much of each thing a dough takes, for what this batch needs or for the flour there is. */
import { type DoughPart } from '../vocabulary/doughs/dough';
import { formulaTotals, isFlour, LIQUIDS } from './formula';
import { weighable } from './weighable';

/** The dough that is wanted: its mass, or the flour it is made from, g. */
export type DoughWanted = { totalG: number } | { flourG: number };

export interface DoughAmount {
  ingredientId: string;
  /** Of the flour, %. */
  percent: number;
  /** As it can be weighed. */
  grams: number;
}

export interface DoughAmounts {
  /** All doughs of the wrapper together. */
  ingredients: DoughAmount[];
  /** Each dough by itself, where there are two. */
  parts: { name: string; grams: number; ingredients: DoughAmount[] }[];
  totalG: number;
  flourG: number;
  /** The liquid that is held back until the dough asks for it, g, and what it is; null where nothing wets the flour. */
  heldBackG: number;
  heldBack: string | null;
}

/** Flours differ: so much of the liquid is held back and added by the spoon. House rule of bakers. */
export const HELD_BACK = 0.05;

/** The share of a dough that is flour. */
const flourShareOf = (parts: readonly DoughPart[]): number =>
  formulaTotals(parts).reduce((sum, t) => sum + (isFlour(t.ingredientId) ? t.share : 0), 0);

/** Dough that so much flour makes, to a tenth of a gram, so that the flour is what was said; 0 without flour. */
export function doughOfFlour(parts: readonly DoughPart[], flourG: number): number {
  const share = flourShareOf(parts);
  return share > 0 ? Math.round((10 * flourG) / share) / 10 : 0;
}

/** Amounts of a formula. None of what is bought. */
export function doughAmounts(parts: readonly DoughPart[], wanted: DoughWanted): DoughAmounts {
  const totals = formulaTotals(parts);
  const flourShare = flourShareOf(parts);
  const totalG = 'totalG' in wanted ? wanted.totalG : flourShare > 0 ? wanted.flourG / flourShare : 0;
  const separate = parts.map(({ name, share, formula }) => {
    const sum = formula.reduce((all, { percent }) => all + percent, 0);
    const ingredients = formula.map(({ ingredientId, percent }) => ({
      ingredientId,
      percent,
      grams: weighable(sum > 0 ? (totalG * share * percent) / sum : 0),
    }));
    return { name, grams: ingredients.reduce((all, i) => all + i.grams, 0), ingredients };
  });
  // Together they are what is weighed for each.
  const gramsOf = (id: string): number =>
    separate.flatMap((part) => part.ingredients).reduce((sum, i) => sum + (i.ingredientId === id ? i.grams : 0), 0);
  const ingredients = totals.map(({ ingredientId, percent }) => ({
    ingredientId,
    percent,
    grams: gramsOf(ingredientId),
  }));
  const heldBack = totals.find(({ ingredientId }) => LIQUIDS.includes(ingredientId))?.ingredientId ?? null;
  return {
    ingredients,
    parts: parts.length > 1 ? separate : [],
    totalG: ingredients.reduce((sum, i) => sum + i.grams, 0),
    flourG: ingredients.reduce((sum, i) => sum + (isFlour(i.ingredientId) ? i.grams : 0), 0),
    heldBackG: heldBack === null ? 0 : HELD_BACK * gramsOf(heldBack),
    heldBack,
  };
}

/** Dough for so many pieces with something to spare, g. */
export const doughFor = (count: number, pieceG: number, spareShare: number): number =>
  count * pieceG * (1 + spareShare);
