/** The simulated thermometer of a batch: stuck into its filling, as planned, with coefficients of its own. */
import { type Signal } from './signal';
import { type SimulatedThermometer, simulateThermometer } from './thermometer';
import { type Kitchen } from '../stored/kitchen';
import { type Batch } from '../stored/schema';
import { seedOf } from '../random/seed';
import { simulatedPlan } from './simulated-plan';

let last: { key: string; simulated: SimulatedThermometer } | null = null;

/** What it shows at a minute; null where nothing cools. */
export function simulatedSignal(batch: Batch, kitchen: Kitchen, minute: number): Signal | null {
  const plan = simulatedPlan(batch, kitchen);
  if (!plan) return null;
  // Asked every few seconds: the curve is worked out once.
  const key = JSON.stringify([batch.id, plan]);
  if (last?.key !== key) last = { key, simulated: simulateThermometer(plan, seedOf(batch.id)) };
  return last.simulated.at(minute);
}
