/** Every ingredient the larder ships with. */
import { type Ingredient } from '../ingredient';
import { DAIRY, EGGS, FATS, FISH, MEAT } from './animal';
import { LIQUIDS, SAUCES, SEASONINGS, STARCHES } from './pantry';
import { ALLIUMS, FRUIT, LEAVES, PULSES, ROOTS, VEGETABLES } from './plants';

export const CATALOGUE: readonly Ingredient[] = [
  ...MEAT,
  ...FISH,
  ...EGGS,
  ...DAIRY,
  ...ROOTS,
  ...LEAVES,
  ...ALLIUMS,
  ...VEGETABLES,
  ...FRUIT,
  ...PULSES,
  ...STARCHES,
  ...LIQUIDS,
  ...FATS,
  ...SAUCES,
  ...SEASONINGS,
];

const BY_ID = new Map(CATALOGUE.map((ingredient) => [ingredient.id, ingredient]));

/** An ingredient by its id, or undefined. */
export const ingredientById = (id: string): Ingredient | undefined => BY_ID.get(id);
