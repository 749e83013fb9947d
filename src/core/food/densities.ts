/**
 * How much of an ingredient a cup holds, by how it is cut. The larder gives each ingredient's weight as it is usually
 * measured; these factors lead from there to other cuts. House estimates, anchored on kitchen weighings (a 240 ml cup of
 * grated carrot 110 g, diced 135 g; of grated hard cheese 113 g, diced 135 g; of loose spinach 30 g, packed 45 g).
 */
import { type Cut } from '../vocabulary/cuts';
import { type Ingredient } from './ingredient';

type Factors = Record<Cut, number>;

const SOLID: Factors = { whole: 0.9, chopped: 1, grated: 0.8, packed: 1.25 };
const TENDER_LEAF: Factors = { whole: 1, chopped: 1.6, grated: 1.6, packed: 1.4 };
const HERB: Factors = { whole: 0.6, chopped: 1, grated: 1, packed: 1.4 };
const CABBAGE: Factors = { whole: 0.6, chopped: 1, grated: 0.9, packed: 1.4 };
const NUT: Factors = { whole: 1.05, chopped: 1, grated: 0.75, packed: 1.2 };
const SUGAR: Factors = { whole: 1, chopped: 1, grated: 1, packed: 1.2 };

const CUT_FAMILIES: readonly string[] = ['vegetable', 'root', 'allium', 'mushroom', 'fruit', 'dairy', 'meat', 'fish'];

function factorsOf({ family, release, liquid, packs }: Ingredient): Factors | null {
  if (liquid) return null;
  if (release === 'wiltingLeaf') return TENDER_LEAF;
  if (family === 'leaf' && release === 'moist') return HERB;
  if (family === 'leaf') return CABBAGE;
  if (family === 'nut') return NUT;
  if (packs) return SUGAR;
  return CUT_FAMILIES.includes(family) ? SOLID : null;
}

/** Whether a cup of it weighs otherwise by how it is cut. */
export const hasCuts = (ingredient: Ingredient): boolean => factorsOf(ingredient) !== null;

/** Grams in a millilitre of an ingredient cut so; null as it is usually measured. */
export function densityOf(ingredient: Ingredient, cut: Cut | null): number {
  const factors = factorsOf(ingredient);
  if (cut === null || factors === null) return ingredient.gPerMl;
  const usual = ingredient.isGrated ? factors.grated : 1;
  return (ingredient.gPerMl * factors[cut]) / usual;
}

const CUT_WORDS: readonly [RegExp, Cut][] = [
  [/\bpacked\b/i, 'packed'],
  [/\b(?:grated|shredded)\b/i, 'grated'],
  [/\b(?:chopped|diced|cubed|minced)\b/i, 'chopped'],
  [/\bwhole\b/i, 'whole'],
];

/** The cut that a recipe's words name; null where they name none. */
export const cutInWords = (words: string): Cut | null =>
  CUT_WORDS.find(([pattern]) => pattern.test(words))?.[1] ?? null;

/** A filling as long as nothing is known of it: ordinary moist food, g/ml. House estimate. */
export const ORDINARY_DENSITY = 1.02;
