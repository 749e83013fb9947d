/** What Wrap says: all its sentences in one place, to be read in one go, tested, and translated some day. */
import { formatNumber } from '@/core/units/amount';
import { formatGrams, formatMinutes, formatTemperature } from '@/core/units/format';
import { formatLength, formatSides, lengthFigure, type LengthUnit } from '@/core/units/lengths';

// Filling against dough.
export const RUN_OUT_TOGETHER = 'they run out together';
export const leftOver = (grams: number, what: 'filling' | 'dough'): string =>
  `${formatGrams(grams)} of ${what} left over`;
export const FILLING_IN_EACH = 'Filling in each';
export const SHEETS_OF_EACH = 'Sheets of each';
export const SKIN_OF_EACH = 'Skin of each';
export const FILLING_TO_WRAPPER = 'Filling to wrapper';
export const PIECES_FILLING_MAKES = 'Pieces the filling makes';
export const PIECES_DOUGH_MAKES = 'Pieces the dough makes';
export const doughFor = (count: number): string => `Dough for ${count}`;
export const fillingSharedOver = (count: number): string => `Filling shared over ${count}`;
export const USES_IT_UP = 'uses it up exactly';

// The bench clock.
export const benchForecast = (count: number, seconds: number, isLearned: boolean): string =>
  `${count} at about ${Math.round(seconds)} s each take ${formatMinutes(Math.ceil((count * seconds) / 60))} (${isLearned ? 'your kitchen' : 'our estimate'}).`;
export const START_BENCH_CLOCK = 'The filling is out: start the bench clock';
export const closedOf = (closed: number, count: number): string => `${closed} of ${count}`;
export const paceAndLast = (secondsEach: number | null, lastAt: string): string =>
  `${secondsEach === null ? '' : `${formatNumber(secondsEach, 0)} s each; `}the last at ${lastAt}`;
/** @param before how much of it was before it came here; @param warmth what it has become, null where that’s not known */
export const fillingOut = (minutes: number, before: string, warmth: string | null, isOut: boolean): string =>
  `Filling out *${formatMinutes(Math.floor(minutes))}*${before}${warmth ?? ''}${isOut ? '' : '; it’s in the fridge'}.`;
export const byNowAbout = (middle: string, surface: string): string =>
  `, by now about ${middle} in the middle and ${surface} at its surface`;
export const untilLimit = (leftMinutes: number, limitMinutes: number, authority: string): string =>
  `${formatMinutes(Math.floor(leftMinutes))} until it has been out for ${formatMinutes(limitMinutes)} in all. ${authority}; local codes come first.`;
export const tooSlow = (part: string | undefined, th: number): string =>
  `Too slow to do it all at once: take a ${part ?? `${th}th`} of the rest out at a time.`;
export const assumesFridge = (fillingC: string, deep: string): string =>
  `Assumes it leaves the fridge at ${fillingC}, ${deep} deep in its bowl (our estimate).`;
export const TAKE_LAST_TAP_BACK = 'Not that one: take the last tap back';
export const BACK_INTO_FRIDGE = 'Filling back into the fridge';
export const OUT_OF_FRIDGE_AGAIN = 'Out of the fridge again';
export const STOP_BENCH_CLOCK = 'Stop the bench clock:';
export const stopBenchClockWith = (label: string): string => `Stop the bench clock: ${label.toLowerCase()}`;
export const WAS_FIRST_OUT = 'It was first out';
export const DAMP_CLOTH = 'Skins dry within minutes: keep a damp cloth over those you’re not working on.';
export const beforeItCame = (before: number): string => ` (${formatMinutes(before)} of it before it came here)`;
export const outOfColdFor = (minutes: number): string => `Out of the cold for ${formatMinutes(minutes)} in all`;
export const THROW_AWAY = 'Throw it away.';
export const COOK_CLOSED = 'Cook what is closed now, and don’t keep the rest.';
export const localCodesFirst = (authority: string): string => `${authority}; local codes come first.`;
export const ALL_CLOSED = 'All closed. Cover them, and cook or freeze them.';
export const ONE_MORE_CLOSED = 'One more closed';
export const oneMoreClosedNumber = (closed: number): string => `One more closed: number ${closed + 1}`;
export const trayClosed = (tray: number): string => `A tray of ${tray} closed`;
export const ON_A_TRAY = 'On a tray';
/** @param at as it is shown */
export const freezerTooWarm = (at: string): string => `A freezer at ${at} won’t freeze them hard in a day.`;
export const keepRaw = (minutes: number): string =>
  `To keep them raw, freeze them apart on a tray: they’re hard after about ${formatMinutes(5 * Math.ceil(minutes / 5))}. Then bag them; they keep 2 months.`;

