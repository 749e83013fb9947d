/** The first part of the account: what follows from a batch without any heat forecast. */
import { type Batch } from '../document/schema';
import { type Kitchen } from '../document/kitchen-schema';
import { coolConstraints, type CoolTarget } from '../cooling/constraints';
import { hotLines } from '../cooling/hot-part';
import { type ResolvedLine, resolveLines } from '../filling/lines';
import { goesInRaw, hazardAsItGoesIn } from '../filling/raw';
import { type Hazard } from '../document/vocabulary/foods';
import { lookUp } from '../food/larder';
import { choosePack, coreLimit, type Limit } from '../safety/core-limit';
import { type RulePack } from '../safety/packs';
import { dough, type Dough } from '../wrapper/dough';

export interface Outline {
  lines: ResolvedLine[];
  /** Lines whose ingredient the larder does not hold. */
  unknown: string[];
  dough: Dough;
  doughSaltPercent: number;
  /** How cold the hot part must get, the coldest constraint first; null where nothing hot goes in. */
  coolTarget: CoolTarget | null;
  /** Everything that asks for a temperature, the coldest first. */
  coolConstraints: CoolTarget[];
  /** Whether animal food goes into the wrapper raw. */
  goesInRaw: boolean;
  pack: RulePack;
  limit: Limit;
}

/** Draws the outline of a batch. */
export function outline(batch: Batch, kitchen: Kitchen): Outline {
  const lines = resolveLines(batch, kitchen);
  const wrapper = dough(batch.wrap.dough);
  const isRaw = lines.some(goesInRaw);
  const constraints = coolConstraints(lines, wrapper);
  const pack = choosePack(kitchen.rulePack, isRaw);
  const foods: { name: string; hazard: Hazard }[] = lines.map((l) => ({
    name: l.ingredient.name,
    hazard: hazardAsItGoesIn(l),
  }));
  if (wrapper.allergens.includes('egg')) foods.push({ name: `egg in the ${wrapper.label}`, hazard: 'egg' });
  return {
    lines,
    unknown: batch.lines.map((l) => l.ingredientId).filter((id) => lookUp(batch.ingredients, id) === undefined),
    dough: wrapper,
    doughSaltPercent: batch.wrap.doughSaltPercent ?? wrapper.saltPercent,
    coolConstraints: constraints,
    coolTarget: hotLines(lines).length === 0 ? null : constraints[0],
    goesInRaw: isRaw,
    pack,
    limit: coreLimit(pack, foods),
  };
}
