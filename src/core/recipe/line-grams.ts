/** Grams of a line as it means them: units, spoons, things counted, tins that are drained. */
import { cutInWords, densityOf } from '../food/densities';
import { type Ingredient, isSalt } from '../food/ingredient';
import { SALT_KINDS } from '../vocabulary/salt-kinds';
import { convert } from '../units/units';
import { leadingAmount } from './amount';
import { type Measure, parseMeasure } from './measures';
import { asRead } from './written';
import { UNDRAINED } from './undrained';

const WEIGHTS: readonly string[] = ['g', 'kg', 'oz', 'lb'];
/** How large one of it is: after the number, or apart as in "3 onions, large"; "cut into small dice" says nothing of it. */
const SIZES: [words: string, factor: number][] = [
  ['extra[- ]large|very large|jumbo|giant', 1.4],
  ['large|big|fat|lg', 1.25],
  ['small|little|baby|mini|sm', 0.7],
];
const NUMBERED = '^[^a-z]*(?:an?\\s+|one\\s+|two\\s+|three\\s+|half an?\\s+)?(?:good\\s+)?';
const SIZED: readonly [RegExp, RegExp, number][] = SIZES.map(([words, factor]) => [
  new RegExp(`${NUMBERED}(?:${words})\\b`, 'i'),
  new RegExp(`[,(]\\s*(?:${words})(?: ones?)?\\s*(?:[,)]|$)`, 'i'),
  factor,
]);
const sizeIn = (line: string): number => SIZED.find(([front, apart]) => front.test(line) || apart.test(line))?.[2] ?? 1;

