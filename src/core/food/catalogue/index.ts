/** Every ingredient the larder ships with. */
import { type Ingredient } from '../ingredient';
import { ALLIUMS } from './alliums';
import { DAIRY } from './dairy';
import { EGGS } from './eggs';
import { FATS } from './fats';
import { FISH } from './fish';
import { FRUIT } from './fruit';
import { LEAVES } from './leaves';
import { LIQUIDS } from './liquids';
import { MEAT } from './meat';
import { MUSHROOMS } from './mushrooms';
import { NUTS } from './nuts';
import { PULSES } from './pulses';
import { ROOTS } from './roots';
import { SAUCES } from './sauces';
import { SEASONINGS } from './seasonings';
import { STARCHES } from './starches';
import { VEGETABLES } from './vegetables';

export const CATALOGUE: readonly Ingredient[] = [
  ...MEAT,
  ...FISH,
  ...EGGS,
  ...DAIRY,
  ...FATS,
  ...ROOTS,
  ...LEAVES,
  ...ALLIUMS,
  ...VEGETABLES,
  ...MUSHROOMS,
  ...FRUIT,
  ...PULSES,
  ...NUTS,
  ...STARCHES,
  ...LIQUIDS,
  ...SAUCES,
  ...SEASONINGS,
];

const BY_ID = new Map(CATALOGUE.map((ingredient) => [ingredient.id, ingredient]));

/** An ingredient by its id, or undefined. */
export const ingredientById = (id: string): Ingredient | undefined => BY_ID.get(id);
