/** What Fill says: all its sentences in one place, to be read in one go, tested, and translated some day. */
import { formatNumber } from '@/core/units/amount';
import { formatGrams, formatMinutes } from '@/core/units/format';
import { inSpoons } from '@/core/units/spoons';

// Binders.
export const thatWouldHold = (binders: number): string => `${binders} that would hold it`;
export const DOSES_EACH = 'Each dose takes up what runs too much. If two go in, both count. Doses are our estimates.';
export const NEEDS_NO_HEAT = 'needs no heat';
export const WEEPS_AFTER_FREEZING = 'weeps after freezing';
export const takeBinder = (grams: number, label: string, spoons: string, needs: string, freezing: string): string =>
  `Take ${formatNumber(grams)} g ${label}: ${spoons}, ${needs}, ${freezing}`;
export const shareOfFilling = (per100: number): string => ` (${formatNumber(per100, 0)} % of the filling)`;
export const binderTraits = (
  needs: string,
  freezing: string,
  allergens: readonly string[],
  isInAlready: boolean,
): string =>
  `${needs}; ${freezing}${allergens.length > 0 ? `; ${allergens.join(', ')}` : ''}${isInAlready ? '; some is in already' : ''}`;
export const gramsOfIngredient = (grams: number, name: string | undefined, ingredientId: string): string =>
  `${formatNumber(grams)} g ${(name ?? ingredientId).toLowerCase()}`;

// Fat.
export const fatInShort = (totalG: number, runs: string, heldG: number): string =>
  `Of ${formatGrams(totalG)} of fat, ${runs} runs, ${formatGrams(heldG)} is taken up and the rest stays in the food.`;
export const whereFatGoes = (totalG: number, renderedG: number, heldG: number, runs: string): string =>
  `${formatGrams(totalG)} of fat: ${formatGrams(totalG - renderedG)} stays in the food${heldG >= 0.5 ? `, ${formatGrams(heldG)} is taken up by flour, crumbs and what’s cut small or mashed` : ''}, ${runs} runs. Our estimate.`;

// What comes of it.
export const finishedFilling = (finishedG: number, allergens: readonly string[]): string =>
  `${formatGrams(finishedG)} of finished filling.${allergens.length > 0 ? ` Contains, with its wrapper: ${allergens.join(', ')}.` : ''}`;
export const PRINT_THE_CARD = 'Print the card';

// A line.
export const countsSalt = (saltG: number): string => `counts ${formatNumber(saltG, 1)} g salt`;
export const NOT_IN_LARDER = 'not in the Larder: what’s it like?';
export const takeTickOff = (name: string): string => `${name} has gone in: take the tick off`;
export const hasGoneIn = (name: string): string => `${name} has gone in`;
export const lineInFull = (name: string, amount: string, state: string): string => `${name}, ${amount}. ${state}`;

// The water.
export const WHERE_WATER_IS = 'Where the water is';
export const broughtIn = (grams: string): string => `${grams} g brought in`;
export const STEAMED_OFF = 'steamed off while cooling';
export const HELD_BY_BINDERS = 'held by binders';
export const HELD_BY_FOOD = 'held by the food';
export const OVEN_TAKES = 'the oven takes';
export const gramsInFinished = (grams: string): string => `grams, in ${grams} g of finished filling`;
export const RUNS_WHILE_COOKING = 'runs while cooking';

// One line, opened.
export const amountOf = (name: string): string => `Amount of ${name.toLowerCase()}`;
export const AMOUNT_IS_WEIGHED = 'The amount is weighed';
export const AS_IT_GOES_IN = 'as it goes in';
export const YOUR_OWN_WORDS = 'Your own words';
export const moveUp = (name: string): string => `Move ${name} up`;
export const moveDown = (name: string): string => `Move ${name} down`;
export const takeOut = (name: string): string => `Take ${name} out`;
export const AND_LET_IT_GO_IN = 'and let it go in';
export const PARTS_APART = 'Each part can then have its own preparation.';
export const SPLIT_THE_LINE = 'Split the line';

// What the method says.
export const CLOSE_METHOD = 'Close the method';
export const WHAT_METHOD_SAYS = 'What the method says';
export const whatMethodSaysOf = (isOpen: boolean, name: string): string =>
  `${isOpen ? 'Close what' : 'What'} the method says of ${name.toLowerCase()}`;
