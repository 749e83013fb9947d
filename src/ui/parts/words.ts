/** What the common parts say: fields, checks, gauges and the water line. */
import { formatNumber } from '@/core/units/amount';

export const NEEDS_NUMBER = 'Needs a number; the last one is kept.';
export const TYPE_A_NUMBER = 'Type a number, such as 1½.';
export const NEEDS_WHOLE = 'Needs a whole number.';
export const atLeast = (least: string, unit: string): string => `At least ${least} ${unit}.`;
export const atMost = (most: string, unit: string): string => `At most ${most} ${unit}.`;

export const TRYING_OUT = 'Trying out what would help …';
export const moreWaysFirst = (more: number, headline: string): string =>
  `${more} more ${more === 1 ? 'way' : 'ways'} to mend it: ${headline}`;
export const moreWays = (more: number): string => `${more} more ${more === 1 ? 'way' : 'ways'} to mend it`;
export const effectInWords = (
  label: string,
  effect: string,
  hasUnit: boolean,
  unit: string,
  but: string | null,
): string => `${label}: ${effect} ${hasUnit ? '' : unit}${but === null ? '' : `; ${but}`}`;

export const BEING_WORKED_OUT = 'being worked out';
export const NOTHING_IN_IT = 'nothing in it yet';

export const notKeptYet = (standing: string): string => `Not kept yet. ${standing}`;

export const gaugeInWords = (label: string, figure: string, isPlain: boolean, unit: string, word: string): string =>
  `${label}: ${figure}${isPlain ? unit : ''}, ${word}`;

export const figureAndWord = (figure: string, word: string): string => `${figure}: ${word}`;

export const WHILE_YOU_FILL = 'While you fill';
export const gramsLoose = (grams: string): string => `${grams} g loose`;
export const gramsRun = (grams: string): string => `${grams} g run`;
export const stillTakes = (grams: string): string => `still takes ${grams} g`;
export const STARCH_AGAINST = 'Starch against its liquid';
export const NOTHING_TO_SEAL = 'nothing to seal';
export const A_BIT_DRY = 'a bit dry';

export const NEEDS_LETTERS = 'Needs a few letters.';

export const waterBroughtIn = (cookedOffBy: 'weighing' | 'estimate'): string =>
  `Water brought in${cookedOffBy === 'weighing' ? ', pan weighed' : ''}`;
export const whereFrom = (what: string, grams: number): string =>
  `Where ${what}, ${formatNumber(grams, 0)} grams, comes from`;
export const OVEN_TAKES = 'the oven takes';
export const JELLY_UNTIL_HOT = 'jelly until it is hot';
export const WHERE_IT_COMES_FROM = 'Where it comes from';
export const waterInWords = (broughtIn: number, shares: readonly string[]): string =>
  `Of ${Math.round(broughtIn)} grams of water brought in: ${shares.join(', ')}.`;

/** A figure that is only estimated, where it is said once for several. */
export const estimated = (figure: string): string => `≈ ${figure}`;
export const MARKED_ESTIMATES = '≈ our estimate';
