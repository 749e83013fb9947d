/** Scaling a filling: everything in proportion; strong spices on request a little less, as some cooks do. */
import { type Operation } from '../stored/operations';
import { type Batch } from '../stored/schema';
import { lookUp } from '../food/larder';

/** Of the cautious school: a strong spice grows with the 0.9th power. House estimate. */
const CAUTIOUS_EXPONENT = 0.9;

/**
 * The operation that scales a batch, with what the larder knows of its lines.
 * @param factor above 0
 * @param cautious strong spices with the 0.9th power of the factor
 */
export function scaling(
  { lines, ingredients }: Pick<Batch, 'lines' | 'ingredients'>,
  factor: number,
  cautious = false,
): Operation {
  const named = lines.map((line) => ({ id: line.id, ingredient: lookUp(ingredients, line.ingredientId) }));
  return {
    do: 'scaleFilling',
    factor,
    exponents: Object.fromEntries(
      named.filter(({ ingredient }) => cautious && ingredient?.isStrong).map(({ id }) => [id, CAUTIOUS_EXPONENT]),
    ),
    pieceG: Object.fromEntries(
      named.flatMap(({ id, ingredient }) =>
        ingredient?.counts.piece === undefined ? [] : [[id, ingredient.counts.piece]],
      ),
    ),
  };
}
