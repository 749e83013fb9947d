/** schema.org Recipe (JSON-LD) from a file or a saved page. */
import { type ReadResult, wrongFile } from '../stored/problem';
import { isTooDeep } from './nesting';
import { jsonInPage, plainText } from './page';

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

/** Reads a Recipe from JSON, or from the JSON-LD inside a saved HTML page. */
export function readRecipe(text: string): ReadResult<RecipeText> {
  const sources = text.trimStart().startsWith('<') ? jsonInPage(text) : [text];
  let parsedAny = false;
  for (const source of sources) {
    if (isTooDeep(source)) return wrongFile('is nested too deeply for a recipe');
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
  return wrongFile(parsedAny ? 'holds no schema.org Recipe' : 'is neither JSON nor a page with a recipe in it');
}

/** A page wraps its recipe in a graph or a list, seldom in more. */
const MOST_DEPTH = 12;

/** The first Recipe anywhere inside; deep nesting is not followed for ever. */
function findRecipe(json: unknown, depth: number): Json | null {
  if (depth > MOST_DEPTH) return null;
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
  if (ingredients.length === 0) {
    const text = 'is empty; would be a list of lines';
    return { ok: false, problems: [{ code: 'value', path: 'recipeIngredient', text }] };
  }
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

/** No name, line or step of a recipe is longer; what is goes on as far as this. */
const MOST_TEXT = 2000;
const MOST_INGREDIENTS = 300;
const MOST_STEPS = 200;

const plain = (text: string): string => plainText(text.slice(0, 4 * MOST_TEXT)).slice(0, MOST_TEXT);

function texts(value: unknown): string[] {
  const list = Array.isArray(value) ? value : value === undefined || value === null ? [] : [value];
  return list
    .slice(0, MOST_INGREDIENTS)
    .filter((item) => typeof item === 'string' || typeof item === 'number')
    .map((item) => plain(String(item)))
    .filter((t) => t !== '');
}

/** Steps as text: strings, HowToStep, or sections of them. */
function steps(value: unknown): string[] {
  if (Array.isArray(value)) return value.slice(0, MOST_STEPS).flatMap(steps);
  if (typeof value === 'string')
    return value
      .split(/\n+/)
      .map(plain)
      .filter((step) => step !== '');
  if (!isObject(value)) return [];
  return value.itemListElement === undefined ? steps(value.text ?? value.name) : steps(value.itemListElement);
}
