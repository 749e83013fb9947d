/** Wrapper doughs and bought skins. Composition from usual formulas and food tables; the rest house estimates. */
import { type Allergen } from '../food/ingredient';
import { type Composition, normalise } from '../food/composition';

export interface Dough {
  id: DoughId;
  label: string;
  composition: Composition;
  /** kg/m³ when rolled. */
  density: number;
  /** kg/m³ as it cooks, risen. */
  cookedDensity: number;
  /** Factor on the compact dough's conductivity while it cooks: steam condensing in a risen crumb carries heat inwards. */
  conductivity: number;
  /** Salt, % of the dough's mass, as usually made. */
  saltPercent: number;
  /** The filling must be no warmer than this when it is wrapped, °C, and why. */
  wrapReadyC: number;
  wrapReadyWhy: string;
  /** How the parcel's tolerance of free liquid is looked up. */
  kind: 'yeasted' | 'noodle' | 'short' | 'laminated' | 'thin';
  allergens: readonly Allergen[];
  /** Rolled thickness usual for it, mm. */
  usualThicknessMm: number;
}

export const DOUGH_IDS = [
  'steamed-bun',
  'noodle',
  'hot-water',
  'enriched',
  'short',
  'rough-laminated',
  'bought-skin',
  'thin-sheets',
] as const;
export type DoughId = (typeof DOUGH_IDS)[number];

const composed = (water: number, protein: number, fat: number, carbohydrate: number, fibre: number, ash: number) =>
  normalise({ water, protein, fat, carbohydrate, fibre, ash });

/** Bare compact dough, kg/m³ (house estimate). */
const COMPACT = 1180;

export const DOUGHS: readonly Dough[] = [
  {
    id: 'steamed-bun',
    label: 'yeasted steamed-bun dough',
    composition: composed(39, 6.6, 3, 49, 1.7, 1.1),
    density: COMPACT,
    cookedDensity: 550,
    conductivity: 1.35,
    saltPercent: 0.8,
    wrapReadyC: 28,
    wrapReadyWhy: 'a warmer filling makes the yeast race in the middle and the dough slacken',
    kind: 'yeasted',
    allergens: ['gluten'],
    usualThicknessMm: 4,
  },
  {
    id: 'enriched',
    label: 'enriched soft dough',
    composition: composed(34, 8.2, 10, 44, 1.5, 1.4),
    density: COMPACT,
    cookedDensity: 450,
    conductivity: 1.35,
    saltPercent: 1,
    wrapReadyC: 28,
    wrapReadyWhy: 'a warmer filling makes the yeast race in the middle and melts the butter in the dough',
    kind: 'yeasted',
    allergens: ['gluten', 'egg', 'milk'],
    usualThicknessMm: 5,
  },
  {
    id: 'noodle',
    label: 'cold-water noodle dough',
    composition: composed(36, 7.6, 1, 52, 2, 1.2),
    density: COMPACT,
    cookedDensity: COMPACT,
    conductivity: 1,
    saltPercent: 0.7,
    wrapReadyC: 30,
    wrapReadyWhy: 'steam from a warmer filling makes the skin tacky and it tears',
    kind: 'noodle',
    allergens: ['gluten'],
    usualThicknessMm: 1.5,
  },
  {
    id: 'hot-water',
    label: 'hot-water dough',
    composition: composed(40, 7, 1, 49, 2, 0.9),
    density: COMPACT,
    cookedDensity: COMPACT,
    conductivity: 1,
    saltPercent: 0.3,
    wrapReadyC: 30,
    wrapReadyWhy: 'steam from a warmer filling makes the skin tacky and it tears',
    kind: 'noodle',
    allergens: ['gluten'],
    usualThicknessMm: 2,
  },
  {
    id: 'short',
    label: 'rubbed-in short pastry',
    composition: composed(22, 6, 26, 43, 1.6, 1),
    density: COMPACT,
    cookedDensity: 1050,
    conductivity: 1,
    saltPercent: 0.8,
    wrapReadyC: 20,
    wrapReadyWhy: 'butter softens above about 20 °C and the pastry greases and tears',
    kind: 'short',
    allergens: ['gluten', 'milk'],
    usualThicknessMm: 3.5,
  },
  {
    id: 'rough-laminated',
    label: 'rough laminated pastry',
    composition: composed(25, 5.5, 30, 37, 1.4, 1),
    density: COMPACT,
    cookedDensity: 500,
    conductivity: 1.2,
    saltPercent: 0.8,
    wrapReadyC: 15,
    wrapReadyWhy: 'the butter layers run together when a warmer filling softens them',
    kind: 'laminated',
    allergens: ['gluten', 'milk'],
    usualThicknessMm: 3,
  },
  {
    id: 'bought-skin',
    label: 'bought skin',
    composition: composed(32, 8, 1, 56, 1.8, 1.4),
    density: COMPACT,
    cookedDensity: COMPACT,
    conductivity: 1,
    saltPercent: 1,
    wrapReadyC: 25,
    wrapReadyWhy: 'a thin skin takes up steam from a warmer filling and splits',
    kind: 'thin',
    allergens: ['gluten'],
    usualThicknessMm: 1,
  },
  {
    id: 'thin-sheets',
    label: 'thin stretched sheets, brushed with butter',
    composition: composed(26, 6.5, 14, 50, 1.8, 1.2),
    density: COMPACT,
    cookedDensity: 700,
    conductivity: 1,
    saltPercent: 0.8,
    wrapReadyC: 25,
    wrapReadyWhy: 'thin sheets take up steam from a warmer filling and stick together',
    kind: 'thin',
    allergens: ['gluten', 'milk'],
    usualThicknessMm: 2,
  },
];

/** A dough by its id. */
export function dough(id: DoughId): Dough {
  const found = DOUGHS.find((d) => d.id === id);
  if (!found) throw new RangeError(`no dough is called ${id}`);
  return found;
}
