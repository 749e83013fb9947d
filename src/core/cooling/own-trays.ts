/** The shallowest sensible spread for the vessels a kitchen owns. */
import { type Kitchen } from '../stored/kitchen';
import { VESSELS } from '../vocabulary/vessels';
import { depthOn } from './vessels';

type Owned = Kitchen['vessels'][number];

interface OnTrays {
  vessels: Owned[];
  /** Their names, in words: `2 baking trays`, `baking tray and shallow dish`. */
  names: string;
  kind: Owned['kind'];
  areaCm2: number;
  depthMm: number;
}

/** Thinner than this dries out at the edges and gains nothing. House estimate. */
const SENSIBLE_MM = 10;
/** Left free below the rim, mm. */
const FREE_MM = 3;
/** A second vessel must save so many millimetres to be worth washing. House estimate. */
const WORTH_MM = 4;
/** Choices grow as 2ⁿ: of more vessels than this only the largest are considered. */
const MOST_VESSELS = 8;

/**
 * Tries every choice of vessels: the filling must fit below the rims, lie no thinner than is sensible, and each further
 * vessel must be worth it.
 * @returns null where nothing fits
 */
export function bestTrays(massG: number, density: number, owned: readonly Owned[]): OnTrays | null {
  const able = owned
    .filter((v) => VESSELS[v.kind].isSpreadable)
    .sort((a, b) => b.areaCm2 - a.areaCm2)
    .slice(0, MOST_VESSELS);
  let best: { vessels: Owned[]; areaCm2: number; depthMm: number; cost: number } | null = null;
  for (let choice = 1; choice < 1 << able.length; choice++) {
    const vessels = able.filter((_, i) => (choice >> i) & 1);
    const areaCm2 = vessels.reduce((sum, v) => sum + v.areaCm2, 0);
    const depthMm = depthOn(massG, density, areaCm2);
    if (vessels.some((v) => depthMm > v.deepMm - FREE_MM)) continue;
    const cost = Math.max(depthMm, SENSIBLE_MM) + WORTH_MM * (vessels.length - 1);
    if (!best || cost < best.cost - 1e-9) best = { vessels, areaCm2, depthMm, cost };
  }
  if (!best) return null;
  const { vessels, areaCm2, depthMm } = best;
  return { vessels, names: namesOf(vessels), kind: vessels[0].kind, areaCm2, depthMm };
}

function namesOf(vessels: readonly Owned[]): string {
  const counts = new Map<string, number>();
  for (const { name } of vessels) counts.set(name, (counts.get(name) ?? 0) + 1);
  return [...counts].map(([name, n]) => (n === 1 ? name : `${n} ${name}s`)).join(' and ');
}
