/** What follows from a batch without any heat forecast: resolved lines, the dough, what is hot, what must be how cold. */
import { coreLimit, choosePack, type Limit } from '../safety/core-limit';
import { type RulePack } from '../safety/packs';
import { type Hazard, type Ingredient } from '../food/ingredient';
import { lookUp } from '../food/larder';
import { panContents } from '../filling/pan';
import { type ResolvedLine, resolveLines } from '../filling/lines';
import { dough, type Dough } from '../wrapper/doughs';
import { type Kitchen } from './kitchen';
import { type Batch } from './schema';
import { HOT_STAGES, type Stage } from './vocabulary';

export interface CoolTarget {
  c: number;
  because: string;
}

export interface Outline {
  lines: ResolvedLine[];
  /** Lines whose ingredient the larder does not hold. */
  unknown: string[];
  dough: Dough;
  doughSaltPercent: number;
  /** The lines that are hot when the pan comes off. */
  hot: ResolvedLine[];
  /** How cold the hot part must get, the highest constraint first; null where nothing hot goes in. */
  coolTarget: CoolTarget | null;
  /** Everything that asks for a temperature, the coldest first. */
  coolConstraints: CoolTarget[];
  /** Whether animal food goes into the wrapper raw. */
  goesInRaw: boolean;
  pack: RulePack;
  limit: Limit;
}

const RAW_HAZARDS: readonly Hazard[] = ['poultry', 'minced-meat', 'whole-meat', 'fish', 'shellfish', 'egg'];

/** Draws the outline of a batch. */
export function outline(batch: Batch, kitchen: Kitchen): Outline {
  const lines = resolveLines(batch, kitchen);
  const wrapper = dough(batch.wrap.dough);
  const hot = lines.filter((l) => HOT_STAGES.includes(l.line.stage));
  const goesInRaw = lines.some((l) => isRaw(l, 'raw-mix') || isRaw(l, 'when-cool'));
  const constraints = coolConstraints(lines, wrapper);
  const pack = choosePack(kitchen.rulePack, goesInRaw);
  const foods = lines.map((l) => ({ name: l.ingredient.name, hazard: hazardAsItGoesIn(l) }));
  if (wrapper.allergens.includes('egg')) foods.push({ name: `egg in the ${wrapper.label}`, hazard: 'egg' });
  return {
    lines,
    unknown: batch.lines.map((l) => l.ingredientId).filter((id) => lookUp(batch.ingredients, id) === undefined),
    dough: wrapper,
    doughSaltPercent: batch.wrap.doughSaltPercent ?? wrapper.saltPercent,
    hot,
    coolConstraints: constraints,
    coolTarget: hot.length === 0 ? null : constraints[0],
    goesInRaw,
    pack,
    limit: coreLimit(pack, foods),
  };
}

/** g of the part that is hot when it comes off the heat. */
export function hotMass({ hot, lines }: Outline, cookedOffInPanG: number): number {
  const grams = hot.reduce((sum, l) => sum + l.readyG, 0);
  return Math.max(0, grams - Math.min(cookedOffInPanG, panContents(lines)));
}

/** Food that was cooked before it goes in is reheated: it counts as a leftover. */
function hazardAsItGoesIn(l: ResolvedLine): Hazard {
  const { hazard } = l.ingredient;
  const cookedBefore = l.preparation.cooked || HOT_STAGES.includes(l.line.stage);
  return RAW_HAZARDS.includes(hazard) && cookedBefore ? 'cooked-animal' : hazard;
}

const isRaw = (l: ResolvedLine, stage: Stage): boolean =>
  l.line.stage === stage && !l.preparation.cooked && RAW_HAZARDS.includes(l.ingredient.hazard);

/** Cheese that is meant to stay in pieces, and herbs that lose their scent in the heat. House estimates. */
const CHEESE_C = 25;
const HERB_C = 40;
const EGG_C = 40;
const RAW_C = 10;

/** Curd and finely grated cheese are mixed in anyway. */
const isCheeseInPieces = ({ family, liquid, composition, wetness, binder }: Ingredient): boolean =>
  family === 'dairy' && !liquid && composition.protein > 0.1 && wetness !== 'curd' && binder === undefined;

/** Everything that asks for a cold filling, the coldest first, each with its reason. */
function coolConstraints(lines: readonly ResolvedLine[], wrapper: Dough): CoolTarget[] {
  const constraints: CoolTarget[] = [{ c: wrapper.wrapReadyC, because: `${wrapper.label}: ${wrapper.wrapReadyWhy}` }];
  for (const l of lines) {
    const { name, wetness } = l.ingredient;
    if (isRaw(l, 'raw-mix') || isRaw(l, 'when-cool')) {
      // Egg alone sets above 40 °C; on the way to the parcel it is raw food all the same.
      const why =
        l.ingredient.hazard === 'egg' ? `it would set above ${EGG_C} °C, and it goes in raw` : 'it goes in raw';
      constraints.push({ c: RAW_C, because: `${name}: ${why}: anything warmer warms it` });
    } else if (l.line.stage === 'when-cool' && wetness === 'herb') {
      constraints.push({ c: HERB_C, because: `${name} loses its scent above ${HERB_C} °C` });
    } else if (l.line.stage === 'when-cool' && isCheeseInPieces(l.ingredient)) {
      constraints.push({ c: CHEESE_C, because: `${name} is to stay in pieces` });
    }
  }
  return constraints.sort((a, b) => a.c - b.c);
}
