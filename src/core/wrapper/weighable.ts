/** Amounts as a kitchen scale shows them. */

/** What can be weighed, g: whole grams from 20, halves from 5, tenths from 1, below that twentieths, for a fine scale. */
export function weighable(grams: number): number {
  const step = grams >= 20 ? 1 : grams >= 5 ? 0.5 : grams >= 1 ? 0.1 : 0.05;
  const steps = Math.round(grams / step);
  // A division by a whole number keeps the tenths clean.
  return steps / Math.round(1 / step);
}
