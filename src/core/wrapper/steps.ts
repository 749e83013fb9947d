/** The steps of making a dough, with the minutes they take in this kitchen. */
import { type DoughStep } from '../vocabulary/doughs/dough';
import { type Dough } from './dough';
import { riseMinutes } from './rise';

export interface TimedStep {
  what: string;
  handsOnMinutes: number;
  waitMinutes: [low: number, high: number];
  /** It rises while it waits. */
  isRise?: boolean;
  part?: DoughStep['part'];
}

/** Doughs rise by feel, not by the clock: from so much less to so much more. House estimate. */
const EARLIER = 0.85;
const LATER = 1.25;
const roundTo5 = (minutes: number): number => Math.max(5, Math.round(minutes / 5) * 5);

/** @param riseC where it rises, °C @param factor so many times as long as the table says it rises here */
export const timedSteps = (dough: Pick<Dough, 'steps' | 'parts'>, riseC: number, factor = 1): TimedStep[] =>
  dough.steps.map((step) => ({
    what: step.what,
    handsOnMinutes: step.handsOnMinutes,
    waitMinutes: waitOf(step, dough, riseC, factor),
    ...(step.isRise === undefined ? {} : { isRise: step.isRise }),
    ...(step.part === undefined ? {} : { part: step.part }),
  }));

function waitOf(
  { isRise, waitMinutes }: DoughStep,
  { parts }: Pick<Dough, 'parts'>,
  riseC: number,
  factor: number,
): [number, number] {
  const minutes = isRise ? riseMinutes(parts, riseC) : null;
  return minutes === null
    ? [...waitMinutes]
    : [roundTo5(minutes * factor * EARLIER), roundTo5(minutes * factor * LATER)];
}
