/** A recipe as a new batch: what is understood becomes lines, what is not stays in it and counts nothing, steps are read and kept. */
import { MOST } from '../vocabulary/limits';
import { type Batch } from '../stored/schema';
import { HAZARDS } from '../vocabulary/foods';
import { lookUp } from '../food/larder';
import { goesInRaw } from '../filling/raw';
import { resolveLines } from '../filling/lines';
import { DEFAULT_KITCHEN } from '../stored/kitchen';
import { type School } from '../vocabulary/schools';
import { batchInWords, countWithin } from '../recipe/to-batch';
import { type RecipeText } from './recipe';

const DEFAULT_COUNT = 24;

/** Makes the batch; form and wrapper are the usual ones, to be changed at Wrap. */
export function batchFromRecipe(recipe: RecipeText, fresh: { id: string; at: string }): Batch {
  const made = (school: School): Batch =>
    batchInWords(
      {
        title: recipe.name.slice(0, MOST.title).trim() || 'A recipe',
        form: 'half-moon',
        school,
        count: countWithin(recipe.count, DEFAULT_COUNT),
        lines: recipe.ingredients.slice(0, MOST.lines),
        steps: recipe.steps,
      },
      fresh,
    ).batch;
  // Meat that its method does not cook goes in raw.
  const raw = made('raw');
  const lines = resolveLines(raw, DEFAULT_KITCHEN);
  const hasRawMeat = lines.some((l) => goesInRaw(l) && isFlesh(l.line.ingredientId));
  return hasRawMeat ? raw : made('cooked');
}

const isFlesh = (ingredientId: string): boolean => HAZARDS[lookUp([], ingredientId)?.hazard ?? 'none'].isFlesh;
