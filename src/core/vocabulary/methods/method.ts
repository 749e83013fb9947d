/** What a method of cooking is. */
import { type CookStep } from '../media/step';

/** How a dough takes free liquid. */
export type DoughKind = 'yeasted' | 'noodle' | 'short' | 'laminated' | 'thin';

/** What fills it, as far as it decides how much liquid is right. */
export type FillingKind = 'raw' | 'cooked' | 'fruit';

/** The most free liquid that a parcel takes in the heat, g in 100 g of filling, by what fills it. House estimates. */
export interface Tolerance extends Readonly<Record<FillingKind, number>> {
  /** The parcel, as the sentence names it. */
  parcel: string;
}

/** As large as a mouthful or two, as a hand, or a whole pan. */
export type Size = 'small' | 'large' | 'pan';

export interface MethodRecord {
  /** `steam`, and said of a batch: `steamed`; to the cook: `Steam`. */
  label: string;
  done: string;
  imperative: string;
  /** What is usual, °C. */
  usualC: number;
  /** Minutes that are usual for what is small, as large as a hand, or a whole pan. House estimates. */
  usualMinutes: Readonly<Record<Size, number>>;
  /** How it is usually done, in so many minutes in all. */
  steps(minutes: number): readonly [CookStep, ...CookStep[]];
  tolerance: Readonly<Record<DoughKind, Tolerance>>;
  /** Steam leaves through the crust or vent while it cooks: g in 100 g of filling, by the form. House estimates. */
  dries: boolean;
  /** Dry heat: what boils inside has no water round it, and looks for a way out. */
  isDry: boolean;
  /** The usual caution at it. */
  caution: string;
}

/** Thin skins over or in boiling water: a dumpling is meant to run a little. */
export const THIN_IN_WATER: Readonly<Record<FillingKind, number>> = { raw: 22, cooked: 12, fruit: 12 };
/** A yeasted crumb round it, steamed or boiled. */
export const BUN_IN_STEAM: Readonly<Record<FillingKind, number>> = { raw: 18, cooked: 8, fruit: 8 };
