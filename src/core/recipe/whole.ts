/** A pasted text as Fill takes it: the lines of the filling, what is beside them, the steps, and how many it makes. */
import { howMany } from './plan/how-many';
import { sectionsOf } from './plan/sections';

export interface WholeRecipe {
  /** Null where the text begins with its ingredients. */
  title: string | null;
  /** Parcels that it makes, and people that it serves, where it says so. */
  count: number | null;
  serves: number | null;
  /** The lines of ingredients, as they stand. */
  ingredients: string[];
  /** Ingredients of something else: dough, glaze, dip. Kept in words. */
  others: string[];
  steps: string[];
}

/** Takes a pasted text apart. A bare list of ingredients comes back as one. */
export function takeApart(text: string): WholeRecipe {
  const { title, parts, steps, said } = sectionsOf(text);
  const linesOf = (isFilling: boolean): string[] =>
    parts.filter(({ kind }) => (kind === 'filling') === isFilling).flatMap(({ lines }) => lines);
  const ingredients = linesOf(true);
  const { count, serves } = howMany(said, steps, ingredients);
  return { title, count, serves, ingredients, others: linesOf(false), steps };
}
