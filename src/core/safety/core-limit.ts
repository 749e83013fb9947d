/** The core temperature that a batch must reach: the highest that any of its ingredients demands. */
import { type Hazard } from '../document/vocabulary/foods';
import { RULE_PACKS, type RulePack } from './packs';
import { type PackId } from '../document/vocabulary/rule-packs';

export interface Limit {
  /** `safety`: an authority's minimum for the filling. `doneness`: cooked dough, no safety minimum. */
  kind: 'safety' | 'doneness';
  c: number;
  holdMinutes: number;
  restMinutes: number;
  /** What demands it, in words. */
  because: string;
  authority: string;
}

/** Starch set and dough cooked through, °C in the dough. House estimate. */
export const DONENESS_C = 90;

/** What demands it, and as what: cured is not cooked, cooked is reheated. */
const reasonOf = ({ name, hazard }: { name: string; hazard: Hazard }): string =>
  hazard === 'cured' ? `${name}: cured, not cooked` : name;

/** Which pack is meant: the kitchen's own choice, or the stuffed-food rule for raw fillings and the home chart else. */
export function choosePack(choice: PackId | 'auto', fillingGoesInRaw: boolean): RulePack {
  if (choice !== 'auto') return RULE_PACKS[choice];
  return fillingGoesInRaw ? RULE_PACKS.stuffed : RULE_PACKS.home;
}

/**
 * The limit for a batch.
 * @param foods name and hazard of everything in the filling and the wrapper; cooked animal foods count as leftovers
 */
export function coreLimit(pack: RulePack, foods: readonly { name: string; hazard: Hazard }[]): Limit {
  let limit: Limit = {
    kind: 'doneness',
    c: DONENESS_C,
    holdMinutes: 0,
    restMinutes: 0,
    because: 'no meat, fish or egg: the dough must be cooked through',
    authority: 'house estimate, no safety minimum',
  };
  for (const food of foods) {
    const demanded = pack.core[food.hazard];
    if (!demanded) continue;
    if (limit.kind === 'doneness' || demanded.c > limit.c) {
      limit = { kind: 'safety', ...demanded, because: reasonOf(food), authority: `${pack.label}: ${pack.authority}` };
    }
  }
  return limit;
}
