/**
 * Least squares by Levenberg–Marquardt, with what is usual as a prior: each unknown is drawn to its usual value as strongly as one
 * reading, measured in its own standard deviation.
 */
import { levenbergMarquardt } from 'ml-levenberg-marquardt';

/** What is looked for. */
export interface Unknown {
  /** How far it usually is from 0, where it is looked for: the prior. */
  sd: number;
  least: number;
  most: number;
  /** A difference that shows how much depends on it. */
  step: number;
}

interface Fitted {
  values: number[];
  /** Root mean square of what is left over, in the unit of what was observed. */
  residual: number;
  /** A tenth of a standard deviation to either side, of any unknown, it fits no better. */
  isSettled: boolean;
}

/** So far to either side is looked, in standard deviations. */
const BESIDE = 0.1;
const DAMPING = 0.01;
const TOLERANCE = 1e-4;

/**
 * Fits some unknowns to what was observed.
 * @param observed in any one unit, each uncertain by `sd`
 * @param predicted what would be observed, for values of the unknowns: asked for each by its number
 * @param most iterations
 */
export function leastSquares(
  observed: readonly number[],
  sd: number,
  unknowns: readonly Unknown[],
  predicted: (values: readonly number[]) => (i: number) => number,
  most: number,
): Fitted {
  const data = {
    // The priors stand among what was observed, under numbers below 0.
    x: [...observed.map((_, i) => i), ...unknowns.map((_, i) => -1 - i)],
    // In multiples of what each is uncertain by.
    y: [...observed.map((value) => value / sd), ...unknowns.map(() => 0)],
  };
  const weighed = (values: number[]) => {
    const curve = predicted(values);
    return (x: number): number => (x < 0 ? values[-1 - x] / unknowns[-1 - x].sd : curve(x) / sd);
  };
  const { parameterValues: values } = levenbergMarquardt(data, weighed, {
    initialValues: unknowns.map(() => 0),
    minValues: unknowns.map(({ least }) => least),
    maxValues: unknowns.map((unknown) => unknown.most),
    gradientDifference: unknowns.map(({ step }) => step),
    damping: DAMPING,
    maxIterations: most,
    errorTolerance: TOLERANCE,
  });
  const off = (of: number[]): number => {
    const errors = weighed(of);
    return data.x.reduce((sum, x, i) => sum + (errors(x) - data.y[i]) ** 2, 0);
  };
  const isBetter = (i: number, by: number): boolean => {
    const beside = values.map((value, j) => (j === i ? value + by * unknowns[i].sd : value));
    return beside[i] >= unknowns[i].least && beside[i] <= unknowns[i].most && off(beside) < here;
  };
  const here = off(values);
  const curve = predicted(values);
  const squares = observed.reduce((sum, value, i) => sum + (curve(i) - value) ** 2, 0);
  return {
    values,
    residual: Math.sqrt(squares / observed.length),
    isSettled: !unknowns.some((_, i) => isBetter(i, BESIDE) || isBetter(i, -BESIDE)),
  };
}
