/** What Cool says: all its sentences in one place, to be read in one go, tested, and translated some day. */
import { formatGrams, formatMinutes, formatTemperature } from '@/core/units/format';
import { formatLength, type LengthUnit } from '@/core/units/lengths';
import { formatNumber } from '@/core/units/amount';

export const START_CLOCK = 'It’s off the heat: start the clock';
export const CLOCK_IN_SLEEP = 'The clock goes on when the phone sleeps.';
export const ANSWER_FIRST = 'Answer this before you go on';
export const WRAP_NOW = 'Wrap now';
export const NEVER_COLD = 'cold enough as it stands';
export const NOTHING_HOT = 'Lines that go in hot (cook first, simmer, off the heat) cool here before the rest goes in.';
export const ALTERNATIVES_COMING = 'Working out the alternatives …';
export const START_TO_READ =
  'Start the clock, then type what the thermometer says in the warmest place. The curve follows it.';
export const KEPT_HERE = 'Kept. The next forecast for this vessel and place starts from here.';
export const RECORD_MISSED = 'Was it cold in time, and measured? Record the reading below, with the time you took it.';
export const NOT_TAKEN = 'Not taken as a reading.';
export const LOOKING_FOR_SERVER = 'Looking for the server …';

/** Where a thermometer’s signal comes from. */
export const SIGNAL_FROM = {
  bridge: 'From the server’s bridge. It drops out and slips, as probes do.',
  worker: 'In this browser. It drops out and slips, as probes do.',
  probe: 'Live from your probe.',
} as const;

export const waitingFor = (name: string): string => `Waiting for “${name}” to post a reading.`;

export const setBack = (minutes: number): string =>
  `This device’s clock was set back by ${formatMinutes(minutes)}. The time counts on from the latest it has shown. If that’s wrong, change below when it came off the heat.`;

/** @param target as it is shown; @param agoMinutes since when it has been so cold */
export const measuredCold = (title: string, target: string, agoMinutes: number): string =>
  `${title}: measured at or below ${target}${agoMinutes < 1 ? '' : ` ${formatMinutes(Math.round(agoMinutes))} ago. By the curve it still is`}.`;

/** @param at the time of day; null where none can be said */
export const readySince = (at: string | null): string =>
  `Wrap-ready by the forecast${at === null ? '' : ` since ${at}`}`;
export const measureThenWrap = (title: string, target: string): string =>
  `${title}: measure the warmest place. Wrap at ${target} or below.`;
export const leftToReady = (at: string | null): string => `left to wrap-ready${at === null ? '' : `, at ${at}`}`;
export const nowAbout = (title: string, now: string, target: string): string =>
  `${title}: now about ${now} in the warmest place, by the forecast. Wrap-ready is ${target}.`;

/** @param rule in words */
export const timeIsUp = (rule: string): string =>
  `The time is up (${rule}). The forecast says it was cold enough, but it wasn’t measured. Measure it now.`;
export const toTheLimit = (minutes: number, at: string, rule: string): string =>
  `*${formatMinutes(Math.ceil(minutes))}* to the limit at ${at}: ${rule}.`;
export const outSoFar = (minutes: number): string =>
  `Out of the cold so far and as planned: ${formatMinutes(Math.round(minutes))}, wrapping included.`;

export const moveItIn = (minutes: number, place: string): string =>
  `In *${formatMinutes(Math.ceil(minutes))}* move it: ${place}.`;

/** @param coldest as it is shown */
export const earlierRuns = (count: number, lastDay: string, coldest: string): string =>
  `${count === 1 ? 'One earlier cooling' : `${count} earlier coolings, the last`} on ${lastDay}: measured down to ${coldest}. It doesn’t count for the next one.`;

export const missedAgo = (minutes: number): string =>
  `${formatMinutes(minutes)} ago, by readings or, without them, by the forecast.`;
/** @param when how long ago, a whole sentence; empty where its clock is stopped */
export const whatWasDone = (authority: string, when: string): string =>
  `${authority}${when === '' ? '.' : `; ${when}`} Local codes come first. What did you do?`;

export const learnedHere = (times: number): string =>
  `Your kitchen has learned that it cools ${formatNumber(times, 2)} times as fast here as usual.`;
/** @param off by how much, as it is shown */
export const readingsDisagree = (off: string): string =>
  `The readings don’t fit this cooling. They are at least ${off} off. Check the off-heat time, starting temperature and probe.`;
/** @param was how long it was thought to take; @param is by the readings */
export const fittedTo = (readings: number, times: number, was: string, is: string): string =>
  `By ${readings} ${readings === 1 ? 'reading' : 'readings'} it cools *${formatNumber(times, 2)}* times as fast as usual: *${is}* instead of ${was}.`;
export const metWithin = (off: string): string => `Least squares through the readings, which it meets within ${off}.`;

/** @param by how much warmer; @param floor below which it may go in: both as shown */
export const warmsFridge = (by: string, floor: string): string =>
  `So much hot food warms your fridge by about ${by} for a while, and everything in it (our estimate). Let it fall below ${floor} on the counter first, or use ice.`;

