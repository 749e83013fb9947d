/** The lines of a recipe with what its method says of them. */
import { type Line } from '../stored/schema';
import { type School } from '../vocabulary/schools';
import { lookUp } from '../food/larder';
import { type OwnIngredient } from '../food/own-ingredient';
import { type FromMethod, type Named, readMethod } from './method';
import { type ReadFood } from './read-lines';

/** What the method says of each food, in their order; null where it says nothing, or the food itself is open. */
export function methodOf(
  foods: readonly Pick<ReadFood, 'line' | 'parsed'>[],
  steps: readonly string[],
  school: School,
  own: readonly OwnIngredient[],
): (FromMethod | null)[] {
  const named = foods.map(({ line, parsed }): Named | null => {
    const ingredient = line && lookUp(own, line.ingredientId);
    return line && ingredient ? { line, ingredient, name: parsed.name ?? '' } : null;
  });
  const recognised = named.filter((n) => n !== null);
  const byMethod = readMethod(recognised, steps, school);
  return named.map((n) => (n === null ? null : byMethod[recognised.indexOf(n)]));
}

/** A line as its recipe's method has it. The sentence stands with the method, and is shown where it is asked for. */
export const asMethodSays = (line: Line, from: FromMethod | null): Line =>
  from === null ? line : { ...line, ...from.to };
