/**
 * A response surface: minutes as a quadratic of three things that differ from parcel to parcel, from 27 solves on a full grid of
 * three levels. Fitted to the logarithm: minutes go as powers of thickness and of temperature differences. On the full grid the
 * least squares have a closed form, as its columns are orthogonal (Box & Wilson 1951).
 */

/** How far from the middle the grid reaches, standard deviations. */
const REACH = 2;
const LEVELS = [-1, 0, 1] as const;
const POINTS = LEVELS.length ** 3;
/** Means of x² on three levels, and of what is left of it. */
const MEAN_SQUARE = 2 / 3;

type Point = readonly [number, number, number];

const GRID: readonly Point[] = LEVELS.flatMap((a) => LEVELS.flatMap((b) => LEVELS.map((c): Point => [a, b, c])));

export interface ResponseSurface {
  /** Minutes at so many standard deviations from the middle of each. */
  minutes(deviations: Point): number;
}

/**
 * Fits the surface.
 * @param solve minutes at so many standard deviations of each; null where it never gets there
 * @returns null where a point of the grid never gets there: then no time is long enough for all
 */
export function fitResponse(solve: (deviations: Point) => number | null): ResponseSurface | null {
  const logs: number[] = [];
  for (const [a, b, c] of GRID) {
    const minutes = solve([REACH * a, REACH * b, REACH * c]);
    if (minutes === null || !(minutes > 0)) return null;
    logs.push(Math.log(minutes));
  }
  const project = (column: (p: Point) => number): number => {
    const [up, down] = GRID.reduce(
      ([u, d], point, i) => {
        const x = column(point);
        return [u + x * logs[i], d + x * x];
      },
      [0, 0],
    );
    return up / down;
  };
  const mean = logs.reduce((sum, y) => sum + y, 0) / POINTS;
  const linear = [0, 1, 2].map((i) => project((p) => p[i]));
  const square = [0, 1, 2].map((i) => project((p) => p[i] ** 2 - MEAN_SQUARE));
  const crossed = CROSSED.map(([i, j]) => project((p) => p[i] * p[j]));
  return {
    minutes: (deviations) => {
      const x = deviations.map((d) => d / REACH);
      let y = mean;
      for (let i = 0; i < 3; i++) y += linear[i] * x[i] + square[i] * (x[i] ** 2 - MEAN_SQUARE);
      for (const [k, [i, j]] of CROSSED.entries()) y += crossed[k] * x[i] * x[j];
      return Math.exp(y);
    },
  };
}
const CROSSED = [
  [0, 1],
  [0, 2],
  [1, 2],
] as const;
