/** The steps of a cooking plan: what follows from them, and how they are changed. */
import { LIMITS } from '../vocabulary/limits';
import { FORMS, type FormId } from '../forms';
import { MEDIA } from '../vocabulary/media';
import { METHODS, type Method } from '../vocabulary/methods';
import { type CookStep } from '../vocabulary/media/step';

/** All steps together, minutes. */
export const plannedMinutes = ({ steps }: { steps: readonly CookStep[] }): number =>
  steps.reduce((sum, { minutes }) => sum + minutes, 0);

/** The step that a cook means by "at so many degrees": the longest that heats. */
export const mainStep = ({ steps }: { steps: readonly CookStep[] }): CookStep =>
  steps.reduce((best, step) =>
    Number(MEDIA[step.medium].heats) > Number(MEDIA[best.medium].heats) ||
    (MEDIA[step.medium].heats === MEDIA[best.medium].heats && step.minutes > best.minutes)
      ? step
      : best,
  );

/** The last step that heats: the one that is made longer. */
const lastHeating = (steps: readonly CookStep[]): number => {
  const goesOn = steps.map(({ medium }) => MEDIA[medium].heats && !MEDIA[medium].isFinish).lastIndexOf(true);
  const index = goesOn >= 0 ? goesOn : steps.map(({ medium }) => MEDIA[medium].heats).lastIndexOf(true);
  return index < 0 ? steps.length - 1 : index;
};

const tidy = (minutes: number): number =>
  Math.min(LIMITS.cookMinutes.most, Math.max(LIMITS.cookMinutes.least, Math.round(minutes * 2) / 2));

/**
 * The same steps taking so many minutes in all. Turned and turned again, each side takes its share; else the last step that
 * heats takes what is more or less.
 */
export function lasting(steps: readonly CookStep[], minutes: number): CookStep[] {
  if (steps.some(({ turn }) => turn)) {
    const factor = minutes / plannedMinutes({ steps });
    return steps.map((step) => ({ ...step, minutes: tidy(step.minutes * factor) }));
  }
  const index = lastHeating(steps);
  const others = plannedMinutes({ steps }) - steps[index].minutes;
  return steps.map((step, i) => (i === index ? { ...step, minutes: tidy(minutes - others) } : step));
}

/** A method by itself, as commands and older documents say it: so hot, so long. */
export function stepsSaid(method: Method, form: FormId, wanted: { mediumC?: number; minutes?: number }): CookStep[] {
  const { steps, usualMinutes } = METHODS[method];
  return steps(wanted.minutes ?? usualMinutes[FORMS[form].size]).map((step) =>
    wanted.mediumC !== undefined && MEDIA[step.medium].isSet ? { ...step, mediumC: wanted.mediumC } : { ...step },
  );
}
