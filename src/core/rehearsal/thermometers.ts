/** What thermometers show in a rehearsal's kitchen. */
import { simulatedCore } from '../checks/simulated-core';
import { coolingCurve } from '../cooling/curve';
import { type Signal } from '../cooling/signal';
import { hash01 } from '../heat/hash';
import { hiddenOf } from './hidden';
import { kitchenNow, realCooling, type Situation, truthNow } from './inside';

/** Flicker of a probe in what cools, K; one signal in so many is lost. House choices for practice. */
const FLICKER_K = 0.4;
const LOST_SHARE = 0.05;

/** A probe in the filling that cools, so many minutes after it came off the heat; null where nothing cools. */
export function rehearsedSignal(situation: Situation, minute: number): Signal | null {
  const truth = truthNow(situation);
  const plan = realCooling(situation.batch, kitchenNow(situation, truth), truth);
  if (plan === null) return null;
  const index = Math.floor(minute * 6);
  const { seed } = situation.rehearsal;
  if (hash01(seed, 700 + index) < LOST_SHARE) return { minute, c: null };
  const { centreC } = coolingCurve(plan, (plan.ambientC ?? 20) + 1).at(minute);
  const c = centreC + FLICKER_K * (2 * hash01(seed, 90_000 + index) - 1);
  return { minute, c: Math.round(c * 10) / 10 };
}

/**
 * What a probe has at its tip in a parcel, °C; null where nothing is in it.
 * @param times pushed in for the first time, the second: a bent tip misses the middle once, and finds it when it is pushed in again
 */
export function rehearsedCore(situation: Situation, parcel: number, minute: number, times: number): number | null {
  const { rehearsal, batch, kitchen } = situation;
  const { heatFactor, biasK, probeErrorK } = hiddenOf(rehearsal);
  const trueC = simulatedCore(batch, kitchen, parcel, minute, { factor: heatFactor, biasK }, rehearsal.seed);
  if (trueC === null) return null;
  return times === 1 ? Math.min(BOILING_C, trueC + probeErrorK) : trueC;
}

/** Beside the middle, too, nothing moist is hotter, °C. */
const BOILING_C = 99;
