/** The first part of the account: what follows from a batch without any heat forecast. */
import { type Batch } from '../stored/schema';
import { type Kitchen } from '../stored/kitchen-schema';
import { coolConstraints, type CoolTarget } from '../cooling/constraints';
import { hotLines } from '../cooling/hot-part';
import { type ResolvedLine, resolveLines } from '../filling/lines';
import { goesInRaw, hazardAsItGoesIn } from '../filling/raw';
import { type Hazard } from '../vocabulary/foods';
import { type Perishable, perishable } from '../filling/perishable';
import { countsNothing, type Uncounted, uncountedLines } from '../filling/uncounted';
import { lookUp } from '../food/larder';
import { choosePack, coreLimit, type Limit } from '../safety/core-limit';
import { type RulePack } from '../safety/packs';
import { dough, type Dough } from '../wrapper/dough';

export interface Outline {
  lines: ResolvedLine[];
  /** Ids in the larder's place that it does not hold: they count nothing. */
  unknown: string[];
  /** Lines that are not counted, or not as they say. */
  uncounted: Uncounted[];
  dough: Dough;
  doughSaltPercent: number;
  /** How cold the hot part must get, the coldest constraint first; null where nothing hot goes in. */
  coolTarget: CoolTarget | null;
  /** Something hot goes in, but so little that the mixture is cold enough at once. */
  coolsAtOnce: boolean;
  /** Everything that asks for a temperature, the coldest first. */
  coolConstraints: CoolTarget[];
  /** Whether animal food goes into the wrapper raw. */
  goesInRaw: boolean;
  pack: RulePack;
  limit: Limit;
  /** Whether it spoils within hours, so that its time out of the cold is counted. */
  perishable: Perishable;
}

/** What is not known could be anything. */
const STRICTEST: Hazard = 'unknown';

/** Draws the outline of a batch. */
export function outline(batch: Batch, kitchen: Kitchen): Outline {
  const lines = resolveLines(batch, kitchen);
  const wrapper = dough(batch.wrap.dough, batch.wrap.ownDough);
  const isRaw = lines.some(goesInRaw);
  const constraints = coolConstraints(lines, wrapper, kitchen);
  const isHot = hotLines(lines).length > 0;
  // So little is hot that what is cold cools it at once.
  const coolsAtOnce = isHot && constraints[0].c >= batch.cool.startC;
  const pack = choosePack(kitchen.rulePack, isRaw);
  const foods: { name: string; hazard: Hazard }[] = lines.map((l) => ({
    name: l.ingredient.name,
    hazard: hazardAsItGoesIn(l),
  }));
  const uncounted = uncountedLines(batch, lines);
  // What is not known could be anything: the strictest limit holds.
  foods.push(...uncounted.filter(countsNothing).map(({ name }) => ({ name, hazard: STRICTEST })));
  if (wrapper.allergens.includes('egg')) foods.push({ name: `egg in the ${wrapper.label}`, hazard: 'egg' });
  return {
    lines,
    uncounted,
    unknown: batch.lines.map((l) => l.ingredientId).filter((id) => lookUp(batch.ingredients, id) === undefined),
    dough: wrapper,
    doughSaltPercent: batch.wrap.doughSaltPercent ?? wrapper.saltPercent,
    coolConstraints: constraints,
    coolTarget: isHot && !coolsAtOnce ? constraints[0] : null,
    coolsAtOnce,
    goesInRaw: isRaw,
    pack,
    limit: coreLimit(pack, foods),
    perishable: perishable(lines, !uncounted.some(countsNothing)),
  };
}
