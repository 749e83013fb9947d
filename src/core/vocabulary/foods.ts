/** What is said of foods, of those that ship and of the cook's own: families, hazards, allergens, how they let go of liquid. */
import { idsOf, recordsOf } from './records';

interface HazardRecord {
  label: string;
  /** Animal food that is unsafe raw: cooked beforehand it counts as a leftover. */
  isRawAnimal: boolean;
  /** Meat or fish, which must not only warm through in something hot. */
  isFlesh: boolean;
}

const harmless = (label: string): HazardRecord => ({ label, isRawAnimal: false, isFlesh: false });
const flesh = (label: string): HazardRecord => ({ label, isRawAnimal: true, isFlesh: true });

/** What makes an ingredient unsafe until it is hot enough. */
export const HAZARDS = recordsOf<HazardRecord>()({
  none: harmless('nothing that must be cooked'),
  poultry: flesh('poultry'),
  'minced-meat': flesh('minced meat'),
  'whole-meat': flesh('meat in one piece'),
  fish: flesh('fish'),
  shellfish: flesh('shellfish'),
  egg: { label: 'egg', isRawAnimal: true, isFlesh: false },
  'raw-flour': harmless('raw flour'),
  'cooked-animal': harmless('cooked animal food, to be reheated'),
  // Salted, smoked or dried: it keeps, but nothing has cooked it.
  cured: harmless('cured, not cooked'),
  // It could be anything: the strictest rule holds until somebody says. Of its water nothing is guessed.
  unknown: { label: 'not said yet', isRawAnimal: true, isFlesh: false },
});
export type Hazard = keyof typeof HAZARDS;
export const HAZARD_IDS = idsOf(HAZARDS);

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
