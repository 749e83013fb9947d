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
  /** Minutes at so many standard deviations from the middle of each of the three. */
  minutes(first: number, second: number, third: number): number;
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
  const [ab, ac, bc] = CROSSED.map(([i, j]) => project((p) => p[i] * p[j]));
  const [la, lb, lc] = linear;
  const [sa, sb, sc] = square;
  // Asked a hundred thousand times for each forecast: no list is made.
  return {
    minutes: (first, second, third) => {
      const [a, b, c] = [first / REACH, second / REACH, third / REACH];
      return Math.exp(
        mean +
          la * a +
          lb * b +
          lc * c +
          sa * (a * a - MEAN_SQUARE) +
          sb * (b * b - MEAN_SQUARE) +
          sc * (c * c - MEAN_SQUARE) +
          ab * a * b +
          ac * a * c +
          bc * b * c,
      );
    },
  };
}
const CROSSED = [
  [0, 1],
  [0, 2],
  [1, 2],
] as const;