export const METHOD_IS_SILENT = 'The method doesn’t mention it.';

// The pan.
export const ENOUGH_BOILED_OFF = 'enough has boiled off';
export const stopAt = (readsG: number): string => `stop at ${formatGrams(readsG)}`;
export const DRAINED_AND_WEIGHED = 'Drained and weighed';
export const FILLING_IN_PAN = 'the filling in the pan';
export const PAN_AND_FILLING = 'pan and filling';
export const ENOUGH_IS_OFF = 'Enough has boiled off.';
export const stopWeight = (what: string): string => `Stop weight: ${what} should read`;
/** @param pan with its article, as it is shown; @param isSaid that it is an estimate stands below already */
export const toGo = (toGoG: number, minutes: number, heat: string, pan: string, isSaid: boolean): string =>
  `*${formatGrams(toGoG)}* to go, about ${formatMinutes(minutes)} on ${heat} heat in ${pan}${isSaid ? '' : ' (our estimate)'}.`;
export const PAN_NOW = 'Pan with filling now';
export const WEIGH_EMPTY_PAN = 'Weigh the empty pan too. Without it this weight can’t be used.';
export const NOTE_WEIGHT = 'Note this weight';
export const nothingBoiledOff = (expectedG: number, panG: number | null): string =>
  `Everything in, nothing boiled off: ${formatGrams(expectedG)}${panG === null ? ' plus the pan' : ''}.`;
export const boiledOff = (expectedG: number, grams: number): string =>
  `, ${formatGrams(Math.max(0, expectedG - grams))} boiled off`;
export const THIS_ONE_COUNTS = '; this one counts';
export const takeWeighInAway = (grams: number): string => `Take the weigh-in of ${formatGrams(grams)} away`;
export const UNTIL_WEIGHED = 'Until you weigh it, go by';
export const GUESS_IN_GRAMS = 'a guess in grams';
export const PAN_HEAT_MINUTES = 'pan, heat and minutes';
export const BOILING_LID_OFF = 'Boiling, lid off';
export const boiledOffByEstimate = (gPerMinute: number, totalG: number): string =>
  `About ${formatGrams(gPerMinute)} a minute, ${formatGrams(totalG)} in all. Our estimate: a weighing is better.`;

// A recipe that is pasted.
export const PASTE_LIST_OR_RECIPE = 'Paste a list or a recipe';

// What was read in it.
export const LIST_FOR_EXAMPLE = '500 g minced pork\n1½ cups shredded cabbage, salted and squeezed\n2 spring onions';
export const TO_TASTE = 'to taste: 1.1 % of the filling';
export const ONE_A_LINE = 'One ingredient a line, as the recipe has it; its method may follow';
export const readingLines = (done: number, of: number): string =>
  `Reading: ${done} of ${of} ${of === 1 ? 'line' : 'lines'}`;
export const WHAT_WAS_UNDERSTOOD = 'What was understood';
export const andMoreRead = (total: number, shown: number): string => `and ${total - shown} more, read as well`;
export const LEFT_OUT_OF_SUMS = 'Left out of the sums';
export const LEFT_OUT_OF_SUMS_ARE = 'Left out of the sums:';
export const methodSteps = (steps: number): string =>
  `${steps} ${steps === 1 ? 'step' : 'steps'} of the method, kept in the notes.`;
export const moreLinesWait = (lines: number): string =>
  `Put these in first: ${lines} more ${lines === 1 ? 'line waits' : 'lines wait'} here.`;
export const putLinesIn = (lines: number): string => `Put ${lines} ${lines === 1 ? 'line' : 'lines'} in`;
export const byTaste = (text: string): string => `${text} (by taste: 1.1 % of the filling goes in; see Salt)`;
export const notInFilling = (line: string): string => `${line} (not in the filling)`;
export const AS_METHOD_SAYS = 'As the method says';
export const IS_AS_METHOD_SAYS = 'as the method says';
export const IS_NOT_AS_METHOD_SAYS = 'not as the method says';

// Preparations.
export const PREPARATION_TABLE = 'Preparation: what then runs from 100 g of filling, and what it costs';
export const gramsWanting = (dryPer100: number): string => `still takes ${formatNumber(dryPer100, 1)} g`;
export const gramsRun = (freePer100: number): string => `${formatNumber(freePer100, 1)} g run`;
export const preparationInShort = (label: string, free: string, costs: string): string =>
  `${label}: ${free} in 100 g, ${costs}`;
