/** What stands around the stations of a batch: all its sentences in one place, to be read in one go, tested, and translated some day. */
import { formatTemperature } from '@/core/units/format';

// Adding a food.
export const notSureWhat = (name: string): string => `Not sure what “${name}” is. Tap the one you mean.`;
export const ADD_WHAT_GOES_IN = 'Add what goes in';
export const ADD_FOR_EXAMPLE = 'Add: 150 g leek, sweated';
export const LINE_FOR_EXAMPLE = '150 g leek, sweated';
export const ONE_AT_A_TIME = 'One ingredient at a time. Paste a whole list below.';
export const FROM_LARDER = 'From the Larder';
export const larderHasNot = (name: string): string => `The Larder doesn’t have “${name}”.`;

// The batch itself.
export const deletedInOtherTab = (title: string): string => `“${title}” was deleted in another tab.`;
export const BRING_IT_BACK = 'Bring it back';
export const batchTitle = (mark: '' | 'Rehearsal: ', title: string, label: string): string =>
  `${mark}${title}, ${label} · Involucrum`;
export const BACK_TO_REHEARSALS = 'Back to the rehearsals';
export const BACK_TO_BENCH = 'Back to the Bench';
export const COOK_THIS_NOW = 'Cook this now';

// A check.
export const checkInWords = (headline: string, sign: string, sentence: string): string =>
  `${headline}: ${sign}. ${sentence}`;

// The drawing.
export const FOLD_DRAWING = 'Fold the drawing';
export const UNFOLD_DRAWING = 'Unfold the drawing';

// A food that was found.
export const addFood = (amount: string, name: string): string => `Add ${amount} ${name}`;

// A food that isn’t known.
export const SOMETHING_ELSE = 'Something else: what’s it most like?';
export const whatIsItLike = (name: string): string => `What is ${name} most like?`;
export const isLike = (name: string, food: string): string => `${name} is like ${food.toLowerCase()}`;
export const countsAsThat = (name: string): string =>
  `It counts as that and is kept in your Larder as “${name}”. Add its packet’s figures there.`;

// A reading.
export const cannotBe = (text: string, of: string, likeC: number, scale: 'C' | 'F'): string =>
  `“${text}” can’t be the ${of}. Type one such as ${formatTemperature(likeC, scale)}.`;

// Keys.
export const KEYS_ARE = 'Keys: 1–5 stations, / add a line, z undo.';

// A thermometer.
export const USE_THERMOMETER = 'Use a thermometer';
export const PUT_IT_AWAY = 'Put it away';
export const NO_THERMOMETER =
  'No thermometer is connected. Type above what yours shows, name one that posts here, or practise.';
export const NAME_OF_PROBE = 'Name that the probe posts under';
export const NAME_FOR_EXAMPLE = 'Letters, digits and hyphens, as in pot-1.';
export const PRACTICE_PROBE =
  'Practice probe: not a measurement. What you take from it is marked as practice and counts for nothing.';

// What a rehearsal adds.
export const REHEARSAL_CLOCK = 'The rehearsal’s clock';
export const WHAT_CAN_BE_LOOKED_AT = 'What can be looked at';
