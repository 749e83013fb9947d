/**
 * The middle of a parcel that a simulated thermometer measures: it is cooked in an appliance that heats otherwise than
 * planned, and each parcel differs. The same for the same batch and parcel. For the worker.
 */
import { seedOf } from '../random/seed';
import { hash01 } from '../random/hash';
import { really } from '../cooking/refit';
import { coreAt } from '../heat/cooking';
import { mainStep } from '../stored/cooking';
import { type Kitchen } from '../stored/kitchen';
import { type Batch } from '../stored/schema';
import { MEDIA } from '../vocabulary/media';
import { drawLedger } from '../filling/ledger';
import { cook as cookedFrom, planFor } from '../forecast/cooked';
import { outline } from '../forecast/outline';

/** It heats so many times as well as is usual; what is set is so far off, K. House choices for practice. */
const LEAST_FACTOR = 0.75;
const FACTOR_RANGE = 0.4;
const BIAS_K = 6;
/** The parcels that are measured are the thickest: so many standard deviations fuller. */
const LEAST_FULLER = 0.5;
const FULLER_RANGE = 1;

/** How it really heats; hidden from the cook, for tests. */
export function hiddenHeat(batch: Pick<Batch, 'id' | 'cook'>): { factor: number; biasK: number } {
  const seed = seedOf(batch.id);
  const { isSet } = MEDIA[mainStep(batch.cook).medium];
  return {
    factor: LEAST_FACTOR + FACTOR_RANGE * hash01(seed, 11),
    biasK: isSet ? BIAS_K * (2 * hash01(seed, 12) - 1) : 0,
  };
}

/**
 * Its middle, °C; null where there is nothing in it.
 * @param parcel which one, from 0
 * @param minute since it went into the heat
 * @param heat how it really heats there; @param dice decide how each parcel differs
 */
export function simulatedCore(
  batch: Batch,
  kitchen: Kitchen,
  parcel: number,
  minute: number,
  heat = hiddenHeat(batch),
  dice = seedOf(batch.id),
): number | null {
  // What the kitchen has learned is not known to the simulation.
  const unlearned: Kitchen = { ...kitchen, appliances: kitchen.appliances.map((a) => ({ ...a, heats: [] })) };
  const o = outline(batch, unlearned);
  if (o.lines.length === 0) return null;
  const cooked = cookedFrom(batch, unlearned, o, drawLedger(o.lines, batch.water, 0));
  const seed = dice + parcel;
  const plan = planFor(cooked, [LEAST_FULLER + FULLER_RANGE * hash01(seed, 21), hash01(seed, 22), hash01(seed, 23)]);
  return coreAt(really(plan, heat.factor, heat.biasK), [Math.max(0.05, minute)])[0];
}
