/** Steps of cooking changed, one more, one left out. */
import { MOST } from '../vocabulary/limits';
import { MEDIA } from '../vocabulary/media';
import { type CookStep } from '../vocabulary/media/step';

/** One step changed; another medium comes with its usual heat. */
export function changeStep(steps: readonly CookStep[], at: number, to: Partial<CookStep>): CookStep[] {
  return steps.map((step, i) => {
    if (i !== at) return step;
    const changed = { ...step, ...to };
    const { isSet, usualC } = MEDIA[changed.medium];
    const keeps = to.medium === undefined || to.medium === step.medium;
    const poured = changed.medium === 'pan-steam' ? {} : { waterG: null, starchG: 0 };
    return { ...changed, ...poured, mediumC: isSet ? (keeps ? (changed.mediumC ?? usualC) : usualC) : null };
  });
}

/** One step more after the last, like it; no more than a plan takes. */
export const addStep = (steps: readonly CookStep[]): CookStep[] =>
  steps.length >= MOST.cookSteps ? [...steps] : [...steps, { ...steps[steps.length - 1], turn: false }];

/** A step left out; the last one stays. */
export const removeStep = (steps: readonly CookStep[], at: number): CookStep[] =>
  steps.length <= 1 ? [...steps] : steps.filter((_, i) => i !== at);
