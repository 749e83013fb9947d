/** The plan that the simulated thermometer of a batch is given. */
import { type CoolingPlan } from '../cooling/stretches';
import { coolingPlan } from '../cooling/plan';
import { hotPartOf } from '../cooling/hot-part';
import { resolveLines } from '../filling/lines';
import { type Kitchen } from '../stored/kitchen';
import { type Batch } from '../stored/schema';

/** The plan that the simulation is given; null where nothing cools. What the kitchen has learned is not known to it. */
export function simulatedPlan(batch: Batch, kitchen: Kitchen): CoolingPlan | null {
  const part = hotPartOf(resolveLines(batch, kitchen), batch.water);
  return part && coolingPlan(batch.cool, part, { ...kitchen, cooling: [] });
}
