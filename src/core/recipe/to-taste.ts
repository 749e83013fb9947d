/** Seasoning without an amount: a spice is given a usual pinch; salt is what the Salt check is for. */
import { ingredientById } from '../food/catalogue';
import { isSalt } from '../food/ingredient';
import { type ParsedLine } from './parse-line';

/** What "to taste" comes to, ml of a strong spice. House estimate: a quarter of a teaspoon. */
const TO_TASTE_ML = 1.25;

/** Herbs without an amount. House estimate. */
const HANDFUL_G = 10;
const noted = ({ note }: ParsedLine, more: string): string => (note === null ? more : `${note}, ${more}`);

/** Gives seasoning that has no amount a usual one, and says so. */
export function toTaste(parsed: ParsedLine, text: string): ParsedLine {
  const ingredient = parsed.ingredientId === null ? undefined : ingredientById(parsed.ingredientId);
  if (!ingredient || parsed.amount !== null || parsed.grams !== null) return parsed;
  if (ingredient.isTender) {
    const grams = ingredient.counts.handful ?? HANDFUL_G;
    return { ...parsed, amount: grams, unit: 'g', grams, note: noted(parsed, `taken as a handful, ${grams} g`) };
  }
  if (isSalt(ingredient) || !(ingredient.isStrong || /\bto taste\b|\bas needed\b/i.test(text))) return parsed;
  if (ingredient.family !== 'seasoning') return parsed;
  return {
    ...parsed,
    amount: 0.25,
    unit: 'tsp',
    grams: Math.round(100 * TO_TASTE_ML * ingredient.gPerMl) / 100,
    note: noted(parsed, 'to taste: taken as ¼ tsp'),
  };
}

/** Salt that is to be added by taste: Salt says how much. */
export const isSaltToTaste = ({ ingredientId, amount, grams }: ParsedLine): boolean =>
  ingredientId === 'salt' && amount === null && grams === null;
