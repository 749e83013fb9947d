/** A long cylinder that was one temperature and stands in another: its series (Newman 1936; Incropera & DeWitt, 5.6). */

/** One term of the series of a long cylinder: its root, and its shares at the axis and in the mean. */
export interface Term {
  zeta: number;
  axis: number;
  mean: number;
}

/** Zeros of J₁ and J₀ (tables): a root lies between each of the first and the one of the second above it. */
const J1_ZEROS = [0, 3.831_706, 7.015_587, 10.173_468, 13.323_692, 16.470_63] as const;
const J0_ZEROS = [2.404_826, 5.520_078, 8.653_728, 11.791_534, 14.930_918, 18.071_064] as const;
const ITERATIONS = 40;

/** The terms of the series at a Biot number. */
export const termsOf = (biot: number): Term[] =>
  J0_ZEROS.map((_, n) => {
    const zeta = rootOf(biot, n);
    const [j0, j1] = [bessel(0, zeta), bessel(1, zeta)];
    const axis = (2 * j1) / (zeta * (j0 * j0 + j1 * j1));
    return { zeta, axis, mean: (axis * 2 * j1) / zeta };
  });

/** A root of ζ J₁(ζ) = Bi J₀(ζ), by bisection; the first is number 0. */
export function rootOf(biot: number, n: number): number {
  let [low, high] = [J1_ZEROS[n] + 1e-6, J0_ZEROS[n] as number];
  const off = (z: number): number => z * bessel(1, z) - biot * bessel(0, z);
  const sign = Math.sign(off(low));
  for (let i = 0; i < ITERATIONS; i++) {
    const middle = (low + high) / 2;
    if (Math.sign(off(middle)) === sign) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** J₀ and J₁ by their power series: to ten digits for arguments up to 20. */
export function bessel(order: 0 | 1, x: number): number {
  const quarter = -(x * x) / 4;
  let term = order === 0 ? 1 : x / 2;
  let sum = term;
  for (let n = 1; n < 60; n++) {
    term *= quarter / (n * (n + order));
    sum += term;
  }
  return sum;
}

/** How far the axis still is from the surroundings, share of what it was; 1 at the start. */
export const axisLeft = (terms: readonly Term[], fourier: number): number =>
  Math.max(
    0,
    Math.min(
      1,
      terms.reduce((sum, { zeta, axis }) => sum + axis * Math.exp(-zeta * zeta * fourier), 0),
    ),
  );
