/** A batch as a schema.org Recipe (JSON-LD). */
import { lineName } from '../stored/line-name';
import { type Batch } from '../stored/schema';
import { lookUp } from '../food/larder';
import { preparation } from '../vocabulary/releases';
import { FORMS } from '../forms';

/** A batch as a schema.org Recipe. */
export function toRecipe(batch: Batch): Record<string, unknown> {
  return {
    '@context': 'https://schema.org',
    '@type': 'Recipe',
    name: batch.title,
    recipeYield: `${batch.count} ${batch.count === 1 ? FORMS[batch.wrap.form].label : FORMS[batch.wrap.form].plural}`,
    recipeIngredient: batch.lines.map((line) => ingredientText(line, batch.ingredients)),
    ...(batch.note.words === '' ? {} : { recipeInstructions: batch.note.words }),
  };
}

/** A line as a recipe would write it: `150 g leek, sweated, finely sliced`. */
export function ingredientText(line: Batch['lines'][number], own: Batch['ingredients']): string {
  const ingredient = lookUp(own, line.ingredientId);
  const prep =
    ingredient && ingredient.release !== 'dry' ? preparation(ingredient.release, line.preparation) : undefined;
  const isRaw = prep?.id === 'raw';
  const words = [prep && !isRaw ? prep.label : '', line.note].filter((word) => word !== '');
  return [
    [
      Math.round(line.amount * 1000) / 1000,
      ...(line.unit === 'piece' ? [] : [line.unit]),
      ...(line.cut === null ? [] : [line.cut]),
      lineName(line, ingredient?.name),
    ].join(' '),
    ...words,
  ].join(', ');
}
