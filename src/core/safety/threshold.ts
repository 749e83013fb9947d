/**
 * A temperature as its authority writes it, in both scales. The second is the authority's own rounding, not a conversion:
 * 165 °F and 74 °C are the same line of the same chart, and food that is at either of them has met it.
 */
export interface Threshold {
  c: number;
  f: number;
}

/** What a conversion leaves of last digits, °C. Readings are kept to a tenth. */
const ROUNDING = 1e-6;

/** °C of a temperature in °F. */
export const celsiusOf = (f: number): number => ((f - 32) * 5) / 9;

/** At or above it, in either scale. @param c °C */
export const isAtLeast = (c: number, { c: inC, f }: Threshold): boolean => c >= Math.min(inC, celsiusOf(f)) - ROUNDING;

/** At or below it, in either scale. @param c °C */
export const isAtMost = (c: number, { c: inC, f }: Threshold): boolean => c <= Math.max(inC, celsiusOf(f)) + ROUNDING;

/** Above it in both scales. @param c °C */
export const isAbove = (c: number, threshold: Threshold): boolean => !isAtMost(c, threshold);

/** As the authority writes it in a scale: `74 °C`, `165 °F`. */
export const written = ({ c, f }: Threshold, scale: 'C' | 'F'): string => `${scale === 'C' ? c : f} °${scale}`;
