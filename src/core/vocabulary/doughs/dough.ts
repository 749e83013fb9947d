/**
 * What a wrapper dough, or a bought skin, is. A dough is its formula in percent of its flour (flour = 100): composition, salt,
 * density, allergens and wrap-ready follow from it (core/wrapper/dough.ts). Formulas and times are house starting points.
 */
import { type Allergen } from '../foods';
import { type DoughKind } from '../methods/method';

/** An ingredient of a formula. */
export interface FormulaLine {
  /** Id in the larder. */
  ingredientId: string;
  /** g for 100 g of flour. */
  percent: number;
}

/** One dough of a wrapper; most have one, a spiral has two. */
export interface DoughPart {
  /** Empty where there is only one. */
  name: string;
  /** Its share of the whole, by mass. */
  share: number;
  formula: readonly FormulaLine[];
}

/** Bought: composition from the food tables, salt as packets say. */
export interface Packet {
  /** g in 100 g. */
  composition: Readonly<Record<'water' | 'protein' | 'fat' | 'carbohydrate' | 'fibre' | 'ash', number>>;
  /** % of its mass. */
  saltPercent: number;
  allergens: readonly Allergen[];
}

/** What its water is like when it goes in; null where that is the cook's to choose. */
export type WaterState = 'iced' | 'boiling' | null;

/** A step of making it. */
export interface DoughStep {
  what: string;
  handsOnMinutes: number;
  /** Waiting after it, from and to. */
  waitMinutes: readonly [low: number, high: number];
  /** The rise: its waiting follows from yeast and temperature instead. */
  isRise?: boolean;
  /** What is bought thaws; rolled or cut into skins; done as it is filled; or after it: else before any of that. */
  part?: 'thaw' | 'roll' | 'filling' | 'filled';
}

export interface DoughRecord {
  label: string;
  /** What else it is called, for commands and search. */
  also: readonly string[];
  /** Empty of what is bought. */
  parts: readonly DoughPart[];
  packet: Packet | null;
  /** Another formula of the same dough, with what it is for. */
  variants: readonly { label: string; trade: string; parts: readonly DoughPart[] }[];
  water: WaterState;
  /** The dough as it comes from mixing, °C. House estimate. */
  usualC: number;
  /** The fat lies in layers, and must not run into them. */
  isLayered: boolean;
  /** kg/m³ as it cooks, risen. */
  cookedDensity: number;
  /** Factor on the compact dough's conductivity while it cooks: steam condensing in a risen crumb carries heat inwards. */
  conductivity: number;
  /** How the parcel's tolerance of free liquid is looked up. */
  kind: DoughKind;
  /** How far a skin of it stretches as it is closed, times its length. House estimate. */
  gives: number;
  /** Cut from a sheet, with trimmings between; else rolled piece by piece. */
  isCut: boolean;
  /** Rolled thickness usual for it, mm. */
  usualThicknessMm: number;
  steps: readonly DoughStep[];
}

/** Bare lean dough, compact, kg/m³ (house estimate): the others are as much lighter or heavier as their composition is. */
export const COMPACT = 1180;

/** A formula of flour and what comes to it, in percent of it. */
export const formulaOf = (percents: Readonly<Record<string, number>>): readonly FormulaLine[] =>
  Object.entries({ 'wheat-flour': 100, ...percents }).map(([ingredientId, percent]) => ({ ingredientId, percent }));

/** A dough of one formula. */
export const onePart = (percents: Readonly<Record<string, number>>): readonly DoughPart[] => [
  { name: '', share: 1, formula: formulaOf(percents) },
];

/** What most doughs have in common. */
export const PLAIN_DOUGH = {
  also: [],
  packet: null,
  variants: [],
  water: null,
  usualC: 22,
  isLayered: false,
  cookedDensity: COMPACT,
  conductivity: 1,
  gives: 1,
  isCut: false,
} as const satisfies Partial<DoughRecord>;
