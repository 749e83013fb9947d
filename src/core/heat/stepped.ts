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

/**
 * Every state of the solver from the start to the end of the last step, or until it has seen enough.
 * A parcel that meets anything from below in one of its steps has two faces in all of them.
 */
export function heatInSteps(
  { steps, ...parcel }: SteppedPlan,
  isEnough: (now: ParcelState) => boolean = () => false,
  watch: (body: HeatedParcel, now: ParcelState) => void = () => undefined,
): ParcelState[] {
  const hasInner = steps.some(({ inner }) => inner !== undefined);
  const around = ({ outer, inner }: HeatStep): Around => ({ outer, ...(hasInner ? { inner: inner ?? outer } : {}) });
  const body = new HeatedParcel({ ...parcel, around: around(steps[0]) });
  const states: ParcelState[] = [body.state()];
  let end = 0;
  for (const [i, step] of steps.entries()) {
    if (i > 0) body.put(around(step));
    if (step.turn) body.turn();
    const began = end;
    end += step.minutes * 60;
    for (let now = states[states.length - 1]; end - now.seconds > 1e-6; states.push(now)) {
      if (isEnough(now)) return states;
      if (step.path) body.drift(step.path(now.seconds - began));
      now = body.advance(Math.min(end - now.seconds, step.path ? STRIDE_S : Infinity));
      watch(body, now);
    }
  }
  return states;
}
