/** A recipe as a new batch: what is understood becomes lines, what is not is kept in the notes with the steps. */
import { beginBatch } from '../document/create';
import { LIMITS, MOST } from '../document/limits';
import { type Batch } from '../document/schema';
import { HAZARDS } from '../document/vocabulary/foods';
import { ingredientById } from '../food/catalogue';
import { type RecipeText } from './recipe';
import { parseLine } from '../recipe/parse-line';
import { toLine } from '../recipe/to-line';

const DEFAULT_COUNT = 24;

/** Makes the batch; form and wrapper are the usual ones, to be changed at Wrap. */
export function batchFromRecipe(recipe: RecipeText, { id, at }: { id: string; at: string }): Batch {
  const parsed = recipe.ingredients.map((text) => parseLine(text));
  const hasMeat = parsed.some((p) => p.ingredientId !== null && isRawMeat(p.ingredientId));
  const school = hasMeat ? 'raw' : 'cooked';
  const count =
    recipe.count !== null && recipe.count >= 1 && recipe.count <= LIMITS.count.most ? recipe.count : DEFAULT_COUNT;
  const lines = parsed.map((p, i) => toLine(p, school, `r${i + 1}`));
  const left = parsed.filter((_, i) => lines[i] === null).map((p) => p.text);
  const words = [
    left.length > 0 ? `Not yet in: ${left.join('; ')}.` : '',
    recipe.steps.map((step, i) => `${i + 1}. ${step}`).join('\n'),
  ];
  const batch = beginBatch({
    id,
    title: recipe.name.slice(0, MOST.title).trim() || 'A recipe',
    form: 'half-moon',
    count,
    school,
    at,
  });
  return {
    ...batch,
    lines: lines.filter((line) => line !== null).slice(0, MOST.lines),
    note: {
      outcomes: [],
      words: words
        .filter((part) => part !== '')
        .join('\n\n')
        .slice(0, MOST.words),
    },
  };
}

const isRawMeat = (ingredientId: string): boolean => HAZARDS[ingredientById(ingredientId)?.hazard ?? 'none'].isFlesh;
