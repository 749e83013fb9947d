/** How things of a day are said: what goes in, each with its amount. */
import { ingredientById } from '../food/catalogue';
import { spoken } from '../food/spoken-name';
import { shownAmount } from '../filling/shown-amount';
import { type ResolvedLine } from '../filling/lines';
import { type Kitchen } from '../stored/kitchen-schema';
import { type DoughPart } from '../vocabulary/doughs/dough';
import { doughAmounts } from '../wrapper/amounts';
import { formatGrams } from '../units/format';

/** `500 g white cabbage, 2 pieces egg`: all of them, as the kitchen likes to read amounts. */
export const amountsOf = (lines: readonly ResolvedLine[], kitchen: Kitchen): string =>
  lines
    .map(({ line, ingredient }) => `${shownAmount(line, ingredient, kitchen)} ${spoken(ingredient.name)}`)
    .join(', ');

/** `300 g plain flour, 150 g water, 6 g salt`; each dough by itself where there are two. */
export function doughGoesIn(parts: readonly DoughPart[], totalG: number): string {
  const amounts = doughAmounts(parts, { totalG });
  const listed = (ingredients: typeof amounts.ingredients): string =>
    ingredients
      .filter(({ grams }) => grams > 0)
      .map(
        ({ ingredientId, grams }) =>
          `${formatGrams(grams)} ${spoken(ingredientById(ingredientId)?.name ?? ingredientId)}`,
      )
      .join(', ');
  if (amounts.parts.length === 0) return listed(amounts.ingredients);
  return amounts.parts.map(({ name, ingredients }) => `${name}: ${listed(ingredients)}`).join('; ');
}
