/** How long a yeasted dough takes to double. House estimates, tuned by the cook's own "risen after". */
import { type DoughPart } from '../vocabulary/doughs/dough';
import { formulaTotals, OILS, percentOf, SOLID_FATS, YEASTS } from './formula';

/** A lean dough with 1 % of instant yeast at 27 °C doubles in so many minutes. */
const AT_27_C = 70;
const REFERENCE_C = 27;
/** For 10 °C more it rises so many times as fast. */
const Q10 = 2.3;
/** Faster up to here; the same to the next; then slower, and not at all from the last, °C. */
const FASTEST_C = 30;
const SLOWER_ABOVE_C = 36;
const DEAD_C = 46;
/** Where a dough is put to rise sooner: an oven with its light on, °C. House estimate. */
export const WARM_RISE_C = 30;
/** Beyond so much sugar or fat, % of the flour, it takes so many times as long, for each. */
const SUGAR = 8;
const FAT = 15;
const SLOWED = 1.2;
/** Fresh yeast is so many times as much as instant for the same rise (bakers' rule). */
const FRESH = 3;

/** Instant yeast that a formula's yeasts are worth, % of the flour. */
const instantYeast = (parts: readonly DoughPart[]): number => {
  const totals = formulaTotals(parts);
  return percentOf(totals, 'yeast-dried') + percentOf(totals, 'yeast-fresh') / FRESH;
};

export const isYeasted = (parts: readonly DoughPart[]): boolean => percentOf(formulaTotals(parts), ...YEASTS) > 0;

/** How fast yeast works, as a multiple of 27 °C; 0 from 46 °C, and at the freezing point. */
export function yeastRate(doughC: number): number {
  if (doughC <= 0 || doughC >= DEAD_C) return 0;
  const rate = Q10 ** ((Math.min(doughC, FASTEST_C) - REFERENCE_C) / 10);
  return doughC <= SLOWER_ABOVE_C ? rate : (rate * (DEAD_C - doughC)) / (DEAD_C - SLOWER_ABOVE_C);
}

/**
 * Minutes to double; null where it never does.
 * @param doughC temperature of the dough, °C
 */
export function riseMinutes(parts: readonly DoughPart[], doughC: number): number | null {
  const totals = formulaTotals(parts);
  const yeast = instantYeast(parts);
  const rate = yeastRate(doughC);
  if (yeast <= 0 || rate <= 0) return null;
  const slowed =
    (percentOf(totals, 'sugar') > SUGAR ? SLOWED : 1) * (percentOf(totals, ...SOLID_FATS, ...OILS) > FAT ? SLOWED : 1);
  return (AT_27_C / yeast / rate) * slowed;
}
