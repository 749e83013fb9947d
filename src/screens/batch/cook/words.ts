/** What Cook says: all its sentences in one place, to be read in one go, tested, and translated some day. */
import { formatNumber } from '@/core/units/amount';
import { formatDifference, formatMinutes, formatTemperature } from '@/core/units/format';
import { formatLength, formatSides, type LengthUnit } from '@/core/units/lengths';

// Hot enough, or not.
export const HOT_ENOUGH_MEASURED = 'Hot enough, measured';
export const coldestOf = (lowest: string, count: number, needed: string): string =>
  `*${lowest}* in the coldest of ${count}; ${needed} needed.`;
export const holdsForLoad = (limit: string): string => `It holds for this load. ${limit}`;
export const WHAT_READINGS_ASK = 'What the readings ask for';
export const keepItAt = (needed: string): string => `Keep it at ${needed} or more`;
export const BACK_INTO_HEAT = 'Not hot enough: cook again';
export const COOK_ON = 'Not hot enough: keep cooking';
export const moreThenMeasure = (more: number): string => `${formatMinutes(Math.ceil(more))} more, then measure again`;
export const enoughIfHeld = (lowest: string, holdMinutes: number): string =>
  `*${lowest}* is enough if you hold it for ${formatMinutes(holdMinutes)} by the clock.`;
export const coldestAndNeeded = (lowest: string, needed: string, isOut: boolean, judged: string): string =>
  `*${lowest}* in the coldest; ${needed} needed. ${isOut ? judged : 'Cook it again.'}`;
export const measureAgainNow = (pieces: number): string => `Measure ${pieces} again now.`;
export const loadBackIn = (load: number): string => `Load ${load} is back in: start the clock`;
export const NEVER_HOT_ENOUGH = 'At this heat it will never get hot enough. More heat, fewer at once, or the lid on.';
export const WORKING_OUT_HOW_LONG = 'Working out how much longer …';
export const notWorkedOut = (error: string): string => `How much longer couldn’t be worked out (${error}).`;
export const START_TO_SEE = 'Start the clock to see how much longer.';

// What stands on the screen itself.
export const FROM_FRIDGE = 'from the fridge';
export const WARM_AS_KITCHEN = 'as warm as the kitchen';
export const THEY_GO_IN = 'They go in';
export const PIECES_GO_IN_AT = 'Pieces go in at';
export const AFTER_HEAT = 'After cooking';
export const waterBoilsAt = (c: number, scale: 'C' | 'F'): string =>
  `Water boils at ${formatTemperature(c, scale)} where your kitchen is.`;

// The curve.
export const WORKED_OUT_FROM = 'What it’s worked out from';
export const safeFrom = (targetC: string): string => `safe from ${targetC}, when measured`;
export const cookedThroughFrom = (targetC: string): string => `cooked through from ${targetC}`;
export const HOW_MIDDLE_HEATS = 'How the middle heats';
export const MIDDLE_OF_FILLING = 'middle of the filling';
export const INSIDE_OF_SKIN = 'inside of the skin';
export const forecastReaches = (targetC: string, minutes: number | null): string =>
  `Forecast: ${targetC} after ${minutes === null ? 'more than three hours' : `about ${formatMinutes(minutes)}`}.`;

// Cut through.
export const cutThroughAfter = (
  minute: number,
  coldest: string,
  isHot: boolean,
  limit: string,
  howFar: string,
): string =>
  `Cut through after ${formatMinutes(minute)}, a forecast: ${coldest} in the coldest place${isHot ? '' : `, ${limit} has come ${howFar}`}.`;
export const MINUTES_IN_HEAT = 'Minutes of cooking';
export const afterMinutes = (minute: number, coldest: string, isHot: boolean): string =>
  `After *${formatMinutes(minute)}*: *${coldest}* in the coldest place${isHot ? ', by the forecast: measure' : ''}.`;
export const ALL_THE_WAY = 'all the way';
export const wayToMiddle = (above: number, below: number): string =>
  `${Math.round(100 * (1 - (above - below) / 2))} % of the way to the middle`;

// What it learns.
export const A_USUAL_ONE = 'a usual one';
export const keptFor = (name: string): string => `Kept for “${name}”: the next batch begins there.`;
export const LEAST_SQUARES = 'A least-squares fit to the readings, starting from what is usual (our estimate).';
export const keepThisFor = (name: string): string => `Keep this for “${name}”`;

// The load’s clock.
export const loadOf = (number: number, loads: number): string => `Load ${number} of ${Math.max(loads, number)}`;
export const allWereIn = (count: number): string => `All ${count} have been cooked.`;
export const someWereIn = (count: number, toCome: number): string => `${count - toCome} of ${count} have been cooked.`;
export const IN_THIS_LOAD = 'In this load';
export const startLoadClock = (loads: number, which: string, isAgain: boolean): string =>
  `${loads > 1 ? `${which} is` : 'They are'} ${isAgain ? 'back in' : 'in'}: start the clock`;
export const TELLS_WHEN = 'Tells you when to turn and measure.';
export const loadOnClock = (
  title: string,
  loads: number,
  which: string,
  countdown: string,
  cook: number,
  stepCount: number,
  step: string,
): string =>
  `${title}${loads > 1 ? `, ${which.toLowerCase()}` : ''}: in for ${countdown}; planned ${formatMinutes(cook)}.${stepCount > 1 ? ` Now: ${step}.` : ''}`;
export const CLOCK_SET_BACK = 'This device’s clock was set back. The time counts on from the latest it has shown.';
export const WENT_IN = 'They went in';
export const ARE_OUT = 'They are out';

