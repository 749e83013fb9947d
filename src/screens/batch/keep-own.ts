/** An ingredient of the cook's own travels with the batch that uses it. */
import { type Kitchen } from '@/core/stored/kitchen';
import { type Operation } from '@/core/stored/operations';

/** The operation that takes an own ingredient into the batch; none for what every larder has. */
export function keepOwn(kitchen: Kitchen, ingredientId: string): Extract<Operation, { do: 'keepIngredient' }>[] {
  const own = kitchen.ingredients.find((i) => i.id === ingredientId);
  return own ? [{ do: 'keepIngredient', ingredient: own }] : [];
}
