/** What the first parcels weigh, and how far they differ. */
import { type Lesson } from '../learning/learned';
import { type Weighed } from '../stored/schema';
import { EVERYTHING } from '../vocabulary/learned';
import { type WeighedWhat } from '../vocabulary/weighed';

export interface Weighing {
  what: WeighedWhat;
  /** How many were weighed. */
  count: number;
  meanG: number;
  /** One standard deviation of a parcel against the next, % of the mean; null below three. */
  spreadPercent: number | null;
}

/** Fewer say nothing of the spread. */
export const ENOUGH = 3;

/** The weighings of one kind. @returns null where there are none */
export function weighing(weighed: readonly Weighed[], what: WeighedWhat): Weighing | null {
  const grams = weighed.filter((w) => w.what === what).map((w) => w.grams);
  if (grams.length === 0) return null;
  const meanG = grams.reduce((sum, g) => sum + g, 0) / grams.length;
  const variance = grams.reduce((sum, g) => sum + (g - meanG) ** 2, 0) / Math.max(1, grams.length - 1);
  return {
    what,
    count: grams.length,
    meanG,
    spreadPercent: grams.length >= ENOUGH && meanG > 0 ? (100 * Math.sqrt(variance)) / meanG : null,
  };
}

/** What is taken for the spread before any was weighed, %. House estimate. */
export const USUAL_SPREAD = 8;

/** What the weighings say of how far portions differ here. */
export const spreadLesson = (spreadPercent: number, count: number): Lesson => ({
  what: 'portion-spread',
  of: EVERYTHING,
  estimate: USUAL_SPREAD,
  x: spreadPercent,
  because: `${count} weighed differ by *${Math.round(spreadPercent)} %*.`,
});

/** What one parcel really holds and is wrapped in, g, as far as it was weighed; a part not weighed is what the other leaves. */
export function weighedParcel(
  weighed: readonly Weighed[],
  planned: { portionG: number; skinG: number },
): { portionG: number; skinG: number } | null {
  const [parcel, filling, skin] = (['parcel', 'filling', 'skin'] as const).map((what) => weighing(weighed, what));
  if (filling && skin) return { portionG: filling.meanG, skinG: skin.meanG };
  if (filling) return { portionG: filling.meanG, skinG: parcel ? parcel.meanG - filling.meanG : planned.skinG };
  if (skin) return { portionG: parcel ? parcel.meanG - skin.meanG : planned.portionG, skinG: skin.meanG };
  if (!parcel) return null;
  // Both differ in proportion: nobody knows which.
  const factor = parcel.meanG / (planned.portionG + planned.skinG);
  return { portionG: planned.portionG * factor, skinG: planned.skinG * factor };
}
