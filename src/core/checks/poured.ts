/** What is poured into a filling for its own sake, and whether the dish is one that is boiled at all. */
import { type Family } from '../vocabulary/foods';
import { type Release } from '../vocabulary/releases';
import { STAGES } from '../vocabulary/stages';
import { type ResolvedLine } from '../filling/lines';

/** Salty and sour liquids season: they are not there for their water. */
export const isPoured = ({ ingredient: { liquid, salt, family, dose } }: ResolvedLine): boolean =>
  liquid && salt < 2 && dose === null && (family === 'liquid' || family === 'dairy');

/** Families that are cooked in the pan where they are in it. */
const NEED_THE_PAN: readonly Family[] = [
  'meat',
  'fish',
  'vegetable',
  'leaf',
  'root',
  'mushroom',
  'allium',
  'fruit',
  'pulse',
];
/** From a tin, a jar or a block: eaten as they come. */
const AS_THEY_COME: readonly Release[] = [
  'tinned',
  'tinnedFish',
  'tinnedFruit',
  'jarred',
  'firmJar',
  'pressable',
  'firm',
  'dry',
];
/** Less of the filling than that does not make it a hot dish. House estimate. */
const SHARE_OF_HOT = 0.12;

/** Nothing in it that the pan is needed for: stock and water are boiled down even so, cream is not. */
export function isColdDish(lines: readonly ResolvedLine[]): boolean {
  const inPan = lines.filter(({ line }) => STAGES[line.stage].isInPan);
  const isCooked = ({ preparation, ingredient }: ResolvedLine): boolean =>
    preparation.treatment === 'cook' ||
    (ingredient.hazard !== 'cooked-animal' &&
      NEED_THE_PAN.includes(ingredient.family) &&
      !AS_THEY_COME.includes(ingredient.release));
  const grams = (some: readonly ResolvedLine[]): number => some.reduce((sum, l) => sum + l.readyG, 0);
  const isCreamy = inPan.filter(isPoured).every(({ ingredient }) => ingredient.family === 'dairy');
  return isCreamy && grams(inPan.filter(isCooked)) < SHARE_OF_HOT * grams(lines);
}
