/** The core temperature that a batch must reach: the highest that any of its ingredients demands. */
import { type Hazard } from '../vocabulary/foods';
import { type PackId } from '../vocabulary/rule-packs';
import { type CoreLimit, RULE_PACKS, type RulePack } from './packs';
import { type Threshold } from './threshold';

export interface Limit {
  /** `safety`: an authority's minimum for the filling. `doneness`: cooked dough, no safety minimum. */
  kind: 'safety' | 'doneness';
  at: Threshold;
  /** The same, °C: for forecasts and for showing. */
  c: number;
  holdMinutes: number;
  restMinutes: number;
  /** What demands it, in words. */
  because: string;
  authority: string;
  /** Other temperatures, each with the minutes that are as good. */
  equivalents: RulePack['equivalents'];
}

/** Starch set and dough cooked through, °C in the dough. House estimate. */
export const DONENESS_C = 90;
const DONENESS: Threshold = { c: DONENESS_C, f: 194 };

/** What demands it, and as what: cured is not cooked, what nobody has named could be anything. */
function reasonOf({ name, hazard }: { name: string; hazard: Hazard }): string {
  if (hazard === 'cured') return `${name}: cured, not cooked`;
  return hazard === 'unknown' ? `${name}: you haven’t said what it is` : name;
}

/** Which pack is meant: the kitchen's own choice, or the stuffed-food rule for raw fillings and the home chart else. */
export function choosePack(choice: PackId | 'auto', fillingGoesInRaw: boolean): RulePack {
  if (choice !== 'auto') return RULE_PACKS[choice];
  return fillingGoesInRaw ? RULE_PACKS.stuffed : RULE_PACKS.home;
}

/** The hotter asks more; as hot, what must be held or rest longer does. In whatever order things are listed. */
const asksMore = (a: CoreLimit, b: CoreLimit): boolean =>
  a.at.c !== b.at.c
    ? a.at.c > b.at.c
    : a.holdMinutes !== b.holdMinutes
      ? a.holdMinutes > b.holdMinutes
      : a.restMinutes > b.restMinutes;

/**
 * The limit for a batch.
 * @param foods name and hazard of everything in the filling and the wrapper; cooked animal foods count as leftovers
 */
export function coreLimit(pack: RulePack, foods: readonly { name: string; hazard: Hazard }[]): Limit {
  let most: { demanded: CoreLimit; because: string } | null = null;
  for (const food of foods) {
    const demanded = pack.core[food.hazard];
    if (demanded && (most === null || asksMore(demanded, most.demanded))) most = { demanded, because: reasonOf(food) };
  }
  if (most === null) {
    return {
      kind: 'doneness',
      at: DONENESS,
      c: DONENESS_C,
      holdMinutes: 0,
      restMinutes: 0,
      because: 'no meat, fish or egg: the dough must be cooked through',
      authority: 'our estimate, no safety minimum',
      equivalents: [],
    };
  }
  const { at, holdMinutes, restMinutes } = most.demanded;
  return {
    kind: 'safety',
    at,
    c: at.c,
    holdMinutes,
    restMinutes,
    because: most.because,
    authority: `${pack.label}: ${pack.authority}`,
    equivalents: pack.equivalents,
  };
}
