/**
 * A simulated thermometer that ships with the application: it cools with hidden coefficients, is noisy, drops out, and
 * slips out of the food now and then. The same function of the time runs on the server and in the worker, so that it goes
 * on wherever it is asked.
 */
import { coolingCurve } from '../cooling/curve';
import { type CoolingPlan } from '../cooling/stretches';
import { hash01 } from '../random/hash';
import { type Signal } from './signal';

export interface SimulatedThermometer {
  /** What it shows at a minute: the same at every asking. */
  at(minute: number): Signal;
  /** Hidden from the cook; for tests. */
  truth: { factor: number; minutesTo(c: number): number | null };
}

/** One signal in so many is lost; slips come now and then and last some minutes. House choices for practice. */
const LOST_SHARE = 0.06;
const SLIP_EVERY = 47;
const SLIP_LASTS = 3;
const SLIP_AFTER = 12;
const NOISE = 0.5;
/** Signals a minute. */
const PER_MINUTE = 6;

/**
 * A thermometer in a cooling that goes otherwise than planned.
 * @param seed decides its coefficients, noise and mishaps
 */
export function simulateThermometer(plan: CoolingPlan, seed: number): SimulatedThermometer {
  const factor = (plan.factor ?? 1) * (0.7 + 0.8 * hash01(seed, 1));
  const curve = coolingCurve({ ...plan, factor }, (plan.ambientC ?? 20) + 1);
  return {
    truth: { factor, minutesTo: curve.minutesTo },
    at: (minute) => {
      const index = 100 + Math.floor(minute * PER_MINUTE);
      if (hash01(seed, index) < LOST_SHARE) return { minute, c: null };
      const isSlipped = minute > SLIP_AFTER && minute % SLIP_EVERY < SLIP_LASTS;
      const { centreC, surfaceC } = curve.at(minute);
      const noise = NOISE * (2 * hash01(seed, index + 1e6) - 1);
      const c = isSlipped ? (surfaceC + 2 * (plan.ambientC ?? 20)) / 3 : centreC;
      return { minute, c: Math.round((c + noise) * 10) / 10 };
    },
  };
}