// Dividing the dough.
export const ROUNDS_FROM_SHEET = 'Rounds from a sheet';
export const aSheet = (count: number | undefined): string => `${count ?? 0} a sheet`;
export const piecesOf = (count: number, pieceG: number): string =>
  `${count} of ${formatNumber(pieceG, pieceG < 20 ? 1 : 0)} g`;
export const CUT_LOG = 'Cut the log';
export const logsOf = (
  logs: number,
  logMm: number,
  unit: LengthUnit,
  thickMm: number,
  perLog: number,
  each: string,
  count: number,
): string =>
  `${logs === 1 ? 'One log' : `${logs} logs`} of ${formatLength(logMm, unit)}, ${formatLength(thickMm, unit, 0)} thick: ${perLog} ${perLog === 1 ? 'piece' : 'pieces'} of ${each}${logs * perLog > count ? ` (the last log ${count - (logs - 1) * perLog})` : ''}.`;
export const halveOrBall = (count: number, halvings: number, then: number, ballMm: number, unit: LengthUnit): string =>
  `${count > 1 && halvings > 0 ? `Or halve ${halvings === 1 ? 'once' : `${halvings} times`}${then > 1 ? ` and cut every part in ${then}` : ''}. ` : ''}Rolled into a ball, a piece is ${formatLength(ballMm, unit, 0)} across. Keep the others under a damp cloth.`;
export const cutAt = (marks: readonly string[]): string => `Cut at ${marks.join(', ')}`;
export const CUT_ROUNDS_INSTEAD = 'Cut rounds from a sheet instead';
export const ROLLED_LONG = 'Rolled out long';
export const ROLLED_WIDE = 'Rolled out wide';
export const roundsCut = (
  count: number,
  diameterMm: number,
  lengths: LengthUnit,
  kind: 'square' | 'hexagonal',
  trimmingsShare: number,
  rerolled: number,
  sheetsNeeded: number,
): string =>
  `${count} rounds of ${formatLength(diameterMm, lengths, 0)}, ${kind === 'square' ? 'in rows' : 'in staggered rows'}; ${formatNumber(100 * trimmingsShare, 0)} % trimmings${rerolled > 0 ? `; rolled out once more, they give ${rerolled}` : ''}.${sheetsNeeded > 0 ? ` ${sheetsNeeded === 1 ? 'One sheet' : `${sheetsNeeded} sheets`} in all.` : ''}`;
export const CUTTERS_ARE_KEPT = 'Add your cutters in the Kitchen, and the nearest is named here.';
export const cutterIsRight = (cutterMm: number, lengths: LengthUnit): string =>
  `Your cutter of ${formatLength(cutterMm, lengths)} is just right.`;
export const nearestCutter = (cutterMm: number, lengths: LengthUnit): string =>
  `Your nearest cutter is ${formatLength(cutterMm, lengths)}.`;
export const takeCutter = (cutterMm: number, lengths: LengthUnit): string =>
  `Take the ${formatLength(cutterMm, lengths)} cutter`;
export const ROLL_EVERY_PIECE = 'No sheet: roll every piece';
export const roundsOnSheet = (count: number, w: number, h: number, lengths: LengthUnit): string =>
  `${count} rounds on a sheet of ${formatSides(w, h, lengths)}`;

// The dough.
export const makeIt = (dough: string): string => `Make it ${dough}`;
export const CLOSE_FORMULA = 'Close the formula';
export const CHANGE_FORMULA = 'Change the formula';
export const KEEP_IN_LARDER = 'Keep it in the Larder';
export const doughSum = (count: number, wrapperG: number, spareShare: number, isOverRim: boolean): string =>
  `${count} × ${formatNumber(wrapperG)} g and ${formatNumber(100 * spareShare, 0)} % ${isOverRim ? 'over the rim of the pan' : 'to spare'}`;
