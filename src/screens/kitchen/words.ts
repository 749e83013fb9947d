/** What Kitchen says: all its sentences in one place, to be read in one go, tested, and translated some day. */
import { formatNumber } from '@/core/units/amount';
import { formatTemperature } from '@/core/units/format';
import { formatArea, formatLength, type LengthUnit } from '@/core/units/lengths';

// What you cook in.
export const alsoDeep = (deepMm: number, lengths: LengthUnit): string => `, ${formatLength(deepMm, lengths, 0)} deep`;
export const FIRST_OF_KIND = 'A batch that names none takes the first of its kind. Inside measures.';
export const takeAway = (name: string): string => `Take ${name} away`;
export const heatsSo = (label: string, heat: string, on: string): string => `${label}: ${heat} On ${on}.`;
export const resetHeats = (name: string, label: string): string => `Reset how ${name} heats: ${label}`;
export const ADD_APPLIANCE = 'Add a tray, pan, pot or steamer';
export const IS_A = 'It is a';
export const TRAYS_AT_ONCE = 'Trays at once';
export const hobGives = (usualPowerW: number): string => `The hob gives (empty: ${usualPowerW}, our estimate)`;

export const things = (count: number, what: string): string => `${count} ${what}${count === 1 ? '' : 's'}`;

// Cutters and scoops.
export const ROUND_CUTTERS = 'Round cutters, and glasses or bowls you cut with: Wrap names the nearest.';
export const SCOOPS = 'Level scoops, beside the measuring spoons: Wrap says how many make a portion.';
export const takeToolAway = (what: string, value: string): string => `Take the ${what} of ${value} away`;
export const toolOf = (what: string): string => `A ${what} of`;
export const addTool = (what: string): string => `Add the ${what}`;

// Erasing.
export const nothingErased = (error: string): string => `Nothing was erased: ${error}`;
export const EVERYTHING_ERASED = 'Everything is erased.';
export const BRING_IT_BACK = 'Bring it back';
export const EVERYTHING_GOES =
  'This deletes every batch, day, photograph and setting in this browser. Save them as a file first.';
export const SAVE_ONCE_MORE = 'Save it once more';
export const SAVE_EVERYTHING = 'Save everything as a file';
export const LOOK_FOR_FILE = 'Look for “kitchen-….json” in your downloads. Open it here, and everything is back.';
export const ERASE_EVERYTHING = 'I have the file: erase everything';

// The thermometer in ice water.
/** @param freezing as it is shown */
export const notTriedInIce = (freezing: string): string =>
  `Not tried yet. A good one shows ${freezing} in ice water; what yours shows instead is taken off every reading.`;
/** @param correction what is taken off, a whole sentence; null where nothing is */
export const inIceWater = (day: string, showed: string, correction: string | null, isDue: boolean): string =>
  `In ice water on ${day} it showed ${showed}. ${correction ?? 'Nothing is taken off.'}${isDue ? ' That was a while ago: try it again.' : ''}`;
export const GLASS_OF_ICE =
  'Fill a glass with crushed ice, top it up with water and stir. Hold the tip in the middle for a minute, touching nothing.';
export const SO_FAR_OFF =
  'That far off, it’s broken or there’s too little ice: stir, wait, read again. A new one is better than a large correction.';
export const KEEP_ICE_READING = 'Keep what it shows in ice water';
export const TRY_IN_ICE = 'Try it in ice water';
export const RESET_CORRECTION = 'Reset the correction';

// What stands on the screen itself.
export const KEPT_AS_YOU_CHANGE = 'Settings are kept as you change them.';
export const WHAT_YOU_COOK_IN = 'What you cook in';
export const TOP_AND_BOTTOM = 'top and bottom heat';
export const CUTTERS_AND_SCOOPS = 'Cutters and scoops';
export const NOT_TRIED_YET = 'not tried yet';
export const TRIED_IN_ICE = 'tried in ice water';
export const WHAT_IT_LEARNED = 'What this kitchen has learned';
export const IN_THIS_BROWSER = 'in this browser only';
export const SALT_AND_SPOONS = 'Salt and spoons';
export const saltInShort = (label: string, percent: number, cupMl: number): string =>
  `${label}, ${formatNumber(percent)} %, ${cupMl} ml`;
export const teaspoonWeighs = (gPerTsp: number): string =>
  `A level teaspoon of it weighs ${gPerTsp} g (our estimate): weigh yours.`;
