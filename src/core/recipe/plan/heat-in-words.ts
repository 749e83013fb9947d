/** How the parcels are cooked, by the method's own words: the method, how hot, how long, and the stages of it. */
import { LIMITS } from '../../vocabulary/limits';
import { type Method } from '../../vocabulary/methods';
import { step, type CookStep } from '../../vocabulary/media/step';
import { sentencesOf } from './sentences';
import { isShallow, shallowSteps } from './shallow-frying';

export interface HeatInWords {
  method: Method;
  /** °C of oven, oil or plate; null where nothing is said. */
  mediumC: number | null;
  /** In all; null where nothing is said. */
  minutes: number | null;
  /** Where it is said in stages; null where it is all one. */
  steps: CookStep[] | null;
  /** The sentence that says so. */
  words: string;
}

/** Ovens by their mark, °C (British gas marks). */
const GAS_MARK: readonly number[] = [120, 140, 150, 170, 180, 190, 200, 220, 230, 245];
/** A fan oven is set so much lower for the same heat, °C. House estimate. */
const FAN = 20;
/** A parcel floats after about so long, minutes. House estimate. */
const UNTIL_IT_FLOATS = 3;

const SERVING = /\b(?:serve|brush with|drizzle|sprinkle|dust with)\b/i;
const METHODS_SAID: readonly [RegExp, Method][] = [
  [/\b(?:fry|sear|brown|pan[- ]fry)\b[^.]*\b(?:water|slurry)\b[^.]*\b(?:steam|cover|lid)\b|\bpotsticker/i, 'sear'],
  [
    /\bdeep[- ]?(?:fat )?fr(?:y|ied|ying)\b|\bfr(?:y|ied) in (?:plenty of |hot |deep |\d{3}\S* )?(?:oil|fat|lard)\b|\boil (?:at|to|until) \d/i,
    'fry',
  ],
  [/\bsteam(?:ed|er|ing)?\b/i, 'steam'],
  [
    /\b(?:dry[- ]?fry|griddle|dry (?:heavy |hot )?pan|flat pan|on a hot plate|cook in a (?:dry|heavy|hot)[^.]*pan|each side|a side|per side|both sides)\b/i,
    'griddle',
  ],
  [/\b(?:bake|oven|roast)\b/i, 'bake'],
  [
    /\b(?:boil|simmer|poach)\b|\b(?:drop|cook) (?:them )?(?:in|into) (?:salted |boiling |simmering )+water\b|\btill? they float|until they float/i,
    'boil',
  ],
  [/\b(?:shallow[- ]fry|fry|pan[- ]fry)\b/i, 'griddle'],
  // "180°C 45 mins": degrees and a time are an oven's.
  [/\d{3}\s*°?\s*[CF]\b[^.]*\d\s*min/i, 'bake'],
];
const NUMBER = '\\d+(?:[.,]\\d+)?|\\d*½';
const MINUTES = new RegExp(
  `(?:(${NUMBER})\\s*(?:-|–|to)\\s*)?(${NUMBER})\\s*(minutes?|mins?|min\\b|hours?|hrs?|h\\b)`,
  'gi',
);

/** From so many minutes on whole ones are meant. */
const LONG = 10;

const toNumber = (text: string): number =>
  text.endsWith('½') ? Number(text.slice(0, -1) || '0') + 0.5 : Number(text.replace(',', '.'));

/** Every length of time that a text says, minutes: the middle of a span. */
function minutesIn(text: string): { minutes: number; at: number }[] {
  return [...text.matchAll(MINUTES)].map((found) => {
    const [, low, high, unit] = found;
    const factor = /^h/i.test(unit) ? 60 : 1;
    const middle = low === undefined ? toNumber(high) : (toNumber(low) + toNumber(high)) / 2;
    // Nobody times a bake by the half minute.
    const minutes = middle * factor;
    return { minutes: minutes >= LONG ? Math.round(minutes) : minutes, at: found.index };
  });
}