export const holdBackWater = (heldBackG: number): string =>
  `hold ${formatGrams(heldBackG)} of it back: add by the spoon until it no longer sticks`;
export const waterTooHot = (wantC: string): string =>
  `A dough of ${wantC} would need water too hot for the flour. Warm the flour or the bowl.`;
export const waterAt = (waterC: string, iceG: number, wantC: string, roomC: string): string =>
  `Water at *${waterC}*${iceG >= 1 ? `, ${formatGrams(iceG)} of it as ice` : ''} gives a dough of ${wantC} in this kitchen (${roomC}), kneaded by hand.`;
export const HAVE_FLOUR = 'I have flour (optional)';
export const DOUGH_AT_HAND = 'Dough at hand (optional)';
export const DOUGH_FROM_MIXING = 'Dough from mixing (optional)';
export const RISES_AT = 'It rises at (optional)';
export const FLOUR_AT_HAND_IN = 'Flour at hand in';
export const cupsOf = (cupMl: number): string => `cups of ${cupMl} ml`;
export const IN_KITCHEN = 'in the kitchen';
export const SLOWLY_IN_FRIDGE = 'slowly in the fridge';
export const doughAndNeed = (doughG: number, verdict: string, neededG: number): string =>
  `${formatGrams(doughG)} of dough: ${verdict}. Needed with what is spare: ${formatGrams(neededG)}.`;
export const SHEETS_IN_PACKET = 'Sheets in the packet';
export const SKINS_IN_PACKET = 'Skins in the packet';
export const PACKET_WEIGHS = 'The packet weighs';
export const SHEET_IS_LONG = 'A sheet is long';
export const SHEET_IS_WIDE = 'A sheet is wide';
export const AT_HAND = 'At hand (optional)';
export const SHEETS_ARE = 'The sheets are';
export const SKINS_ARE = 'The skins are';
export const THAWED = 'thawed, or never frozen';
export const sheetsFor = (pieces: number, isLined: boolean, count: number, packets: number | null): string =>
  `*${pieces}* ${isLined ? 'sheets' : 'skins'} for ${count}${packets === null ? '' : `: ${packets} ${packets === 1 ? 'packet' : 'packets'}`}.`;
export const wait = (lowMinutes: number, highMinutes: number): string =>
  `, wait ${formatMinutes(lowMinutes)} to ${formatMinutes(highMinutes)}`;
export const IN_THIS_ORDER = 'In this order';
export const doughStep = (index: number, what: string, handsOnMinutes: number, wait: string): string =>
  `${index + 1}. ${what}: ${handsOnMinutes > 0 ? `${handsOnMinutes} min of work` : 'no work'}${wait}.`;
export const yeastDoesNothing = (c: number, scale: 'C' | 'F'): string =>
  `At ${formatTemperature(c, scale)} yeast does nothing.`;
export const doubledAfter = (minutes: number, c: number, scale: 'C' | 'F', isLearned: boolean): string =>
  `Doubled after about ${formatMinutes(Math.round(minutes))} at ${formatTemperature(c, scale)} (${isLearned ? 'your kitchen' : 'our estimate'}).`;

// The first three.
export const LEARNED_SPREAD = 'The kitchen has learned how much your portions differ.';
export const FIRST_THREE = 'The first three';
export const WEIGH_THREE = 'Weigh three as you make them: everything after them is corrected.';
export const ON_SCALE = 'On the scale';
export const itWeighs = (plannedG: number): string => `It weighs (planned ${formatNumber(plannedG, 0)})`;
export const weighed = (what: string, grams: number): string => `${what}: ${formatNumber(grams)} g`;
export const takeBack = (grams: number): string => `Take back ${formatNumber(grams)} g`;
export const weighedOnAverage = (
  count: number,
  what: string,
  meanG: number,
  spreadPercent: number | null,
  enough: number,
): string =>
  `${count} weighed: ${what} ${formatNumber(meanG, 1)} g on average${spreadPercent === null ? `; weigh ${enough - count} more to see how much they vary` : `, ± ${formatNumber(spreadPercent, 0)} %`}.`;
