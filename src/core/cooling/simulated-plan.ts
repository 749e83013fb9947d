/** What the simulated thermometer of a batch is given: the plan, and a seed of its own. */
import { type CoolingPlan } from './curve';
import { coolingPlan } from './plan';
import { hotPartOf } from './hot-part';
import { resolveLines } from '../filling/lines';
import { type Kitchen } from '../document/kitchen';
import { type Batch } from '../document/schema';

/** The plan that the simulation is given; null where nothing cools. What the kitchen has learned is not known to it. */
export function simulatedPlan(batch: Batch, kitchen: Kitchen): CoolingPlan | null {
  const part = hotPartOf(resolveLines(batch, kitchen), batch.water);
  return part && coolingPlan(batch.cool, part, { ...kitchen, cooling: [] });
}

/** A seed from a batch's id: the same batch always has the same thermometer. */
export const seedOf = (id: string): number =>
  [...id].reduce((sum, letter) => (sum * 31 + letter.charCodeAt(0)) >>> 0, 7);