// The load from above.
export const across = (mm: number, lengths: LengthUnit): string => `${formatLength(mm, lengths, 0)} across`;
export const longByWide = (longMm: number, wideMm: number, lengths: LengthUnit): string =>
  formatSides(longMm, wideMm, lengths);
export const loadFromAbove = (
  name: string,
  size: string,
  here: number,
  piece: string,
  floors: number,
  fits: number,
): string =>
  `${name} from above, ${size}: ${here} ${here === 1 ? 'piece' : 'pieces'} of ${piece} on ${floors > 1 ? 'each floor' : 'it'}, room for ${fits} in all.`;
export const oneOfFloors = (floors: number): string => `, one of ${floors}`;

// Loads.
export const ALL_AT_ONCE = 'all at once';
export const loadsOf = (loads: number, atOnce: number, allMinutes: number): string =>
  `${loads} of ${atOnce}, ${formatMinutes(allMinutes)}`;
export const cookedIn = (name: string, ownedCount: number): string =>
  `Cooked in: ${name}. Its size is set in the Kitchen${ownedCount === 0 ? '; you haven’t added yours yet' : ''}.`;
export const AS_MANY_AS_IT_BEARS = 'As many as it can take';
export const AS_MANY_AS_FIT = 'As many as fit';
export const GAPS_ARE_ESTIMATES = 'Gaps, swelling and what a pot takes are our estimates.';

// Measuring.
export const doneOf = (done: number, needed: number): string => `${Math.min(done, needed)} of ${needed}`;
export const nextOf = (done: number, needed: number): string =>
  `${Math.min(done + 1, Math.max(needed, done + 1))} of ${needed}.`;

// The pot.
export const OIL_IN_POT = 'Oil in the pot';
export const WATER_IN_POT = 'Water in the pot';
export const hobGives = (pot: string, powerW: number, measuredW: number | null): string =>
  `${pot} The hob gives ${formatNumber(powerW, 0)} W to it${measuredW === null ? ' (our estimate)' : ''}.`;
export const AS_IT_IS_SET = 'as it is set';
export const liquidFalls = (medium: 'water' | 'oil', setC: string, lowestC: string): string =>
  `${medium === 'oil' ? 'Oil' : 'Water'}: from ${setC} it falls to ${lowestC}.`;
/** @param k kelvin */
export const withinK = (k: number, scale: 'C' | 'F'): string => `within ${formatDifference(k, scale)}`;

// The hob.
export const HOW_STRONG_IS_HOB = 'How strong is your hob?';
export const hobGivesKept = (powerW: number, name: string): string =>
  `Kept: the hob gives ${formatNumber(powerW, 0)} W to ${name}.`;
export const readItTwice = (medium: 'water' | 'oil', liquidG: number): string =>
  `Full flame, nothing in it but ${medium === 'oil' ? 'the oil' : 'the water'} (${formatNumber(liquidG, 0)} g). Read it twice, some minutes apart.`;
export const hobGivesNow = (powerW: number): string => `The hob gives *${formatNumber(powerW, 0)} W* to it.`;
export const KEEP_FOR_POT = 'Keep it for this pot';

// A thermometer.
export const TAKE_READING = 'Take this reading';
export const PUT_THERMOMETER_AWAY = 'Put the thermometer away';
export const IT_IS_IN = 'It is in';
export const PUSHED_IN_AGAIN = 'Pushed in again';
export const STANDS_STILL = 'It stands still.';
export const PUSH_IN_THEN_TAP = 'Push it in, then tap.';
export const PRACTICE_LAGS = 'It lags, drops out and touches metal, as probes do.';
export const liveFrom = (name: string): string => `Live from “${name}”.`;
export const probeIsSlow = (source: string): string =>
  `${source} Wait for the probe: a thin one takes half a minute, a thick one two.`;

// Readings.
export const roundAndPiece = (round: number, piece: number): string => `Round ${round}, piece ${piece}`;
export const notCounted = (why: string): string => `Not counted. ${why}`;
export const removeReading = (shown: string): string => `Remove the reading ${shown}`;
export const ofOtherLoads = (others: number): string =>
  `${others === 1 ? '1 reading is from another load. It says' : `${others} readings are from other loads. They say`} nothing about this one.`;

// How they differ.
export const WHEN_ALL_HOT = 'When all of them are hot';
export const SKIPPED = 'Skipped. The slowest one’s time is above.';
export const WORKING_OUT_SPREAD = 'Working out how they differ: 27 forecasts, 100 000 draws …';
export const DO_WITHOUT = 'Skip it';
export const DO_WITHOUT_SPREAD = 'Skip how they differ';

// How it’s cooked.
export const AS_IT_LIES = 'as it lies';
export const HOW_IT_IS_COOKED = 'How it’s cooked';
export const yourOwnWay = (label: string): string => `${label}, your own way`;
export const ANOTHER_WAY = 'Another way of cooking';
export const WAY_OF_COOKING = 'Way of cooking';
export const THEN_ANOTHER_STEP = 'Then another step';
export const closeCookedIn = (of: string): string => `Close what it’s cooked in${of}`;
export const changeCookedIn = (of: string): string => `Change what it’s cooked in${of}`;
export const leaveStepOut = (index: number): string => `Leave step ${index + 1} out`;
export const inOnOrUnder = (of: string): string => `In, on or under${of}`;
export const asStepBegins = (of: string): string => `As the step begins${of}`;
export const plannedTime = (of: string): string => `Planned time${of}`;
export const waterInStep = (of: string): string => `Water${of} (leave blank for what’s gone by then)`;
export const starchInStep = (of: string): string => `Starch in it${of}`;
