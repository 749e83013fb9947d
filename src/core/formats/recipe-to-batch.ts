/** A recipe from a file or a page as a new batch: read as a pasted one is. */
import { beginBatch } from '../stored/create';
import { type Batch } from '../stored/schema';
import { planOfSections } from '../recipe/plan';
import { type RecipeText } from './recipe';
import { sectionsOfRecipe } from './recipe-as-words';

/** Makes the batch; of a recipe with two fillings the first. */
export function batchFromRecipe(recipe: RecipeText, fresh: { id: string; at: string }): Batch {
  const [first] = planOfSections(sectionsOfRecipe(recipe), { id: () => fresh.id, at: fresh.at }).plans;
  return (
    first?.batch ??
    beginBatch({ ...fresh, title: recipe.name || 'A recipe', form: 'half-moon', count: 24, school: 'raw' })
  );
}