export const LET_LEARN_SPREAD = 'Let the kitchen learn this spread';
export const kitchenTakes = (percent: number): string =>
  `Until it learns, the kitchen counts on ± ${percent} % (our estimate).`;
export const takesNow = (percent: number, batches: number): string =>
  `It counts on ± ${formatNumber(percent, 0)} % now, from ${batches} ${batches === 1 ? 'batch' : 'batches'}.`;

// A formula of one’s own.
export const PERCENT_OF_FLOUR = 'percent of flour';
export const GRAMS_AS_WEIGHED = 'grams, as I weighed it';
export const FLOUR_IS_HUNDRED = 'Flour is 100 %. Grams are turned into percent of the flour.';
export const TAKE_GRAMS = 'Take these grams as the formula';
export const ADD_TO_IT = 'Add to it';
export const asMade = (label: string): string => `As ${label} is made`;

// More or less filling.
export const FILLING_IN_BITE = 'filling in the bite';
export const SALT_OF_BITE = 'salt of the bite';
export const OF_WHAT_IT_HOLDS = 'of what it holds';
export const UNTIL_HOT = 'until it is hot';
export const doughForIt = (count: number): string => `dough for ${count}`;
export const MORE_OR_LESS = 'More or less filling';

// Keeping it.
export const isInLarder = (name: string): string => `“${name}” is in the Larder.`;

// Another pan.
export const DEPTH_GIVES = 'the depth: more or less filling';
export const FILLING_GIVES = 'the filling: deeper or shallower';
export const timesFilling = (factor: number, portionG: number, toMm: number, lengths: LengthUnit): string =>
  `${formatNumber(factor, 2)} times the filling: ${formatGrams(portionG)} a pan, ${formatLength(toMm, lengths, 0)} deep as before; about the same minutes.`;
export const sameFilling = (
  portionG: number,
  toMm: number,
  fromMm: number,
  slower: number,
  lengths: LengthUnit,
): string =>
  `The same ${formatGrams(portionG)}, ${formatLength(toMm, lengths, 0)} deep instead of ${lengthFigure(fromMm, lengths, 0)}; about ${formatNumber(slower, 1)} times the minutes to the middle.`;
export const sheetsAPan = (total: number): string => ` ${total} of your sheets a pan.`;
export const DEEPER_THAN_PAN = 'That’s deeper than the pan.';
export const TAKE_THIS_PAN = 'Take this pan';

// The scales.
export const toMakeFor = (count: number): string => `to make, for ${count}`;
export const scalesInWords = (sides: readonly string[], count: number): string =>
  `Scales: ${sides.join('; ')}; ${count} planned`;

// Its measures.
export const ONE_SHEET_THICK = 'One sheet thick';
export const RIM_KEPT_FREE = 'Rim kept free';
export const ONE_PAN_ONE_PIE = 'One pan makes one pie.';

// The drawing.
export const SLICE_CUT_THROUGH = 'a slice, cut through';
export const fillingOf = (portionG: number): string => `filling ${formatNumber(portionG)} g`;
export const spoonAndShare = (spoon: string, sharePercent: number): string => `${spoon}; ${sharePercent} % of the bite`;
export const wrapperOf = (wrapperG: number): string => `${formatGrams(wrapperG)} a piece`;

// What stands on the screen itself.
export const PRINT_LIFE_SIZE = 'Print it at life size';
export const whatIsLeft = (of: 'filling' | 'dough' | 'nothing'): string => `What is left of the ${of}`;
export const afterAbout = (minutes: number): string => `after about ${formatMinutes(Math.max(1, Math.round(minutes)))}`;
export const BUTTER_ON_BENCH = 'Butter on this bench';
export const butterSoftens = (roomC: string, limitC: string, sheetMinutes: string, discMinutes: string): string =>
  `At ${roomC} the rolled sheet is past ${limitC} ${sheetMinutes}, a disc straight from the fridge ${discMinutes}.`;
export const butterAdvice = (advice: string): string =>
  `${advice} Worked out by conduction; the limit and coefficients are our estimates.`;
