/** Frying in a finger of oil, open or under a lid: each side by itself. */
import { LIMITS } from '../../vocabulary/limits';
import { MEDIA } from '../../vocabulary/media';
import { step, type CookStep } from '../../vocabulary/media/step';

const SHALLOW =
  /\bshallow[- ]?(?:fr(?:y|ies|ied|ying)|oil)\b|\b(?:finger|(?:\d+(?:[.,]\d+)?|½)\s*(?:cm|mm|inch(?:es)?)|half an inch|a centimetre) (?:deep )?of (?:hot )?(?:oil|fat)\b/i;
const COVERED =
  /\b(?:(?:with )?(?:the|a) lid on|lid on|under (?:a|the|its) lid|cover(?:ed)?(?! with foil)|put (?:a|the) lid)\b/i;
const IN_OIL = /\bfr(?:y|ied|ying)\b[^.]*\b(?:oil|fat)\b|\b(?:oil|fat)\b[^.]*\bfr(?:y|ied|ying)\b/i;

/** The words fry in shallow oil; what is fried under a lid is, too. */
export const isShallow = (words: string): boolean => SHALLOW.test(words) || (COVERED.test(words) && IN_OIL.test(words));

/** No step of a plan is shorter. */
const atLeast = (minutes: number): number => Math.max(LIMITS.cookMinutes.least, minutes);

/**
 * Its steps.
 * @param times minutes that are said, in order; one, each side or in all; two, one for each side
 * @param setC of the oil, where it is said
 * @returns null where no time is said
 */
export function shallowSteps(words: string, times: readonly number[], setC: number | null): CookStep[] | null {
  const [first, second] = times;
  if (first === undefined) return null;
  const medium = COVERED.test(words) ? 'shallow-lid' : 'shallow-oil';
  const isASide = /\b(?:each|per|a|on both|both) sides?\b/i.test(words);
  const [one, other] = second !== undefined ? [first, second] : isASide ? [first, first] : [first / 2, first / 2];
  const c = setC ?? MEDIA[medium].usualC;
  return [step(medium, c, atLeast(one)), step(medium, c, atLeast(other), true)];
}
