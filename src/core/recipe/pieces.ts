/** Ways of saying how much that are neither number and unit nor a count: an inch of ginger, 1 400 g tin, a heaped spoon. */
import { type Ingredient } from '../food/ingredient';

/** A root as thick as a thumb, g a centimetre. House estimate, of ginger. */
const G_PER_CM = 5;
const CM_PER_INCH = 2.54;
const LENGTH =
  /(?:^|\b)(?<number>[\d½¼¾⅓⅔./ ]+?)?[\s-]*(?<unit>cm|inch(?:es)?|in|")[\s-]*(?:long\s+)?(?:piece|chunk|knob|length|thumb)s?\b/i;
const ROOTS: readonly string[] = ['ginger', 'galangal', 'horseradish', 'turmeric'];
const GLYPHS: Readonly<Record<string, number>> = { '½': 0.5, '¼': 0.25, '¾': 0.75, '⅓': 1 / 3, '⅔': 2 / 3 };

/** Grams of a root measured by its length; null where the line measures otherwise. */
export function lengthIn(line: string, ingredient: Ingredient | null): number | null {
  const found = LENGTH.exec(line)?.groups;
  if (!found || !ingredient || !ROOTS.includes(ingredient.id)) return null;
  const digits = (found.number ?? '1').trim();
  const number = GLYPHS[digits] ?? (digits === '' ? 1 : Number(digits));
  if (!Number.isFinite(number) || number <= 0) return null;
  return Math.round(number * (found.unit === 'cm' ? 1 : CM_PER_INCH) * G_PER_CM * 10) / 10;
}

/** `1 400 g can`, `2 145g tins`, `one (14 oz) can`: so many packs of so much; without it, "1 400" would be a thousand. */
const PACK =
  /^(?<times>\d{1,2}|an?|one|two|three)\s+\(?(?<size>\d{1,4}(?:[.,]\d+)?)[\s-]*(?<unit>g|kg|ml|oz|lb)\)?[\s-]+(?<pack>can|tin|jar|pack|packet|package|pouch|container|tub|carton|bag|block|ball|log|wedge|bottle|box|punnet)s?\b/i;
const NUMBERS: Readonly<Record<string, string>> = { a: '1', an: '1', one: '1', two: '2', three: '3' };

/** Writes packs of so much as `2 x 400 g tin`. */
export function withPack(line: string): string {
  const found = PACK.exec(line);
  if (!found?.groups) return line;
  const { times, size, unit, pack } = found.groups;
  const rest = line.slice(found[0].length);
  return `${NUMBERS[times.toLowerCase()] ?? times} x ${size} ${unit.toLowerCase()} ${pack}${rest}`;
}

/** A spoon or cup that is not level. House estimates. */
const FILLED: readonly [RegExp, number][] = [
  [/\b(?:heaped|heaping|rounded)\s+(?:tbsp|tsp|table|tea|dessert|cup|spoon)/i, 1.5],
  [/\b(?:heaped|heaping|rounded)\s+\w*spoon/i, 1.5],
  [/\bscant\s+(?:tbsp|tsp|table|tea|cup)/i, 0.9],
  [/\bgenerous\s+(?:tbsp|tsp|table|tea|cup|pinch|handful)/i, 1.2],
];

/** How full the spoon is, as a factor. */
export const withScant = (line: string): number => FILLED.find(([pattern]) => pattern.test(line))?.[1] ?? 1;
