/** How much of anything is worth offering as a change of moisture, and how it is rounded. House estimates. */

/** Nothing is offered that changes less than this, g, or adds more than this share of the filling. */
export const LEAST_G = 2;
export const MOST_SHARE = 0.25;
/** What most kitchens weigh liquids to, g. */
export const WEIGHABLE = 5;

export const round1 = (value: number): number => Math.max(0, Math.round(value * 10) / 10);

/** g to add, as a kitchen weighs it, and not more than belongs into a filling of that size. */
export const weighable = (grams: number, finishedG: number): number =>
  Math.max(WEIGHABLE, Math.round(Math.min(grams, MOST_SHARE * finishedG) / WEIGHABLE) * WEIGHABLE);
