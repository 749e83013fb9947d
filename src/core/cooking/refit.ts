/**
 * What core readings say about how an appliance really heats: its surface coefficients as a multiple of the usual ones, and
 * how far it is from what it is set to, by least squares (Levenberg–Marquardt) with what is usual as a prior.
 */
import { leastSquares, type Unknown } from '../fitting/least-squares';
import { type CookingPlan, type CookingTarget, coreAt, minutesUntilDone } from '../heat/cooking';
import { type Surroundings } from '../heat/parcel';
import { type Counted, type Reading } from '../safety/evidence';

/** Against the minutes since it went into the heat. */
export type CoreReading = Reading;

interface CookingFit {
  /** On top of what the plan has. */
  factor: number;
  biasK: number;
  /** Root mean square of what is left over, K. */
  residualK: number;
  /** The readings have settled on it. */
  isSettled: boolean;
  readings: number;
}

/** A core reading and where the probe is stuck, K; how far appliances differ, as a logarithm. House estimates. */
const READING_SD = 1.5;
const LOG_FACTOR_SD = 0.4;
/** The factor stays within what a kitchen can be. */
const MOST_LOG = Math.log(2.5);
const MOST_BIAS_SD = 2.5;
const ITERATIONS = 8;
/** Cells that do where one curve is compared with another. */
const CELLS = 24;

/** The plan in an appliance that heats so many times as well, and is so much hotter than it is set to. Where it rests nothing changes. */
export function really(plan: CookingPlan, factor: number, biasK: number): CookingPlan {
  const met = ({ mediumC, h, hDry }: Surroundings): Surroundings => ({
    mediumC: mediumC + biasK,
    h: h * factor,
    ...(hDry === undefined ? {} : { hDry: hDry * factor }),
  });
  const [first, ...rest] = plan.steps.map((step) => {
    if (!step.heats) return step;
    const { path } = step;
    return {
      ...step,
      above: met(step.above),
      below: met(step.below),
      ...(path ? { path: (seconds: number) => path(seconds) + biasK } : {}),
    };
  });
  return { ...plan, steps: [first, ...rest] };
}

/**
 * Fits a plan to core readings.
 * @param biasSdK how far such appliances usually are from what they are set to, K; 0 where it cannot be: water boils where it boils
 * @returns null without a reading after the start
 */
export function fitCookingTo(
  plan: CookingPlan,
  target: CookingTarget,
  readings: readonly Counted<CoreReading>[],
  biasSdK: number,
): CookingFit | null {
  const used = readings.filter(({ minute }) => minute > 0);
  if (used.length === 0) return null;
  const hasBias = biasSdK > 0;
  const minutes = used.map(({ minute }) => minute);
  // The second unknown in standard deviations: how far from what it is set to.
  const unknowns: Unknown[] = [
    { sd: LOG_FACTOR_SD, least: -MOST_LOG, most: MOST_LOG, step: 0.02 },
    ...(hasBias ? [{ sd: 1, least: -MOST_BIAS_SD, most: MOST_BIAS_SD, step: 0.1 }] : []),
  ];
  const { values, residual, isSettled } = leastSquares(
    used.map(({ c }) => c),
    READING_SD,
    unknowns,
    ([log, bias = 0]) => {
      const cores = coreAt(really(plan, Math.exp(log), bias * biasSdK), minutes, CELLS);
      return (i) => cores[i];
    },
    ITERATIONS,
  );
  const [log, bias = 0] = values;
  return { factor: Math.exp(log), biasK: bias * biasSdK, residualK: residual, isSettled, readings: used.length };
}

/** Minutes until the target is reached in such an appliance; null where never. */
export const minutesAs = (plan: CookingPlan, target: CookingTarget, { factor, biasK }: CookingFit): number | null =>
  minutesUntilDone(really(plan, factor, biasK), target, CELLS);
