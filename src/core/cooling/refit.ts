/**
 * What readings say about how quickly it really cools: the surface coefficients as a multiple of the usual ones, and the
 * temperature it began with, by least squares (Levenberg–Marquardt) with what is usual as a prior.
 */
import { levenbergMarquardt } from 'ml-levenberg-marquardt';
import { coolingCurve, type CoolingCurve, type CoolingPlan } from './curve';
import { type Counted, type Reading } from '../safety/evidence';

export interface CoolingFit {
  /** Surface coefficients, as a multiple of what the plan says. */
  factor: number;
  /** What it began with, °C. */
  startC: number;
  /** Root mean square of what is left over, K. */
  residualK: number;
  readings: number;
  /** Steps of the solver that it took. */
  steps: number;
}

/** A kitchen thermometer and where it is stuck, K; how far kitchens differ, as a logarithm; how well the start is known, K. House estimates. */
const READING_SD = 0.8;
const LOG_FACTOR_SD = 0.45;
const START_SD = 2.5;
/** The factor stays within what cooling in a kitchen can be. */
const MOST_LOG = Math.log(4);
/** Where the priors stand among the readings: no minute is below 0. */
const PRIOR_FACTOR = -1;
const PRIOR_START = -2;
const ITERATIONS = 7;
/** An iteration works out so many curves; together they may take about so many steps of the solver. */
const CURVES_AN_ITERATION = 5;
const MOST_STEPS = 6000;
const LEAST_ITERATIONS = 1;
/** Thousands of readings say no more than so many, taken evenly over the time. */
const MOST_READINGS = 60;
/** The factor that is kept in the kitchen stays within this. */
const FACTOR = { least: 0.2, most: 5 };

/**
 * Fits a plan to readings of its warmest place.
 * @param counted readings that count, in the order of time
 * @returns null without a usable reading
 */
export function fitCooling(plan: CoolingPlan, counted: readonly Counted<Reading>[]): CoolingFit | null {
  const used = evenly(counted);
  if (used.length === 0) return null;
  const lowest = Math.min(...used.map((r) => r.c));
  let steps = 0;
  const curveFor = (log: number, offset: number): CoolingCurve => {
    const curve = coolingCurve(
      { ...plan, startC: plan.startC + offset, factor: (plan.factor ?? 1) * Math.exp(log) },
      Math.min(lowest - 8, plan.startC - 1),
    );
    steps += curve.steps;
    return curve;
  };
  const assumed = plan.factor ?? 1;
  const each = CURVES_AN_ITERATION * curveFor(0, 0).steps;
  const data = {
    x: [...used.map((r) => r.minute), PRIOR_FACTOR, PRIOR_START],
    // In multiples of what each is uncertain by.
    y: [...used.map((r) => r.c / READING_SD), 0, 0],
  };
  const { parameterValues } = levenbergMarquardt(
    data,
    ([log, offset]) => {
      const curve = curveFor(log, offset);
      return (x) => {
        if (x === PRIOR_FACTOR) return log / LOG_FACTOR_SD;
        return x === PRIOR_START ? offset / START_SD : curve.at(x).centreC / READING_SD;
      };
    },
    {
      initialValues: [0, 0],
      minValues: [Math.max(-MOST_LOG, Math.log(FACTOR.least / assumed)), -3 * START_SD],
      maxValues: [Math.min(MOST_LOG, Math.log(FACTOR.most / assumed)), 3 * START_SD],
      gradientDifference: [0.02, 0.2],
      damping: 0.01,
      maxIterations: Math.max(LEAST_ITERATIONS, Math.min(ITERATIONS, Math.floor(MOST_STEPS / each))),
      errorTolerance: 1e-4,
    },
  );
  const [log, offset] = parameterValues;
  const curve = curveFor(log, offset);
  const squares = used.reduce((sum, r) => sum + (curve.at(r.minute).centreC - r.c) ** 2, 0);
  return {
    factor: (plan.factor ?? 1) * Math.exp(log),
    startC: plan.startC + offset,
    residualK: Math.sqrt(squares / used.length),
    readings: counted.length,
    steps,
  };
}

/** Of many readings some, the first and the last among them. */
function evenly(readings: readonly Reading[]): readonly Reading[] {
  if (readings.length <= MOST_READINGS) return readings;
  const last = readings.length - 1;
  return Array.from({ length: MOST_READINGS }, (_, i) => readings[Math.round((i * last) / (MOST_READINGS - 1))]);
}