export const SALT_YOU_AIM_FOR = 'Salt you aim for in a filling';
export const WARM_AND_COLD = 'Warm and cold';
export const roomAndFridge = (roomC: number, scale: 'C' | 'F', fridgeC: number): string =>
  `room ${formatTemperature(roomC, scale)}, fridge ${formatTemperature(fridgeC, scale)}`;
export const ICE_YOU_HAVE = 'Ice you have';
export const BY_THE_FILLING = 'by the filling';
export const BY_FILLING_MEANS =
  '“By the filling” takes the stuffed-food rule when meat, fish or egg goes in raw, and the home chart otherwise. Local codes and licensed practice come first.';

// What it has learned.
export const LEARNED_NOTHING =
  'Nothing yet. Weigh, read and note. Each batch says what it can teach, and you decide whether to keep it.';
export const beginsAsEstimate = (prior: number): string =>
  `Each starts as our estimate and counts as ${prior} batches, so the first few move it little. Food-safety limits never learn.`;
export const NO_LONGER_USED = 'No longer used';
export const JUDGED_DIFFERENTLY = 'Moisture is judged differently now. These learned figures are no longer used:';
export const NOTES_TEACH_AGAIN = 'Your notes teach it again.';
export const I_HAVE_READ_IT = 'I have read it';
export const backToEstimate = (label: string): string => `Back to our estimate: ${label}.`;
export const estimateAndFrom = (estimate: string, from: string, isFrozen: boolean): string =>
  `Our estimate ${estimate}; from ${from}${isFrozen ? '; kept fixed' : ''}.`;
export const CLOSE_REASONS = 'Close the reasons';
export const LEARN_AGAIN = 'Let it learn again';
export const EARLIER_BATCH = 'An earlier batch';
export const reasonInWords = (title: string, at: string, reason: string): string => `${title}, ${at}: ${reason}`;

// Units and look.
export const AS_YOU_WROTE = 'as you wrote them';
export const CUPS_AND_SPOONS = 'cups and spoons';
export const UNITS_AND_LOOK = 'Units and look';
export const unitsInShort = (temperature: 'C' | 'F', lengths: 'mm' | 'in', hours: number): string =>
  `°${temperature}, ${lengths}, ${hours} h`;
export const TIMES_OF_DAY = 'Times of day';
export const AS_THE_DEVICE = 'as the device';

// Vessels to cool in.
export const areaAndDepth = (areaCm2: number, deepMm: number, lengths: LengthUnit): string =>
  `${formatArea(areaCm2, lengths)}, ${formatLength(deepMm, lengths, 0)} deep`;
export const takeVesselAway = (name: string, areaCm2: number, lengths: LengthUnit): string =>
  `Take the ${name} of ${formatArea(areaCm2, lengths)} away`;
export const NO_VESSELS = 'None yet. Add your trays, and Cool suggests how to spread the filling over them.';
export const ADD_VESSEL = 'Add a vessel';
export const VESSEL_FOR_EXAMPLE = 'big blue tray';
export const ofFloor = (areaCm2: number, lengths: LengthUnit): string => `${formatArea(areaCm2, lengths)} of floor.`;

// Your data.
export const notSaved = (error: string): string => `Not saved: ${error}`;
export const IN_BROWSER_ONLY =
  'Everything is kept in this browser only. Save it as a file now and then, and keep that elsewhere.';
export const SAVE_WHOLE_KITCHEN = 'Save the whole kitchen as a file';
export const OPEN_KITCHEN_FILE = 'Open a kitchen’s file';
export const READING_FILE = 'Reading the file …';
export const DEMO_AGAIN = 'Put the demo batches back';
export const OWN_BATCHES_STAY =
  'Your own batches stay as they are; a demo batch you’ve changed gets a fresh one beside it.';
export const HOW_FULL = 'How full the store is';
export const roomTaken = (used: string, room: string): string => `*${used}* of about ${room} is used.`;
export const NEARLY_FULL = 'It’s nearly full. Save finished batches to a file, or delete photographs.';
export const recordsOf = (what: string, size: string, count: number): string =>
  `${what}: ${size}, ${count} ${count === 1 ? 'record' : 'records'}`;
export const batchesInFile = (batches: number): string =>
  `${batches === 1 ? 'One batch is' : `${batches} batches are`} in your file, and no longer here.`;
export const BRING_THEM_BACK = 'Bring them back';
export const archiveDone = (done: number): string =>
  `Archive what is done: ${done} ${done === 1 ? 'batch' : 'batches'} into a file`;
export const LOOK_FOR_ARCHIVE = 'Look for “archive.json” in your downloads. You can open it here or on the Bench.';
export const TAKE_THEM_AWAY = 'I have the file: take them away here';