/** @param share of the filling, 0 to 1; @param floor as it is shown; @param isPourable it mixes itself */
export const liesOn = (massG: number, share: number, floor: string, isPourable: boolean): string =>
  `${formatGrams(massG)} ${share < 1 ? `(${formatNumber(100 * share, 0)} % of it) ` : ''}on ${floor}. Drag the surface in the drawing, or set the depth.${isPourable ? ' It’s thin enough to mix itself.' : ''}`;
/** @param above as it is shown */
export const restMeanwhile = (above: string): string =>
  `Keep the rest above ${above}, or chill it at once. Take raw halves from the fridge a few at a time while you wrap.`;

export const leftOut = (count: number): string =>
  `${count} more weren’t worked out: so many moves and stirs would take too long.`;

// Its clock.
export const CAME_OFF_HEAT = 'It came off the heat';
export const STOP_CLOCK = 'Stop the clock:';
export const stopClockWith = (label: string): string => `Stop the clock: ${label.toLowerCase()}`;

// Its curve.
export const NOT_WITHIN_DAY = 'not within a day';
export const HOW_IT_COOLS = 'How it cools';
export const coolingFromTo = (fromC: string, toC: string, minute: number, ready: string): string =>
  `Cooling from ${fromC} to ${toC} in ${formatMinutes(minute)}; wrap-ready ${ready}.`;
export const readyBelow = (targetC: string): string => `wrap-ready, ${targetC} and below`;

// A limit that was missed.
export const limitMissed = (of: string): string => `Limit missed${of}`;

// Its place.
export const WHERE_IT_STANDS = 'Where it stands';
export const placeInShort = (place: string, base: string, covered: boolean): string =>
  `${place}, ${base}, ${covered ? 'covered' : 'open'}`;
export const OFF_HEAT_AT = 'Off the heat at';
export const thenPlace = (minutes: number, place: string, base: string): string =>
  `After ${formatMinutes(minutes)}: ${place}, ${base}`;
export const STANDS_ON = 'It stands on';
export const NOW_AND_THEN = 'now and then';
export const ALL_THE_TIME = 'all the time';
export const FIRST_ELSEWHERE = 'First somewhere else';
export const legFor = (number: number): string => `Leg ${number}: for`;
export const takeLegAway = (number: number): string => `Take leg ${number} away`;
export const legPlace = (number: number): string => `Leg ${number}: place`;
export const legOn = (number: number): string => `Leg ${number}: on`;
export const legLid = (number: number): string => `Leg ${number}: lid`;
export const layDeep = (deep: string): string => `It lay ${deep} deep then.`;

// Its readings.
export const WARMEST_NOW = 'Warmest place now';
export const TEMPERATURE_OF_FILLING = 'temperature of a filling';
export const notCounted = (why: string): string => `  Not counted. ${why}`;
export const removeReading = (c: number, scale: 'C' | 'F'): string =>
  `Remove the reading ${formatTemperature(c, scale)}`;
export const KEEP_FOR_PLACE = 'Keep this for this vessel and place';

// A thermometer.
export const TAKE_READING = 'Take this reading';
export const PUT_THERMOMETER_AWAY = 'Put the thermometer away';

// The drawing.
export const vesselInWords = (
  depthMm: number,
  covered: boolean,
  base: 'board' | 'rack' | 'ice' | 'metal',
  stirred: boolean,
  hottest: number,
  isColdBelow: boolean,
  lengths: LengthUnit,
): string =>
  `The filling lies ${formatLength(depthMm, lengths, 0)} deep${covered ? ', covered' : ''}, on ${base}. ${stirred ? 'Stirred, it is one temperature.' : `It stays hottest ${formatLength(hottest * depthMm, lengths, 0)} above the floor and gets coldest ${isColdBelow ? 'at the floor' : 'at the top'}.`}`;

// Its vessel.
export const WHAT_IT_LIES_IN = 'What it lies in';
export const deepIn = (depthMm: number, lengths: 'mm' | 'in', label: string | undefined): string =>
  `${formatLength(depthMm, lengths, 0)} deep, ${label ?? 'by its depth'}`;
export const ITS_FLOOR = 'Its floor (optional)';
export const BY_ITS_DEPTH = 'by its depth';
export const ALL_OF_IT = 'all of it';
export const HALF_NOW = 'half, the rest later';
export const THIRD_AT_A_TIME = 'a third at a time';

// What else one could do.
export const waysFrom = (ways: number, minutes: number): string =>
  `${ways} ${ways === 1 ? 'way' : 'ways'}, from ${formatMinutes(minutes)}`;
export const WHAT_ELSE = 'What else you could do';
export const MINUTES_FROM_NOW = 'Minutes from now';
export const losesSteam = (evaporatedG: number): string => `loses ${Math.round(evaporatedG)} g as steam`;
export const wayInWords = (label: string, minutes: string, inTime: boolean, needs: string, loss: string): string =>
  `${label}: ${minutes}${inTime ? '' : ', too late'}. ${needs}; ${loss}`;