/** Drained, a tin gives about this share of the weight on it. House estimate. */
const DRAINED_SHARE = 0.6;
const USUAL_TIN = { least: 350, most: 450 };
/** "198 g, drained (165 g)", "drained weight 240 g": what is left is said. */
const SAYS_DRAINED = /\bdrained(?:\s+weight)?:?\s*(?:about\s*)?\(?\s*\d|\d\s*(?:g|oz)\s+drained(?: weight)?\b/i;

/** Kosher salt, g in a 5 ml spoon: between its two makings, 2.8 and 4.8. House estimate. */
const KOSHER_G_PER_TSP = 4;
/** What a line says of the kind of salt, g in a spoon: one of flakes weighs half a spoon of fine. */
const SALTS: readonly [RegExp, number][] = [
  [/\bkosher\b/i, KOSHER_G_PER_TSP],
  [/\bflak(?:ed?|es|y)\b/i, SALT_KINDS.flake.gPerTsp],
  [/\b(?:coarse|rock|pickling)\b/i, SALT_KINDS.coarse.gPerTsp],
  [/\bfine sea\b/i, SALT_KINDS['sea-fine'].gPerTsp],
  [/\b(?:fine|table)\b/i, SALT_KINDS.fine.gPerTsp],
];
const saltGPerMl = (line: string): number | null => {
  const gPerTsp = SALTS.find(([pattern]) => pattern.test(line))?.[1];
  return gPerTsp === undefined ? null : gPerTsp / 5;
};

/** Whether the line says which salt its spoons are of: its grams then hold whatever salt the kitchen has. */
export const saysWhichSalt = (ingredient: Ingredient | null, line: string): boolean =>
  ingredient !== null && isSalt(ingredient) && saltGPerMl(line) !== null;

/** "A little" of what is poured, ml. House estimate. */
const LITTLE_ML = 10;
const isPoured = ({ liquid, family }: Ingredient): boolean => liquid || family === 'fat' || family === 'dairy';

/** Grams of so much of an ingredient; null where one of it has no weight that is known. */
export function gramsOf(
  ingredient: Ingredient | null,
  amount: number,
  measure: Measure | null,
  line: string,
): number | null {
  if (measure?.kind === 'unit' && WEIGHTS.includes(measure.id)) return convert(amount, measure.id, 'g');
  if (!ingredient) return null;
  const gPerMl = (isSalt(ingredient) ? saltGPerMl(line) : null) ?? densityOf(ingredient, cutInWords(line));
  if (measure?.kind === 'unit') return convert(amount, measure.id, 'g', { gPerMl });
  // A little milk is more than a little salt.
  if (measure?.id === 'pinch' && isPoured(ingredient)) return amount * LITTLE_ML * gPerMl;
  if (measure?.kind === 'volume') return amount * measure.ml * gPerMl;
  const one = measure
    ? (ingredient.counts[measure.id] ?? measure.grams ?? ingredient.counts.piece)
    : ingredient.counts.piece;
  return one === undefined || one === null ? null : amount * one * sizeIn(line);
}

/** A weight that the line says beside its count, and whether it is that of each: `4 thighs (600 g)`, `3 tins (145 g each)`. */
export function weightSaid(
  parts: readonly string[],
  {
    measure,
    ingredient,
    count,
    line,
  }: { measure: Measure | null; ingredient: Ingredient | null; count: number; line: string },
): { grams: number; isEach: boolean } | null {
  const weights = parts.flatMap((words) => {
    const grams = weightIn(words);
    return grams === null ? [] : [{ grams, words }];
  });
  // Of several, what is left after draining is meant.
  const one =
    weights.find(({ words }) => /\bdrained\b/i.test(words)) ??
    weights[weights.length > 1 && SAYS_DRAINED.test(line) ? weights.length - 1 : 0];
  if (one === undefined) return null;
  if (measure?.kind === 'unit' || /\b(?:in all|total|altogether)\b/i.test(one.words))
    return { grams: one.grams, isEach: false };
  if (/\beach\b|\bapiece\b/i.test(one.words)) return { grams: one.grams, isEach: true };
  if (measure !== null && PACKS.includes(measure.id)) return { grams: one.grams, isEach: count >= 1 };
  // "2 breasts (300 g)": of both, unless one of it weighs about that.
  const usual =
    measure?.kind === 'counted' ? (ingredient?.counts[measure.id] ?? measure.grams) : ingredient?.counts.piece;
  const isEach = !!usual && Math.abs(Math.log(one.grams / usual)) < Math.abs(Math.log(one.grams / (usual * count)));
  return { grams: one.grams, isEach };
}
const PACKS: readonly string[] = ['tin', 'pack', 'tub', 'bag', 'block'];

/** A part of a line that is nothing but a weight: `about 350 g`, `145 g each`. */
function weightIn(words: string): number | null {
  const leading = leadingAmount(
    asRead(words).replace(/^(?:about|approx\.?|approximately|ca\.?|total|drained weight:?|drained:?)\s+/i, ''),
  );
  const [unit = '', ...rest] = leading?.rest.split(' ') ?? [];
  const measure = leading && parseMeasure(unit);
  if (!leading || measure?.kind !== 'unit' || !WEIGHTS.includes(measure.id)) return null;
  const isAlone = rest.every((word) => ALONE.has(word.toLowerCase()));
  return isAlone ? convert(leading.amount, measure.id, 'g') : null;
}
const ALONE = new Set(
  'each apiece in all total altogether drained undrained weight net or so prepared cooked raw when after draining boned peeled cleaned tin tins can cans jar pack drained) approx about size meat'.split(
    ' ',
  ),
);

interface Tinned {
  tinned: boolean;
  /** g in one tin. */
  tinG: number;
  /** Counted in tins, without a weight on them. */
  isCount: boolean;
  line: string;
}

/** What is left of a tin's weight once it is drained. A tin without a weight is counted drained already. */
export function drainedShare(ingredient: Ingredient | null, { tinned, tinG, isCount, line }: Tinned): number {
  if (!tinned || SAYS_DRAINED.test(line)) return 1;
  const isDrained = /\bdrained\b/i.test(line);
  const usual = ingredient?.counts.tin;
  const holdsLiquid = usual === undefined || usual >= USUAL_TIN.least;
  // The larder's tins are drained: with its liquid one weighs what stands on it.
  if (UNDRAINED.test(line)) return isCount && !holdsLiquid ? 1 / DRAINED_SHARE : 1;
  if (holdsLiquid) return isDrained ? DRAINED_SHARE : 1;
  if (isCount) return 1;
  const isUsual = tinG >= USUAL_TIN.least && tinG <= USUAL_TIN.most;
  if (isUsual && usual < tinG) return usual / tinG;
  return isDrained ? DRAINED_SHARE : 1;
}
