/** A recipe that comes apart already, read as it would stand on a card; what is listed as an ingredient stays one. */
import { MOST_RECIPE_LETTERS, type Sections, sectionsOf } from '../recipe/plan';
import { type RecipeText } from './recipe';

export function sectionsOfRecipe({ name, count, ingredients, steps }: RecipeText): Sections {
  const words = [
    name,
    ...(count === null ? [] : [`Makes ${count}`]),
    '',
    'Ingredients',
    ...ingredients,
    '',
    'Method',
    ...steps,
  ];
  const read = sectionsOf(words.join('\n').slice(0, MOST_RECIPE_LETTERS));
  const listed = new Set(ingredients.map((line) => line.trim()));
  const lost = read.said.filter((line) => listed.has(line));
  const filling = read.parts.find(({ kind }) => kind === 'filling') ?? {
    kind: 'filling' as const,
    name: null,
    lines: [],
  };
  const rest = read.parts.filter((part) => part !== filling);
  return {
    ...read,
    title: read.title ?? name,
    parts: [{ ...filling, lines: [...filling.lines, ...lost] }, ...rest].filter(({ lines }) => lines.length > 0),
    said: read.said.filter((line) => !listed.has(line)),
  };
}
