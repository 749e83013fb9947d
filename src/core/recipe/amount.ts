/** The amount at the beginning of a recipe's line: `1 1/2`, `2–3`, `2 x 400 g`, `half a`, `a`. */
import { parseAmount } from '../units/amount';

export interface LeadingAmount {
  amount: number;
  /** The other end of a range. */
  amountTo: number | null;
  /** Packs of so much each: `2 x 400 g` has 2 here. */
  times: number | null;
  rest: string;
}

const GLYPHS = '½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞';
const NUMBER = `(?:\\d+\\s+\\d+\\s*/\\s*\\d+|\\d+\\s*/\\s*\\d+|\\d+\\s*[${GLYPHS}]|[${GLYPHS}]|\\d{1,3}(?:[ \\u00a0]\\d{3})+(?![\\d/])|\\d+(?:[.,]\\d+)?)`;
const TIMES = new RegExp(`^(\\d+(?:\\.\\d+)?)\\s*[x×]\\s*(?=\\d)`, 'i');
const RANGE = new RegExp(`^(${NUMBER})\\s*(?:-|–|—|to|or)\\s*(${NUMBER})(?![\\d/])`, 'i');
const ONE = new RegExp(`^(${NUMBER})`);

const WORDS: [RegExp, number][] = [
  [/^(?:half an?|half|½ an?)\s+/i, 0.5],
  [/^three quarters of an?\s+/i, 0.75],
  [/^(?:a )?quarter (?:of )?(?:an?\s+)?/i, 0.25],
  [/^(?:one and a half|an? and a half)\s+/i, 1.5],
  [/^(?:two|a couple(?: of)?)\s+/i, 2],
  [/^(?:three|a few|several)\s+/i, 3],
  [/^(?:an?|one)\s+/i, 1],
  [/^four\s+/i, 4],
  [/^seven\s+/i, 7],
  [/^nine\s+/i, 9],
  [/^five\s+/i, 5],
  [/^six\s+/i, 6],
  [/^eight\s+/i, 8],
  [/^ten\s+/i, 10],
  [/^(?:a )?dozen\s+/i, 12],
];

/** Takes the amount off a line; null where it begins with none. */
export function leadingAmount(line: string): LeadingAmount | null {
  const times = TIMES.exec(line);
  const text = times ? line.slice(times[0].length) : line;
  const packs = times ? Number(times[1]) : null;
  const range = RANGE.exec(text);
  if (range) {
    const [low, high] = [parseAmount(range[1]), parseAmount(range[2])];
    if (low !== null && high !== null && high > low) {
      return { amount: low, amountTo: high, times: packs, rest: text.slice(range[0].length).trimStart() };
    }
  }
  const one = ONE.exec(text);
  const amount = one ? parseAmount(one[1]) : null;
  if (one && amount !== null)
    return { amount, amountTo: null, times: packs, rest: text.slice(one[0].length).trimStart() };
  const word = WORDS.find(([pattern]) => pattern.test(text));
  return word ? { amount: word[1], amountTo: null, times: packs, rest: text.replace(word[0], '') } : null;
}
