/**
 * A line as it is meant to be read: one spelling for each unit, numbers for number words, the first of two ways of saying
 * one amount, packs as `2 x 400 g tin`. What a line says is not changed, only how it is written.
 */
import { withPack } from './pieces';

const NUMBER = '(?:\\d+\\s+\\d+\\/\\d+|\\d+\\/\\d+|\\d*\\s?[½⅓⅔¼¾⅛⅜⅝⅞]|\\d+(?:[.,]\\d+)?)';
const WEIGHT = 'g|kg|ml|cl|dl|l|fl\\.?\\s?oz|oz|lb';
const ANY_UNIT = `${WEIGHT}|cups?|pints?|tbsp|tsp`;

/** Spellings of units that are met, each for the one that is read. */
const UNITS: readonly [RegExp, string][] = [
  [/(?<=[\d½⅓⅔¼¾⅛]\s?)(?:gms?|grms?|grams?|grammes?|gr)\b\.?/gi, ' g'],
  [/(?<=[\d½⅓⅔¼¾⅛]\s?)(?:kgs|kilos?|kilograms?|kilogrammes?)\b\.?/gi, ' kg'],
  [/(?<=[\d½⅓⅔¼¾⅛]\s?)(?:mls?|millilit(?:re|er)s?)\b\.?/gi, ' ml'],
  [/(?<=[\d½⅓⅔¼¾⅛]\s?)(?:lit(?:re|er)s?|ltrs?)\b\.?/gi, ' l'],
  [/(?<=[\d½⅓⅔¼¾⅛]\s?)(?:ozs|ounces?)\b\.?/gi, ' oz'],
  [/(?<=[\d½⅓⅔¼¾⅛]\s?)(?:lbs|pounds?)\b\.?/gi, ' lb'],
  [/\b(?:tblsps?|tbsps|tbps|tbls|tblspns?|tbspns?|table\s?spoons?|tbs)\b\.?/gi, 'tbsp'],
  [/\b(?:tsps|teasps?|tspns?|tea\s?spoons?)\b\.?/gi, 'tsp'],
  [/(?<=(?:[\d½⅓⅔¼¾⅛]|\ban?|\bone|\btwo|\bhalf an?)\s)c\.?(?=\s+[a-z(])/g, 'cup'],
  [/(?<=[\d½⅓⅔¼¾⅛]\s?)(?:dessertspoons?|dsps?)\b\.?/gi, ' dessertspoon'],
];

/** Things to compare a lump with, g. House estimates. */
const SIZES: Readonly<Record<string, number>> = {
  hazelnut: 5,
  walnut: 18,
  'golf ball': 40,
  egg: 50,
  plum: 60,
  lemon: 100,
  fist: 200,
  apple: 150,
};
const SIZED = Object.keys(SIZES).join('|');
const LIKE_A = new RegExp(
  `^(?:an?\\s+|one\\s+)?(${SIZED})[- ]sized?\\s+(?:piece|knob|lump|ball|nugget|chunk)\\s+of\\s+(.+)$`,
  'i',
);
const AS_LARGE = new RegExp(
  `^(?:an?\\s+)?(?:piece|knob|lump|ball)?(?:\\s*of\\s+)?(.+?)\\s+(?:the|about the)\\s+size\\s+of\\s+an?\\s+(${SIZED})(.*)$`,
  'i',
);

const DOZENS: readonly [RegExp, (...of: string[]) => string][] = [
  [/^(?:a\s+)?half\s+a\s+dozen\b/i, () => '6'],
  [/^(?:a\s+)?half[- ]dozen\b/i, () => '6'],
  [/^(two|three|four|five|six|\d+)\s+dozen\b/i, (_all, n) => String(12 * (COUNTS[n.toLowerCase()] ?? Number(n)))],
  [/^(?:a|one|1)\s+dozen\b/i, () => '12'],
  [/^dozen\b/i, () => '12'],
];
const COUNTS: Readonly<Record<string, number>> = { two: 2, three: 3, four: 4, five: 5, six: 6 };

/** `half a 500 g pack`, `1/2 a 200g block`. */
const HALF_PACK = new RegExp(
  `^(half|½|1\\/2|a quarter of|quarter of|¼)\\s+(?:an?\\s+)?(${NUMBER}\\s?(?:${WEIGHT})\\b)`,
  'i',
);
const SHARES: Readonly<Record<string, string>> = { half: '0.5', '½': '0.5', '1/2': '0.5' };

/** `250g/9oz`, `100ml/3½ fl oz`, `500 g or 1 lb 2 oz`: the same amount twice. */
const TWICE = new RegExp(
  `^(${NUMBER}\\s?(?:${ANY_UNIT})\\b\\.?)\\s*(?:\\/|\\||\\bor\\b)\\s*(?:about\\s+)?${NUMBER}\\s?(?:${ANY_UNIT})\\b\\.?(?:\\s+${NUMBER}\\s?(?:oz|g)\\b)?`,
  'i',
);

/** `a 400 g piece of gammon`. */
const ONE_PIECE = new RegExp(
  `^(?:an?|one)\\s+(${NUMBER}\\s?(?:${WEIGHT}))\\s+(?:piece|chunk|slab|joint|fillet|lump|hunk|wedge|portion)\\s+(?:of\\s+)?`,
  'i',
);
/** `seeds from half a pomegranate`, `kernels from 2 ears of corn`. */
const PART_OF_SOME =
  /^(?:the\s+)?(seeds?|leaves|flesh|kernels?|meat|pulp|florets?|tips?|stalks?)\s+(?:of|from|cut from|off)\s+((?:half an?|an?|one|two|three|four|six|\d).+)$/i;

const simply = (text: string): string =>
  text
    .replace(/[\u00a0\u202f\u2009]/g, ' ')
    .replace(/⁄/g, '/')
    .replace(/[“”„]/g, '"')
    .replace(/[‘’]/g, "'")
    .replace(/^[\s•*·▢□☐–—-]+/, '')
    .replace(
      /^(?:about|approx(?:imately|\.)?|circa|ca?\.|roughly|around|generous|good|a good|just under|just over|scant)\s*(?=[\d½¼¾⅓⅔]|an?\s|half\s|one\s|two\s|three\s)/i,
      '',
    )
    .replace(/^c\s+(?=\d)/i, '')
    .replace(
      /^(?:plenty of|lots of|enough|a (?:little )?bit of|some|the rest of the|a generous amount of)\s+(?=[a-z])/i,
      '',
    )
    .replace(/\s+/g, ' ')
    .trim();

/** "Squeeze of lemon": what runs out of it. */
const SQUEEZE_OF =
  /^(?:an?\s+)?(?:(?:good|big|large|little|small)\s+)?squeeze\s+(?:of\s+)?(lemon|lime|orange)s?\b(?:\s+juice)?/i;

/** Rewrites a line. */
export function asRead(text: string): string {
  let line = simply(text).replace(/(\d)\s*-\s*(ounces?|oz|grams?|g|pounds?|lbs?|ml|kg)\b/gi, '$1 $2');
  for (const [pattern, symbol] of UNITS) line = line.replace(pattern, symbol);
  line = line
    .replace(/(\d)(g|kg|ml|l|oz|lb|dl|cl|tbsp|tsp)\b/gi, '$1 $2')
    .replace(/\s+/g, ' ')
    .trim();
  line = line.replace(TWICE, '$1');
  for (const [pattern, made] of DOZENS) line = line.replace(pattern, made);
  const part = HALF_PACK.exec(line);
  if (part) line = `${SHARES[part[1].toLowerCase()] ?? '0.25'} x ${part[2]}${line.slice(part[0].length)}`;
  line = line.replace(SQUEEZE_OF, '1 splash $1 juice');
  line = line.replace(ONE_PIECE, '$1 ').replace(PART_OF_SOME, '$2, $1');
  const like = LIKE_A.exec(line);
  if (like) return `${SIZES[like[1].toLowerCase()]} g ${like[2]}`;
  const large = AS_LARGE.exec(line);
  if (large) return `${SIZES[large[2].toLowerCase()]} g ${large[1]}${large[3]}`;
  return withPack(line);
}
