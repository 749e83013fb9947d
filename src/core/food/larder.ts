/** The larder: every ingredient that ships with it, and the cook's own before those. */
import { catalogue, ingredientById } from './catalogue';
import { type Ingredient } from './ingredient';
import { asIngredient, type OwnIngredient } from './own-ingredient';

const READ = new WeakMap<readonly OwnIngredient[], readonly Ingredient[]>();

/** Own ingredients read as the larder's are; the same list gives the same result. */
export function readOwn(own: readonly OwnIngredient[]): readonly Ingredient[] {
  const remembered = READ.get(own);
  if (remembered) return remembered;
  const read = own.map(asIngredient);
  READ.set(own, read);
  return read;
}

/** An ingredient by its id: the cook's own first. Undefined where nobody has it. */
export const lookUp = (own: readonly OwnIngredient[], id: string): Ingredient | undefined =>
  readOwn(own).find((ingredient) => ingredient.id === id) ?? ingredientById(id);

/** Every ingredient, the cook's own first. */
export const wholeLarder = (own: readonly OwnIngredient[]): readonly Ingredient[] => [...readOwn(own), ...catalogue()];
