/** Finding an ingredient by what a cook calls it. */
import Fuse from 'fuse.js';
import { CATALOGUE } from './catalogue';
import { type Ingredient } from './ingredient';

/** Spoken forms made equal: case, hyphens, accents, plural. */
export function normaliseName(text: string): string {
  return text
    .normalize('NFD')
    .replace(/[\u0300-\u036f]/g, '')
    .toLowerCase()
    .replace(/[-_,]+/g, ' ')
    .replace(/\s+/g, ' ')
    .trim();
}

function singular(name: string): string {
  return name
    .split(' ')
    .map((word) => {
      if (word.length < 4 || /(ss|us)$/.test(word)) return word;
      if (/(ches|shes|oes)$/.test(word)) return word.slice(0, -2);
      if (word.endsWith('ies')) return `${word.slice(0, -3)}y`;
      return word.endsWith('s') ? word.slice(0, -1) : word;
    })
    .join(' ');
}

const EXACT = new Map<string, Ingredient>();
for (const ingredient of CATALOGUE) {
  for (const name of [ingredient.id, ingredient.name, ...ingredient.aliases]) {
    const key = singular(normaliseName(name));
    if (!EXACT.has(key)) EXACT.set(key, ingredient);
  }
}

/** Every word of every name, with the ingredients that have it in their name (first) or in an alias. */
interface Word {
  word: string;
  owners: Map<Ingredient, number>;
}

/** A match in an alias counts a little less than one in the name. */
const ALIAS_COST = 0.08;
/** A word of the query that an ingredient does not have at all. */
const MISSING = 0.75;
/** Worse than this on average is not offered. */
const WORST = 0.5;

const WORDS: Word[] = [];
const byWord = new Map<string, Word>();
const learn = (text: string, ingredient: Ingredient, cost: number): void => {
  for (const word of singular(normaliseName(text)).split(' ')) {
    const entry = byWord.get(word) ?? { word, owners: new Map<Ingredient, number>() };
    if (!byWord.has(word)) WORDS.push(entry);
    byWord.set(word, entry);
    entry.owners.set(ingredient, Math.min(cost, entry.owners.get(ingredient) ?? Infinity));
  }
};
for (const ingredient of CATALOGUE) {
  learn(ingredient.name, ingredient, 0);
  ingredient.aliases.forEach((alias) => learn(alias, ingredient, ALIAS_COST));
}

const INDEX = new Fuse(WORDS, { keys: ['word'], threshold: 0.42, distance: 12, includeScore: true });

/** The ingredient of that id, name or alias, whatever the case, singular or plural. Undefined where there is none. */
export const findIngredient = (name: string): Ingredient | undefined => EXACT.get(singular(normaliseName(name)));

/**
 * The ingredients whose names are nearest to a text, word by word, best first; spelling is forgiven.
 * @param worst how far off a name may be: 0 the name itself, 1 anything
 */
export function searchIngredients(text: string, limit = 8, worst = WORST): Ingredient[] {
  const query = singular(normaliseName(text));
  if (query === '') return [];
  const words = query.split(' ');
  const costs = new Map<Ingredient, number>();
  const wordCosts = words.map(costsOf);
  for (const ingredient of new Set(wordCosts.flatMap((map) => [...map.keys()]))) {
    const total = wordCosts.reduce((sum, map) => sum + (map.get(ingredient) ?? MISSING), 0);
    costs.set(ingredient, total / words.length);
  }
  const exact = findIngredient(query);
  if (exact) costs.set(exact, -1);
  return [...costs]
    .filter(([, cost]) => cost <= worst)
    .sort(([a, costA], [b, costB]) => costA - costB || a.name.length - b.name.length)
    .slice(0, limit)
    .map(([ingredient]) => ingredient);
}

/** What each ingredient costs for one word of a query: 0 the word itself, up to 1; absent where nothing is near. */
function costsOf(word: string): Map<Ingredient, number> {
  const costs = new Map<Ingredient, number>();
  for (const { item, score = 0 } of INDEX.search(word)) {
    // A word that is merely longer is a word still being typed; one that is shorter is another word.
    const unfinished = item.word === word ? 0 : item.word.startsWith(word) ? 0.02 : score;
    for (const [ingredient, cost] of item.owners) {
      costs.set(ingredient, Math.min(costs.get(ingredient) ?? Infinity, unfinished + cost));
    }
  }
  return costs;
}
