/** Finding an ingredient by what a cook calls it. */
import levenshtein from 'damerau-levenshtein';
import Fuse from 'fuse.js';
import { catalogue, ingredientById } from './catalogue';
import './catalogue/more';
import { readOwn } from './larder';
import { aliasesOf } from './names';
import { type Ingredient } from './ingredient';
import { type OwnIngredient } from './own-ingredient';
import { normaliseName, singular } from './singular';

/** Every word of every name, with the ingredients that have it in their name (first) or in an alias. */
interface Word {
  word: string;
  owners: Map<Ingredient, number>;
}

export interface Name {
  ingredient: Ingredient;
  /** Its words, in the singular. */
  of: readonly string[];
  /** The lower, the more it is this one that is meant. */
  rank: number;
}

interface Index {
  /** The names by one of their words. */
  names: ReadonlyMap<string, readonly Name[]>;
  exact: ReadonlyMap<string, Ingredient>;
  words: Fuse<Word>;
}

/** A match in an alias counts a little less than one in the name. */
const ALIAS_COST = 0.08;
/** A word of the query that an ingredient does not have at all. */
const MISSING = 0.75;
/** Worse than this on average is not offered. */
const WORST = 0.5;

function indexOf(ingredients: readonly Ingredient[]): Index {
  const exact = new Map<string, Ingredient>();
  const words = new Map<string, Word>();
  const learn = (text: string, ingredient: Ingredient, cost: number): void => {
    for (const word of singular(normaliseName(text)).split(' ')) {
      const entry = words.get(word) ?? { word, owners: new Map<Ingredient, number>() };
      words.set(word, entry);
      entry.owners.set(ingredient, Math.min(cost, entry.owners.get(ingredient) ?? Infinity));
    }
  };
  const names = new Map<string, Name[]>();
  for (const [rank, ingredient] of ingredients.entries()) {
    for (const name of [ingredient.name, ...aliasesOf(ingredient.id)]) {
      const key = singular(normaliseName(name));
      if (!exact.has(key)) exact.set(key, ingredient);
      const of = [...new Set(key.split(' '))];
      for (const word of of) names.set(word, [...(names.get(word) ?? []), { ingredient, of, rank }]);
    }
    learn(ingredient.name, ingredient, 0);
    aliasesOf(ingredient.id).forEach((alias) => learn(alias, ingredient, ALIAS_COST));
  }
  // An id is a name only where no other has it.
  for (const ingredient of ingredients) {
    const key = singular(normaliseName(ingredient.id));
    if (exact.has(key)) continue;
    exact.set(key, ingredient);
    const of = [...new Set(key.split(' '))];
    for (const word of of) names.set(word, [...(names.get(word) ?? []), { ingredient, of, rank: ingredients.length }]);
  }
  return {
    names,
    exact,
    words: new Fuse([...words.values()], { keys: ['word'], threshold: 0.42, distance: 12, includeScore: true }),
  };
}

let shipped: Index | null = null;
/** Made at the first search. */
const shippedIndex = (): Index => (shipped ??= indexOf(catalogue()));
const OWN = new WeakMap<readonly OwnIngredient[], Index>();
const NONE: readonly OwnIngredient[] = [];

/** The indexes to look in, the cook's own ingredients first. */
function indexes(own: readonly OwnIngredient[]): Index[] {
  if (own.length === 0) return [shippedIndex()];
  const index = OWN.get(own) ?? indexOf(readOwn(own));
  OWN.set(own, index);
  return [index, shippedIndex()];
}

/** The ingredient of that id, name or alias, whatever the case, singular or plural. Undefined where there is none. */
export function findIngredient(name: string, own = NONE): Ingredient | undefined {
  const byId = name.includes('-') ? ingredientById(name.trim().toLowerCase()) : undefined;
  if (byId) return byId;
  const key = singular(normaliseName(name));
  for (const { exact } of indexes(own)) {
    const found = exact.get(key);
    if (found) return found;
  }
  return undefined;
}

/** Every name all of whose words are among these. */
export function namesWithin(words: ReadonlySet<string>, own = NONE): Name[] {
  const found = indexes(own).flatMap(({ names }) => [...words].flatMap((word) => names.get(word) ?? []));
  return [...new Set(found)].filter(({ of }) => of.every((word) => words.has(word)));
}

/** Whether a word, in the singular, is part of the name of something in the larder. */
export const isFoodWord = (word: string): boolean => shippedIndex().names.has(word);

/** Every word, in the singular, of any name of the larder. */
export const foodWords = (): Iterable<string> => shippedIndex().names.keys();

/** A name is looked for by so many of its words, of each so many letters: no name is longer. */
const MOST_WORDS = 6;
const MOST_LETTERS = 24;

/**
 * The ingredients whose names are nearest to a text, word by word, best first; spelling is forgiven.
 * @param worst how far off a name may be: 0 the name itself, 1 anything
 * @param own ingredients of the cook's own
 */
export function searchIngredients(text: string, limit = 8, worst = WORST, own = NONE): Ingredient[] {
  const query = singular(normaliseName(text));
  if (query === '') return [];
  const words = query
    .split(' ')
    .slice(0, MOST_WORDS)
    .map((word) => word.slice(0, MOST_LETTERS));
  const costs = new Map<Ingredient, number>();
  const wordCosts = words.map((word) => costsOf(word, indexes(own)));
  for (const ingredient of new Set(wordCosts.flatMap((map) => [...map.keys()]))) {
    const total = wordCosts.reduce((sum, map) => sum + (map.get(ingredient) ?? MISSING), 0);
    costs.set(ingredient, total / words.length);
  }
  const exact = findIngredient(query, own);
  if (exact) costs.set(exact, -1);
  return [...costs]
    .filter(([, cost]) => cost <= worst)
    .sort(([a, costA], [b, costB]) => costA - costB || a.name.length - b.name.length)
    .slice(0, limit)
    .map(([ingredient]) => ingredient);
}

/** One letter put in, left out or exchanged, or two in the wrong order, costs less than a name that merely sounds alike. */
const SLIP = 0.05;
const isSlip = (a: string, b: string): boolean => Math.abs(a.length - b.length) <= 1 && levenshtein(a, b).steps === 1;

/** What each ingredient costs for one word of a query: 0 the word itself, up to 1; absent where nothing is near. */
function costsOf(word: string, places: readonly Index[]): Map<Ingredient, number> {
  const costs = new Map<Ingredient, number>();
  for (const { item, score = 0 } of places.flatMap((index) => index.words.search(word))) {
    // A word that is merely longer is a word still being typed; one that is shorter is another word.
    const unfinished =
      item.word === word ? 0 : item.word.startsWith(word) ? 0.02 : isSlip(item.word, word) ? SLIP : score;
    for (const [ingredient, cost] of item.owners) {
      costs.set(ingredient, Math.min(costs.get(ingredient) ?? Infinity, unfinished + cost));
    }
  }
  return costs;
}
