/** What the simulated thermometer of a batch is given: the plan, and a seed of its own. */
import { type CoolingPlan } from '../heat/cooling';
import { coolingPlan, hotPartOf } from './cooling-plan';
import { type Kitchen } from './kitchen';
import { outline } from './outline';
import { type Batch } from './schema';

/** The plan that the simulation is given; null where nothing cools. What the kitchen has learned is not known to it. */
export function simulatedPlan(batch: Batch, kitchen: Kitchen): CoolingPlan | null {
  const part = hotPartOf(batch, outline(batch, kitchen));
  return part && coolingPlan(batch.cool, part, { ...kitchen, cooling: [] });
}

/** A seed from a batch's id: the same batch always has the same thermometer. */
export const seedOf = (id: string): number =>
  [...id].reduce((sum, letter) => (sum * 31 + letter.charCodeAt(0)) >>> 0, 7);
