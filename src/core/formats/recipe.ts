/** schema.org Recipe (JSON-LD): out of a batch, and in from a file or a saved page. */
import { type Batch } from '../batch/schema';
import { type ReadResult } from '../batch/read';
import { lookUp } from '../food/larder';
import { preparation } from '../food/preparations';
import { FORMS } from '../wrapper/forms';

/** What is taken from a recipe. Steps are kept as text. */
export interface RecipeText {
  name: string;
  /** Parcels or servings, where the recipe says a number. */
  count: number | null;
  ingredients: string[];
  steps: string[];
}

type Json = Record<string, unknown>;
const isObject = (value: unknown): value is Json =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** A batch as a schema.org Recipe. */
export function toRecipe(batch: Batch): Json {
  return {
    '@context': 'https://schema.org',
    '@type': 'Recipe',
    name: batch.title,
    recipeYield: `${batch.count} ${FORMS[batch.wrap.form].label}${batch.count === 1 ? '' : 's'}`,
    recipeIngredient: batch.lines.map((line) => ingredientText(line, batch.ingredients)),
    ...(batch.note.words === '' ? {} : { recipeInstructions: batch.note.words }),
  };
}

/** A line as a recipe would write it: `150 g leek, sweated, finely sliced`. */
export function ingredientText(line: Batch['lines'][number], own: Batch['ingredients']): string {
  const ingredient = lookUp(own, line.ingredientId);
  const prep =
    ingredient && ingredient.wetness !== 'dry' ? preparation(ingredient.wetness, line.preparation) : undefined;
  const isRaw = prep?.id === 'raw';
  const words = [prep && !isRaw ? prep.label : '', line.note].filter((word) => word !== '');
  return [
    [
      Math.round(line.amount * 1000) / 1000,
      ...(line.unit === 'piece' ? [] : [line.unit]),
      ...(line.cut === null ? [] : [line.cut]),
      ingredient?.name ?? line.ingredientId,
    ].join(' '),
    ...words,
  ].join(', ');
}

/** Reads a Recipe from JSON, or from the JSON-LD inside a saved HTML page. */
export function readRecipe(text: string): ReadResult<RecipeText> {
  const sources = text.trimStart().startsWith('<') ? jsonInPage(text) : [text];
  let parsedAny = false;
  for (const source of sources) {
    let json: unknown;
    try {
      json = JSON.parse(source);
    } catch {
      continue;
    }
    parsedAny = true;
    const recipe = findRecipe(json, 0);
    if (recipe) return fromRecipe(recipe);
  }
  return {
    ok: false,
    problems: [
      parsedAny ? '(file): holds no schema.org Recipe' : '(file): is neither JSON nor a page with a recipe in it',
    ],
  };
}

const jsonInPage = (html: string): string[] =>
  [...html.matchAll(/<script[^>]*type=["']application\/ld\+json["'][^>]*>([\s\S]*?)<\/script>/gi)].map(
    (match) => match[1],
  );

/** The first Recipe anywhere inside; deep nesting is not followed for ever. */
function findRecipe(json: unknown, depth: number): Json | null {
  if (depth > 6) return null;
  if (Array.isArray(json)) return firstOf(json, depth);
  if (!isObject(json)) return null;
  const type = json['@type'];
  if (type === 'Recipe' || (Array.isArray(type) && type.includes('Recipe'))) return json;
  return firstOf(Object.values(json), depth);
}

function firstOf(list: readonly unknown[], depth: number): Json | null {
  for (const item of list) {
    const found = findRecipe(item, depth + 1);
    if (found) return found;
  }
  return null;
}

function fromRecipe(recipe: Json): ReadResult<RecipeText> {
  const ingredients = texts(recipe.recipeIngredient ?? recipe.ingredients);
  if (ingredients.length === 0)
    return { ok: false, problems: ['recipeIngredient: is empty; would be a list of lines'] };
  const yields = texts(recipe.recipeYield ?? recipe.yield).join(' ');
  const count = /\d+/.exec(yields);
  return {
    ok: true,
    value: {
      name: typeof recipe.name === 'string' && recipe.name.trim() !== '' ? plain(recipe.name) : 'A recipe',
      count: count ? Number(count[0]) : null,
      ingredients,
      steps: steps(recipe.recipeInstructions),
    },
  };
}

const plain = (text: string): string =>
  text
    .replace(/<[^>]*>/g, ' ')
    .replace(/&amp;/g, '&')
    .replace(/&frac12;/g, '½')
    .replace(/&frac14;/g, '¼')
    .replace(/&frac34;/g, '¾')
    .replace(/&(?:nbsp|#160);/g, ' ')
    .replace(/&(?:quot|#34);/g, '"')
    .replace(/&(?:#39|apos);/g, '’')
    .replace(/\s+/g, ' ')
    .trim();

function texts(value: unknown): string[] {
  const list = Array.isArray(value) ? value : value === undefined || value === null ? [] : [value];
  return list
    .filter((item) => typeof item === 'string' || typeof item === 'number')
    .map((item) => plain(String(item)))
    .filter((t) => t !== '');
}

/** Steps as text: strings, HowToStep, or sections of them. */
function steps(value: unknown): string[] {
  if (Array.isArray(value)) return value.flatMap(steps);
  if (typeof value === 'string')
    return value
      .split(/\n+/)
      .map(plain)
      .filter((step) => step !== '');
  if (!isObject(value)) return [];
  return value.itemListElement === undefined ? steps(value.text ?? value.name) : steps(value.itemListElement);
}
