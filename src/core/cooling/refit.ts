/**
 * What readings say about how quickly it really cools: the surface coefficients as a multiple of the usual ones, and the
 * temperature it began with, by least squares (Levenberg–Marquardt) with what is usual as a prior.
 */
import { leastSquares } from '../fitting/least-squares';
import { coolingCurve, type CoolingCurve } from './curve';
import { type CoolingPlan } from './stretches';
import { type Counted, type Reading } from '../safety/evidence';

export interface CoolingFit {
  /** Surface coefficients, as a multiple of what the plan says. */
  factor: number;
  /** What it began with, °C. */
  startC: number;
  /** Root mean square of what is left over, K. */
  residualK: number;
  /** The readings have settled on it. */
  isSettled: boolean;
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
  const { values, residual, isSettled } = leastSquares(
    used.map(({ c }) => c),
    READING_SD,
    [
      {
        sd: LOG_FACTOR_SD,
        least: Math.max(-MOST_LOG, Math.log(FACTOR.least / assumed)),
        most: Math.min(MOST_LOG, Math.log(FACTOR.most / assumed)),
        step: 0.02,
      },
      { sd: START_SD, least: -3 * START_SD, most: 3 * START_SD, step: 0.2 },
    ],
    ([log, offset]) => {
      const curve = curveFor(log, offset);
      return (i) => curve.at(used[i].minute).centreC;
    },
    Math.max(LEAST_ITERATIONS, Math.min(ITERATIONS, Math.floor(MOST_STEPS / each))),
  );
  const [log, offset] = values;
  return {
    factor: assumed * Math.exp(log),
    startC: plan.startC + offset,
    residualK: residual,
    isSettled,
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
