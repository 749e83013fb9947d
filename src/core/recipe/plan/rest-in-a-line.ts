/**
 * What is behind a list in one line: "puff pastry, 8, baked", "filo, bake 190, 16". The wrapper, the number and the heat, as a
 * note to oneself says them; no food for the filling.
 */

const WRAPPER = /\b(?:pastry|shortcrust|crust|dough|wrappers?|skins?|filo|phyllo|pasta)\b/i;
const HEAT = /\b(?:baked?|boil(?:ed)?|steam(?:ed)?|fr(?:y|ied)|griddled?|oven)\b/i;
const ALONE = /^(?:makes\s+)?\d{1,3}(?:\s+(?:of them|in all|big ones|small ones))?$/i;
const WEIGHED = /\d\s*(?:g|kg|ml|oz|lb|tbsp|tsp|cups?)\b/i;
const MOST_WORDS = 16;

const IMPERATIVE: Readonly<Record<string, string>> = {
  baked: 'bake',
  boiled: 'boil',
  steamed: 'steam',
  fried: 'deep-fry',
  griddled: 'griddle',
};

export interface RestInALine {
  /** What it says of the wrapper and the number, as lines of their own. */
  said: string[];
  /** How it is cooked, as a sentence of a method; null where it does not say. */
  step: string | null;
}

/** Reads such a line; null where it is none. */
export function restInALine(line: string): RestInALine | null {
  const isShort = line.split(' ').length <= MOST_WORDS && !WEIGHED.test(line) && !/^[\d½¼¾]/.test(line);
  if (!isShort || !WRAPPER.test(line)) return null;
  const parts = line.split(/\s*[,;]\s*|\.\s+/).filter((part) => part !== '');
  const numbers = parts.filter((part) => ALONE.test(part));
  if (!HEAT.test(line) && numbers.length === 0) return null;
  const words = parts.filter((part) => !ALONE.test(part));
  const sentence = words
    .join(', ')
    .replace(/\bpan[- ]fried\b/gi, 'pan-fry')
    .replace(
      /\b(?:deep[- ])?(?:baked|boiled|steamed|fried|griddled)\b/gi,
      (word) => IMPERATIVE[word.toLowerCase().replace(/^deep[- ]/, '')],
    );
  return {
    said: [...words, ...numbers.map((part) => (/^makes/i.test(part) ? part : `makes ${part}`))],
    step: HEAT.test(line) ? sentence : null,
  };
}
