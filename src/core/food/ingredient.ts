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
  /** Which table of preparations and releases it follows. */
  wetness: Wetness;
  /** A liquid gives all its water to the filling. */
  liquid: boolean;
  /** Set where the ingredient holds liquid; a key of the binder table. */
  binder?: string;
}

interface Extras {
  aliases?: string[];
  salt?: number;
  hazard?: Hazard;
  allergens?: Allergen[];
  wetness?: Wetness;
  liquid?: boolean;
  binder?: string;
}

/**
 * One row of the catalogue.
 * @param per100g water, protein, fat, carbohydrate (without fibre), fibre, ash: g in 100 g, from national food tables
 */
export type Row = readonly [
  id: string,
  name: string,
  per100g: readonly [number, number, number, number, number, number],
  gPerMl: number,
  extras?: Extras,
];

/** Builds the ingredients of a family from their rows. */
export function family(name: Family, rows: readonly Row[], common: Extras = {}): Ingredient[] {
  return rows.map(([id, label, [water, protein, fat, carbohydrate, fibre, ash], gPerMl, own = {}]) => {
    const extras = { ...common, ...own };
    return {
      id,
      name: label,
      aliases: extras.aliases ?? [],
      family: name,
      composition: {
        water: water / 100,
        protein: protein / 100,
        fat: fat / 100,
        carbohydrate: carbohydrate / 100,
        fibre: fibre / 100,
        ash: ash / 100,
      },
      salt: extras.salt ?? 0,
      gPerMl,
      hazard: extras.hazard ?? 'none',
      allergens: extras.allergens ?? [],
      wetness: extras.wetness ?? 'dry',
      liquid: extras.liquid ?? false,
      binder: extras.binder,
    };
  });
}
