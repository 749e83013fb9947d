/** A line of the document as the kitchen sees it: grams, water, release, salt. */
import { type Composition, withoutWater } from '../food/composition';
import { densityOf } from '../food/densities';
import { type Ingredient, isSalt } from '../food/ingredient';
import { lookUp } from '../food/larder';
import { type Preparation, preparation } from '../vocabulary/releases';
import { type Kitchen } from '../stored/kitchen';
import { SALT_KINDS } from '../vocabulary/salt-kinds';
import { type Batch, type Line } from '../stored/schema';
import { convert } from '../units/units';

export interface ResolvedLine {
  line: Line;
  ingredient: Ingredient;
  preparation: Preparation;
  /** g before the preparation. */
  rawG: number;
  /** g as it goes in. */
  readyG: number;
  /** What it is made of as it goes in. */
  composition: Composition;
  /** g of water the line brings into the kitchen's account: of the raw food, or of the ready food where that was weighed. */
  waterG: number;
  /** g of that water which its preparation takes away. */
  lostG: number;
  /** g of liquid it lets go of by the time the parcel is cooked. */
  releaseG: number;
  saltG: number;
}

/**
 * Grams of an amount of an ingredient; spoons of salt follow the kitchen's salt, cups the cut.
 * @returns null where the unit does not fit: pieces of what is not counted
 */
export function gramsOf(
  ingredient: Ingredient,
  { amount, unit, cut }: Pick<Line, 'amount' | 'unit' | 'cut'>,
  kitchen: Pick<Kitchen, 'saltKind' | 'cupMl'>,
): number | null {
  if (unit === 'piece') {
    const { piece } = ingredient.counts;
    return piece === undefined ? null : amount * piece;
  }
  const gPerMl = isSalt(ingredient) ? SALT_KINDS[kitchen.saltKind].gPerTsp / 5 : densityOf(ingredient, cut);
  return convert(amount, unit, 'g', { gPerMl, cupMl: kitchen.cupMl });
}

/**
 * Resolves a line.
 * @returns null where the larder does not hold its ingredient, or its unit does not fit: the line is then shown, but
 *   counts nothing
 */
export function resolveLine(line: Line, own: Batch['ingredients'], kitchen: Kitchen): ResolvedLine | null {
  const remembered = RESOLVED.get(line);
  if (
    remembered &&
    remembered.own === own &&
    remembered.saltKind === kitchen.saltKind &&
    remembered.cupMl === kitchen.cupMl
  ) {
    return remembered.resolved;
  }
  const resolved = resolve(line, own, kitchen);
  RESOLVED.set(line, { own, saltKind: kitchen.saltKind, cupMl: kitchen.cupMl, resolved });
  return resolved;
}

/** Every fix is tried out on the whole batch, of which it changes one line: the others are not worked out again. */
const RESOLVED = new WeakMap<
  Line,
  { own: Batch['ingredients']; resolved: ResolvedLine | null } & Pick<Kitchen, 'saltKind' | 'cupMl'>
>();

function resolve(line: Line, own: Batch['ingredients'], kitchen: Kitchen): ResolvedLine | null {
  const ingredient = lookUp(own, line.ingredientId);
  const grams = ingredient ? gramsOf(ingredient, line, kitchen) : null;
  if (!ingredient || grams === null) return null;
  const prep = preparation(ingredient.release, line.preparation);
  const rawG = line.weighed === 'raw' ? grams : grams / prep.yield;
  const lostFromRaw = Math.min(rawG * (1 - prep.yield), rawG * ingredient.composition.water);
  const readyG = rawG - lostFromRaw;
  const composition = withoutWater(ingredient.composition, rawG, lostFromRaw);
  const readyWater = composition.water * readyG;
  // What soaks takes water up: that is brought in, and nothing is lost.
  const lostG = line.weighed === 'raw' ? Math.max(0, lostFromRaw) : 0;
  return {
    line,
    ingredient,
    preparation: prep,
    rawG,
    readyG,
    composition,
    waterG: readyWater + lostG,
    lostG,
    releaseG: ingredient.liquid ? readyWater : Math.min(readyWater, (prep.release / 100) * readyG),
    saltG: (ingredient.salt * prep.saltKept * rawG + prep.keptSalt * rawG) / 100,
  };
}

/** Sugar by the bag: it melts to syrup in what runs. */
export const isDrySugar = ({ ingredient }: ResolvedLine): boolean => ingredient.sugar >= 95;

/** All lines of a batch that can be counted. */
export const resolveLines = (batch: Pick<Batch, 'lines' | 'ingredients'>, kitchen: Kitchen): ResolvedLine[] =>
  batch.lines
    .map((line) => resolveLine(line, batch.ingredients, kitchen))
    .filter((line): line is ResolvedLine => line !== null);