export const MINUTES_AND_GRAMS = 'Minutes and grams are our estimates.';
export const ofWork = (minutes: number): string => `${formatMinutes(minutes)} of work`;
export const ofWaiting = (minutes: number): string => `${formatMinutes(minutes)} of waiting`;

// A spreadsheet.
export const IMPORT_SPREADSHEET = 'Import a spreadsheet';
export const FILE_NOT_READ = 'The file wasn’t read; nothing was changed.';

// A food that isn’t known.
export const whatIsItLike = (name: string): string => `What is ${name} most like?`;
export const isA = (name: string, food: string): string => `${name} is ${food.toLowerCase()}`;
export const isSomethingElse = (name: string): string => `${name} is something else`;

// Scaling.
export const SO_MANY_TIMES = 'a multiple';
export const WHAT_I_HAVE = 'what I have';
export const soMuch = (name: string): string => `How much ${name.toLowerCase()} you have`;
export const A_LITTLE_LESS = 'a little less';
export const scaledTo = (finishedG: number, factor: number): string =>
  `${formatGrams(finishedG)} now, × ${formatNumber(factor, 2)} = ${formatGrams(finishedG * factor)}.`;

// Seasoning.
export const gramsOfSalt = (grams: number, gPerTsp: number, label: string): string =>
  `${formatGrams(grams)} salt (${inSpoons((5 * grams) / gPerTsp)}, ${label})`;
export const KITCHEN_HAS_LEARNED = 'Your kitchen has learned from this tasting.';
export const SEASON_BY_TASTE = 'Season by taste';
export const SALT_GOES_IN = 'The salt goes in';
export const ALL_AT_ONCE = 'all at once';
export const HOLD_BACK_THIRD = 'hold back a third';
export const firstThenHoldBack = (nowG: string, backG: number): string =>
  `First *${nowG}*; hold back ${formatGrams(backG)}.`;
export const COOK_A_TEASPOON = 'Cook a teaspoonful and taste that';
export const teaspoonHas = (saltPercent: number): string =>
  `  (${formatNumber(saltPercent, 2)} % salt; never taste raw meat, fish or egg)`;
export const yourTarget = (targetPercent: number, isSaid: boolean): string =>
  `Your own target is ${formatNumber(targetPercent, 2)} %${isSaid ? ', and this tasting is in it' : ''}. Steps are our estimates.`;
export const LET_KITCHEN_LEARN = 'Let the kitchen learn from it';
export const tastedAt = (saltPercent: number, verdict: string): string =>
  `Tasted at ${formatNumber(saltPercent, 2)} %: ${verdict}.`;
export const addNoMore = (tasted: string): string => `${tasted} *Add no more.*`;
export const addNow = (tasted: string, salt: string): string => `${tasted} Add *${salt}* now.`;
export const stretchIt = (tasted: string): string =>
  `${tasted} Add no more; *stretch it* with something unsalted, or salt the wrapper less.`;

// Stages.
export const tickedOf = (ticked: number, of: number): string => `${ticked} of ${of} in`;
export const NOT_OVER_YET = 'Not over yet';
export const STAGE_IS_OVER = 'Stage is over';

// Swapping a food.
export const FROM_LARDER = 'From the Larder';
export const larderHasNone = (text: string): string => `The Larder has nothing called “${text}”.`;
export const WATER_BROUGHT = 'Water brought in, g';
export const LOOSE_LIQUID_PER100 = 'Loose liquid, g per 100 g';
export const STILL_TAKES_PER100 = 'Still takes, g per 100 g';
export const FAT_PER100 = 'Fat, g per 100 g';
export const bringsAllergens = (allergens: readonly string[]): string =>
  `Brings in allergens: ${allergens.join(', ')}.`;
export const losesAllergens = (allergens: readonly string[]): string => `No longer contains: ${allergens.join(', ')}.`;
export const SAME_ALLERGENS = 'The same allergens as before.';

// What can go wrong.
export const listNotRead = (error: string): string => `The list couldn’t be read (${error}). It’s still here.`;
export const methodNotRead = (error: string): string => `The ingredients were read, the method wasn’t (${error}).`;
