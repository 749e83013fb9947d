/** What the catalogue says of an ingredient, and the short form its tables are written in. */
import type { Composition } from './composition';
import { type Wetness } from './preparations';

/** What makes an ingredient unsafe until it is hot enough. */
export const HAZARDS = [
  'none',
  'poultry',
  'minced-meat',
  'whole-meat',
  'fish',
  'shellfish',
  'egg',
  'raw-flour',
  'cooked-animal',
] as const;
export type Hazard = (typeof HAZARDS)[number];

/** The allergens that must be declared in most countries (EU 1169/2011, Annex II names). */
export const ALLERGENS = [
  'gluten',
  'crustaceans',
  'egg',
  'fish',
  'peanut',
  'soya',
  'milk',
  'nuts',
  'celery',
  'mustard',
  'sesame',
  'sulphites',
  'molluscs',
] as const;
export type Allergen = (typeof ALLERGENS)[number];

/** Families share a hatch in the section drawing. */
export const FAMILIES = [
  'meat',
  'fish',
  'vegetable',
  'root',
  'leaf',
  'allium',
  'mushroom',
  'fruit',
  'dairy',
  'egg',
  'pulse',
  'starch',
  'fat',
  'sauce',
  'seasoning',
  'nut',
  'liquid',
] as const;
export type Family = (typeof FAMILIES)[number];

export interface Ingredient {
  id: string;
  name: string;
  aliases: readonly string[];
  family: Family;
  /** Mass fractions; the table's sum is kept within 0.97 to 1.03. */
  composition: Composition;
  /** g salt (sodium × 2.54) in 100 g. */
  salt: number;
  /** Grams in a millilitre, as it is usually measured. */
  gPerMl: number;
  hazard: Hazard;
  allergens: readonly Allergen[];
  /** Grams in one of what it is counted in: `piece`, `clove`, `bunch`, `tin` (drained) … House estimates. */
  counts: Readonly<Record<string, number>>;
  /** Which table of preparations and releases it follows. */
  wetness: Wetness;
  /** A liquid gives all its water to the filling. */
  liquid: boolean;
  /** Set where the ingredient holds liquid; a key of the binder table. */
  binder?: string;
}
