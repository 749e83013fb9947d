/** What a wrapper dough, or a bought skin, is. Composition from usual formulas and food tables; the rest house estimates. */
import { type Allergen } from '../foods';
import { type DoughKind } from '../methods/method';

export interface DoughRecord {
  label: string;
  /** g in 100 g. */
  composition: Readonly<Record<'water' | 'protein' | 'fat' | 'carbohydrate' | 'fibre' | 'ash', number>>;
  /** kg/m³ when rolled. */
  density: number;
  /** kg/m³ as it cooks, risen. */
  cookedDensity: number;
  /** Factor on the compact dough's conductivity while it cooks: steam condensing in a risen crumb carries heat inwards. */
  conductivity: number;
  /** Salt, % of the dough's mass, as usually made. */
  saltPercent: number;
  /** The filling must be no warmer than this when it is wrapped, °C, and why: no longer warm to the hand. House estimates. */
  wrapReadyC: number;
  wrapReadyWhy: string;
  /** How the parcel's tolerance of free liquid is looked up. */
  kind: DoughKind;
  allergens: readonly Allergen[];
  /** Rolled thickness usual for it, mm. */
  usualThicknessMm: number;
}

/** Bare compact dough, kg/m³ (house estimate). */
export const COMPACT = 1180;

/** g in 100 g. */
export const composedOf = (
  water: number,
  protein: number,
  fat: number,
  carbohydrate: number,
  fibre: number,
  ash: number,
): DoughRecord['composition'] => ({ water, protein, fat, carbohydrate, fibre, ash });
