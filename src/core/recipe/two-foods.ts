/** Two foods in one line become two lines: "salt and pepper", "zest and juice of 1 lemon", "pork mince and prawns, 200 g each". */
import { type OwnIngredient } from '../food/own-ingredient';
import { findIngredient } from '../food/search';
import { leadingAmount } from './amount';
import { matchIngredient } from './match';

const CITRUS =
  /^(?<before>.*?)\b(?<first>zest|rind|juice)\s+(?:and|&|\+)\s+(?:the\s+)?(?:finely\s+)?(?:grated\s+)?(?<second>zest|rind|juice)\s+(?:of|from)\s+(?<of>.+)$/i;
const CITRUS_AFTER =
  /^(?<of>(?:[\d½¼¾./ ]+|an?\s+|half\s+an?\s+).*?\b(?:lemon|lime|orange)s?)\b,?\s+(?:finely\s+grated\s+)?(?<first>zest|rind|juice)\s+(?:and|&|\+)\s+(?<second>zest|rind|juice)(?:d)?\b/i;
/** What is stirred into the other: "potato starch mixed with 2 tbsp water". */
const MIXED_WITH =
  /^(?<first>.+?),?\s+(?:mixed|slaked|blended|stirred|dissolved|whisked|soaked|moistened)\s+(?:with|in|into)\s+(?<second>[\d½¼¾⅓⅔].+)$/i;
/** "1 onion, chopped and fried in 2 tbsp oil": how it is treated stays with it. */
const COOKED_IN =
  /^(?<first>.+?\b(?:braised|fried|softened|sweated|cooked|simmered|stewed|browned|poached|roasted)(?:\s+\w+){0,2}?)\s+(?:with|in)\s+(?<second>[\d½¼¾⅓⅔].+)$/i;
/** "2 onions, fried (50 g butter)". */
const IN_PARENTHESES =
  /^(?<first>.+?)\s*\((?:in\s+|with\s+)?(?<second>[\d½¼¾⅓⅔][\d½¼¾⅓⅔./ ]*\s*(?:g|ml|tbsp|tsp)\s+(?:of\s+)?[a-z][a-z ]+)\)\s*$/i;
/** A second food with an amount of its own: "2 tbsp soy sauce, 1 tsp sesame oil". */
const AND_ITS_AMOUNT =
  /^(?<first>(?:[\d½¼¾⅓⅔]|an?\s|one\s|two\s|half\s).+?)\s*(?:,|;|\+|&|\band\b)\s*(?<second>[\d½¼¾⅓⅔][\d½¼¾⅓⅔./ ]*\s*(?:g|kg|ml|l|oz|lb|tsp|tbsp|teaspoons?|tablespoons?|cups?)\s+(?!(?:of\s+)?(?:each|more|extra)\b)[a-z].+)$/i;
const EACH = /,?\s*\(?(?<amount>[\d½¼¾./]+\s*[a-z]*)\s+(?:of\s+)?each\)?\s*$/i;
const EACH_FIRST =
  /^(?<amount>.*?\b(?:tsp|tbsp|teaspoons?|tablespoons?|g|ml|cups?|pinch(?:es)?))\s+each\s+(?:of\s+)?(?<rest>.+)$/i;
const AND = /\s+(?:and|&|\+)\s+/i;

/** The texts of the foods that a line names: one, or two. */
export function foodsIn(text: string, own: readonly OwnIngredient[] = []): string[] {
  const citrus = (CITRUS.exec(text) ?? CITRUS_AFTER.exec(text))?.groups;
  if (citrus) {
    const { first, second, of, before = '' } = citrus;
    return [`${before}${first} of ${of}`, `${second} of ${of}`].map((part) => part.trim());
  }
  const both = AND_ITS_AMOUNT.exec(text)?.groups;
  if (both && [both.first, both.second].every((part) => isFood(part, own)))
    return [...foodsIn(both.first, own), ...foodsIn(both.second, own)];
  const several = severalIn(text, own);
  if (several) return several;
  const mixed = (MIXED_WITH.exec(text) ?? COOKED_IN.exec(text))?.groups;
  if (mixed) return [mixed.first, ...foodsIn(mixed.second, own)];
  const beside = IN_PARENTHESES.exec(text)?.groups;
  if (beside && findIngredient(leadingAmount(beside.second)?.rest.replace(/^\S+\s+(?:of\s+)?/, '') ?? '', own))
    return [beside.first, beside.second];
  return pair(text, own) ?? [text];
}

/** Both sides of an "and", where each is a food by itself and the whole is not one. */
function pair(text: string, own: readonly OwnIngredient[]): string[] | null {
  const each = EACH.exec(text);
  const eachFirst = each ? null : EACH_FIRST.exec(text);
  const shared = each?.groups?.amount ?? eachFirst?.groups?.amount ?? null;
  const rest = each ? text.slice(0, each.index) : (eachFirst?.groups?.rest ?? text);
  const named = rest.split(/[,;(]/)[0];
  if (!AND.test(named)) return null;
  const leading = leadingAmount(named);
  const called = (leading?.rest ?? named).trim();
  const isOne = findIngredient(called, own) !== undefined || /\bmince\b/i.test(called.split(AND).at(-1) ?? '');
  const [first, second, ...more] = called.split(AND);
  if (isOne || second === undefined || more.length > 0) return null;
  if (!isFood(first, own) || !isFood(second, own)) return null;
  if (shared !== null) return [`${shared} ${first}`, `${shared} ${second}`];
  const amount = named.slice(0, named.length - called.length);
  // "500 g beef and pork": of both together; half of each is a guess that nobody should make.
  if (amount.trim() !== '' && leadingAmount(second) === null)
    return /^(?:a |\d*\s*)?(?:pinch|little|some)/i.test(amount) ? [`${amount}${first}`, `${amount}${second}`] : null;
  return [`${amount}${first}`, second];
}

/** "1 onion, 1 carrot, 1 stick celery, all diced": each with an amount of its own; what is said at the end is said of all. */
function severalIn(text: string, own: readonly OwnIngredient[]): string[] | null {
  const parts = text.split(/,\s*(?:and\s+)?/i);
  const counted = parts.filter((part) => leadingAmount(part) !== null);
  if (counted.length < 3 || !counted.every((part) => isFood(part, own))) return null;
  const rest = parts.filter((part) => !counted.includes(part)).join(', ');
  return counted.map((part) => (rest === '' ? part : `${part}, ${rest.replace(/^(?:all|both|each)\s+/i, '')}`));
}

/** Whether a part of a line names something of the larder. */
function isFood(part: string, own: readonly OwnIngredient[]): boolean {
  const inner = leadingAmount(part)?.rest ?? part;
  return matchIngredient(withoutMeasure(inner), own).ingredient !== null;
}

const withoutMeasure = (text: string): string =>
  text.replace(
    /^(?:g|kg|ml|l|tsp|tbsp|teaspoons?|tablespoons?|cups?|cloves?|pinch(?:es)?|handfuls?|slices?|sticks?)\s+(?:of\s+)?/i,
    '',
  );
