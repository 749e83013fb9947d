/** What follows from a batch without any heat forecast: resolved lines, the dough, what is hot, what must be how cold. */
import { coreLimit, choosePack, type Limit } from '../safety/core-limit';
import { type RulePack } from '../safety/packs';
import { type Hazard } from '../food/ingredient';
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
  const pack = choosePack(kitchen.rulePack, goesInRaw);
  const foods = lines.map((l) => ({ name: l.ingredient.name, hazard: hazardAsItGoesIn(l) }));
  if (wrapper.allergens.includes('egg')) foods.push({ name: `egg in the ${wrapper.label}`, hazard: 'egg' });
  return {
    lines,
    unknown: batch.lines.map((l) => l.ingredientId).filter((id) => lookUp(batch.ingredients, id) === undefined),
    dough: wrapper,
    doughSaltPercent: batch.wrap.doughSaltPercent ?? wrapper.saltPercent,
    hot,
    coolTarget: hot.length === 0 ? null : coolTarget(lines, wrapper),
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

function coolTarget(lines: readonly ResolvedLine[], wrapper: Dough): CoolTarget {
  const constraints: CoolTarget[] = [{ c: wrapper.wrapReadyC, because: `${wrapper.label}: ${wrapper.wrapReadyWhy}` }];
  for (const l of lines) {
    if (isRaw(l, 'raw-mix') || isRaw(l, 'when-cool')) {
      constraints.push({ c: 10, because: `${l.ingredient.name} goes in raw: anything warmer warms it` });
    }
  }
  return constraints.reduce((coldest, constraint) => (constraint.c < coldest.c ? constraint : coldest));
}
