/** Heating in steps: how long in which surroundings, turned or not. */
import { type Around, HeatedParcel, type ParcelInput, type ParcelState } from './parcel';

export interface HeatStep extends Around {
  minutes: number;
  /** It is turned over as the step begins. */
  turn?: boolean;
  /** The medium, °C, so many seconds after the step began, where it does not stay as it is said to be. */
  path?: (seconds: number) => number;
}

/** Where the medium changes, parcel and medium are in step at least so often, s. */
const STRIDE_S = 5;

export interface SteppedPlan extends Omit<ParcelInput, 'around'> {
  steps: readonly [HeatStep, ...HeatStep[]];
}

type IsEnough = (now: ParcelState) => boolean;

/** All states from the start until enough is seen, so many seconds have passed, or the last step is over; asked again, it goes on. */
export type HeatingRun = (isEnough?: IsEnough, untilS?: number) => ParcelState[];

/**
 * Heating that can be looked at, and goes on from there. A parcel that meets anything from below in one of its steps has two
 * faces in all of them.
 */
export function heatingRun(
  { steps, ...parcel }: SteppedPlan,
  watch?: (body: HeatedParcel, now: ParcelState) => void,
): HeatingRun {
  const hasInner = steps.some(({ inner }) => inner !== undefined);
  const around = ({ outer, inner }: HeatStep): Around => ({ outer, inner: hasInner ? (inner ?? outer) : undefined });
  const body = new HeatedParcel({ ...parcel, around: around(steps[0]) });
  let now = body.state();
  const states = [now];
  let [at, began, end] = [-1, 0, 0];
  const isOver = (): boolean => {
    while (end - now.seconds <= 1e-6) {
      if (++at === steps.length) return true;
      if (at > 0) body.put(around(steps[at]));
      if (steps[at].turn) body.turn();
      began = end;
      end += steps[at].minutes * 60;
    }
    return false;
  };
  return (isEnough, untilS = Infinity) => {
    while (at < steps.length && untilS - now.seconds > 1e-6 && !isEnough?.(now) && !isOver()) {
      const { path } = steps[at];
      if (path) body.drift(path(now.seconds - began));
      now = body.advance(Math.min(Math.min(end, untilS) - now.seconds, path ? STRIDE_S : Infinity));
      watch?.(body, now);
      states.push(now);
    }
    return states.slice();
  };
}

/** Every state of the solver from the start to the end of the last step, or until it has seen enough. */
export const heatInSteps = (plan: SteppedPlan, isEnough?: IsEnough): ParcelState[] => heatingRun(plan)(isEnough);