/** The degrees that a text says, °C as of an oven without a fan: the first, and where. */
export function degreesIn(text: string): { c: number; at: number }[] {
  const found: { c: number; at: number }[] = [];
  const add = (c: number, at: number): void => {
    if (c >= 60 && c <= 320 && !found.some((one) => Math.abs(one.at - at) < 4)) found.push({ c: Math.round(c), at });
  };
  for (const m of text.matchAll(/(\d{3})\s*(?:°|º|deg(?:rees)?)?\s*F\b/g)) add(((Number(m[1]) - 32) * 5) / 9, m.index);
  for (const m of text.matchAll(/(\d{2,3})\s*(?:°|º|deg(?:rees)?)?\s*C(?:elsius)?\b(\s*\(?fan\b)?/gi))
    add(Number(m[1]) + (m[2] === undefined ? 0 : FAN), m.index);
  for (const m of text.matchAll(/(\d{3})\s*(?:°|º)(?!\s*[FC])/g)) add(Number(m[1]), m.index);
  for (const m of text.matchAll(/\bgas(?:\s*mark)?\s*(\d)\b/gi)) add(GAS_MARK[Number(m[1])] ?? 0, m.index);
  if (found.length === 0)
    for (const m of text.matchAll(/\b(?:bake|oven|at|in)\b\D{0,12}?(3\d\d|4[0-7]\d)\b(?!\s*(?:g|ml|kg)\b)/gi))
      add(((Number(m[1]) - 32) * 5) / 9, m.index);
  if (found.length === 0)
    for (const m of text.matchAll(/\b(?:at|oven|to|bake)\s+(1[4-9]0|2[0-5]0)\b(?!\s*(?:g|ml|min))/gi))
      add(Number(m[1]), m.index);
  return found.sort((a, b) => a.at - b.at);
}

/** Sentences about the parcels: once they are filled, or the last that heats. */
const FILLS =
  /\b(?:fill|wrap|seal|fold|pleat|crimp|pinch|gather|spoon|roll up|roll out|cut (?:out|\d|rounds|squares)|tip into|line|lay|put a|place|wrapper|parcel|lid|trim)\w*/i;

/** The method that a sentence names. */
function methodSaid(sentence: string): Method | undefined {
  const method = METHODS_SAID.find(([pattern]) => pattern.test(sentence))?.[1];
  return method !== 'sear' && method !== 'bake' && isShallow(sentence) ? 'fry' : method;
}

/** Reads it from the steps. Null where nothing of them heats. */
export function heatInWords(steps: readonly string[]): HeatInWords | null {
  const sentences = sentencesOf(steps);
  const closed = sentences.findIndex((sentence) => FILLS.test(sentence));
  // The last that heats is the parcels'; one that goes on from it belongs to it.
  for (let i = sentences.length - 1; i >= Math.max(0, closed); i--) {
    const sentence = sentences[i];
    const method = methodSaid(sentence);
    if (!method || (SERVING.test(sentence) && minutesIn(sentence).length === 0)) continue;
    const before = sentences[i - 1] ?? '';
    const isGoingOn = /^(?:then|turn|lower|reduce|raise)\b/i.test(sentence) && methodSaid(before) !== undefined;
    const words = isGoingOn ? `${before} ${sentence}` : sentence;
    return heatOf(
      isGoingOn ? (methodSaid(before) ?? method) : method,
      words,
      degreesIn(words)[0] ?? degreesIn(steps.join(' '))[0],
    );
  }
  return null;
}

function heatOf(method: Method, words: string, degrees: { c: number } | undefined): HeatInWords {
  const times = minutesIn(words).filter(
    ({ at }) =>
      !/\b(?:leave|rest|stand|cool|before|rise|prove|proof|wait|soak|chill)\b[^,;.]{0,14}$/i.test(words.slice(0, at)),
  );
  const sides = /\b(?:each|per|a|on both|both) sides?\b/i.test(words) ? 2 : 1;
  const floats = /\bfloat/i.test(words) ? UNTIL_IT_FLOATS : 0;
  const rests = /\b(?:leave|rest|stand)\b/i.test(words) && times.length > 1;
  const staged =
    method === 'bake' &&
    times.length > 1 &&
    /\bthen\b|\bturn (?:it |the oven )?(?:down|up)\b|\blower\b|\breduce\b/i.test(words);
  const total = staged ? times.reduce((sum, one) => sum + one.minutes, 0) : (times[0]?.minutes ?? null);
  const all = degreesIn(words);
  if (method === 'sear' && times.length > 0)
    return {
      ...seared(
        times.map(({ minutes }) => minutes),
        words,
      ),
      words,
    };
  const shallow =
    method === 'fry' && isShallow(words)
      ? shallowSteps(
          words,
          times.map(({ minutes }) => minutes),
          all[0]?.c ?? null,
        )
      : null;
  if (shallow)
    return {
      method,
      mediumC: null,
      minutes: shallow.reduce((sum, one) => sum + one.minutes, 0),
      steps: shallow,
      words,
    };
  const steps =
    staged && degrees
      ? times.map(({ minutes, at }) =>
          step('oven', ([...all].reverse().find((one) => one.at < at) ?? all[0] ?? degrees).c, minutes),
        )
      : null;
  const minutes =
    total === null
      ? floats > 0
        ? 2 * floats
        : null
      : (rests ? times[0].minutes : total) * (staged ? 1 : sides) + floats;
  return {
    method,
    mediumC: method === 'bake' || method === 'fry' ? (degrees?.c ?? null) : null,
    minutes: minutes === null ? null : least(minutes),
    steps,
    words,
  };
}

/** Brown underneath, and the crust crisp again once the water has gone, where no time is said, minutes. House estimates. */
const BROWNS = 2;
const CRISPS = 1;
const HOT_PAN_C = 190;

/** Seared, steamed with so much water, and crisp again. */
function seared(times: readonly number[], words: string): Omit<HeatInWords, 'words'> {
  const [first, second, third] = times;
  const browning = second === undefined ? BROWNS : first;
  const steaming = second ?? first;
  const poured = /(\d{2,3})\s*ml\s+(?:of\s+)?(?:hot |boiling |cold )?water/i.exec(words);
  const steps = [
    step('griddle', HOT_PAN_C, least(browning)),
    step('pan-steam', null, least(steaming), false, { waterG: poured ? Number(poured[1]) : null }),
    step('griddle', HOT_PAN_C, least(third ?? CRISPS)),
  ];
  return { method: 'sear', mediumC: null, minutes: steps.reduce((sum, { minutes }) => sum + minutes, 0), steps };
}
const least = (minutes: number): number =>
  Math.min(LIMITS.cookMinutes.most, Math.max(LIMITS.cookMinutes.least, minutes));
