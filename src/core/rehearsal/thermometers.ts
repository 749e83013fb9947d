/** What thermometers show in a rehearsal's kitchen. */
import { account } from '../checks/account';
import { cook, planFor } from '../forecast/cooked';
import { forecastCore } from '../forecast/core-forecast';
import { outline } from '../forecast/outline';
import { simulatedCore } from '../probes/simulated-core';
import { coolingCurve } from '../cooling/curve';
import { type Signal } from '../probes/signal';
import { drawLedger } from '../filling/ledger';
import { coreAt } from '../heat/cooking';
import { hash01 } from '../random/hash';
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

/** Of the three that a cook measures, the thickest from the coolest place first, one is the least-done of all. */
const LEAST_AMONG = 3;

/**
 * What a probe has at its tip in a parcel, °C; null where nothing is in it.
 * @param parcel which one that is measured, from 0
 * @param times pushed in for the first time, the second: a bent tip misses the middle at the very first push, and finds it afterwards.
 *   Several are measured because one may lie: with it every other tells the truth
 */
export function rehearsedCore(situation: Situation, parcel: number, minute: number, times: number): number | null {
  const { rehearsal, batch, kitchen } = situation;
  const { heatFactor, biasK, probeErrorK } = hiddenOf(rehearsal);
  const ownC = simulatedCore(batch, kitchen, parcel, minute, { factor: heatFactor, biasK }, rehearsal.seed);
  if (ownC === null) return null;
  const atOnce = account(batch, kitchen, null).loads?.atOnce ?? batch.count;
  const isLeast = parcel % LEAST_AMONG === LEAST_AMONG - 1 || atOnce < LEAST_AMONG;
  const leastC = leastDoneAt(situation, minute);
  const trueC = isLeast ? leastC : Math.max(leastC, ownC);
  const misses = parcel === 0 && times === 1 && atOnce > 1;
  return misses ? Math.min(BOILING_C, trueC + probeErrorK) : trueC;
}

/** The middle of the least-done by then, in the kitchen as it really is, °C. */
function leastDoneAt(situation: Situation, minute: number): number {
  const { batch } = situation;
  const kitchen = kitchenNow(situation, truthNow(situation));
  const o = outline(batch, kitchen);
  const cooked = cook(batch, kitchen, o, drawLedger(o.lines, batch.water, 0));
  const { deviations } = forecastCore(cooked, null).differs;
  return coreAt(planFor(cooked, deviations ?? undefined), [Math.max(0.05, minute)])[0];
}

/** Beside the middle, too, nothing moist is hotter, °C. */
const BOILING_C = 99;
