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

const INDEX = new Fuse(CATALOGUE, {
  keys: [
    { name: 'name', weight: 2 },
    { name: 'aliases', weight: 1 },
  ],
  threshold: 0.4,
  ignoreLocation: true,
});

/** The ingredient of that id, name or alias: any case, singular or plural. Undefined where there is none. */
export const findIngredient = (name: string): Ingredient | undefined => EXACT.get(singular(normaliseName(name)));

/** The ingredients whose names are nearest to a text, best first; spelling is forgiven. */
export function searchIngredients(text: string, limit = 8): Ingredient[] {
  const query = normaliseName(text);
  if (query === '') return [];
  const exact = findIngredient(query);
  const near = INDEX.search(query, { limit: limit + 1 }).map((hit) => hit.item);
  return [...(exact ? [exact] : []), ...near.filter((item) => item !== exact)].slice(0, limit);
}
