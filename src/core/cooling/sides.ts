/**
 * The wall of a pot: heat leaves through it, too. A pot is a short cylinder, and the temperature in one is the product of that
 * in a slab and that in a long cylinder (Newman 1936; Incropera & DeWitt, Fundamentals of Heat and Mass Transfer, 5.8). The
 * slab is solved step by step; here is the cylinder by its series: how quickly its mean over the radius falls, and how much
 * warmer its axis is. Where it is moved to other air, the series of the new place goes on from the same time.
 */

/** One term of the series of a long cylinder: its root, and its shares at the axis and in the mean. */
interface Term {
  zeta: number;
  axis: number;
  mean: number;
}

/** How a round vessel loses heat sideways. */
export class Sides {
  /** Seconds since it was one temperature. */
  private seconds = 0;
  /** Temperature above the air at the axis, as a multiple of the mean over the radius. */
  private axis = 1;
  private readonly terms = new Map<number, Term[]>();

  /**
   * @param radius m
   * @param k conductivity, W/m·K
   * @param capacity heat capacity by volume, J/m³·K
   */
  constructor(
    private readonly radius: number,
    private readonly k: number,
    private readonly capacity: number,
  ) {}

  /**
   * Lets some seconds pass.
   * @param h coefficient at the wall, W/m²·K
   * @returns the share of the mean's distance from the air that is left
   */
  pass(seconds: number, h: number): number {
    const biot = (h * this.radius) / this.k;
    const terms = this.terms.get(biot) ?? termsOf(biot);
    this.terms.set(biot, terms);
    const fourier = (time: number): number => (this.k / this.capacity) * (time / this.radius ** 2);
    const sum = (of: 'axis' | 'mean', time: number): number =>
      terms.reduce((total, term) => total + term[of] * Math.exp(-term.zeta * term.zeta * fourier(time)), 0);
    const before = this.seconds === 0 ? 1 : sum('mean', this.seconds);
    this.seconds += seconds;
    const after = Math.min(before, sum('mean', this.seconds));
    // The axis is never warmer than at the start, and never colder than the mean.
    this.axis = Math.max(1, Math.min(1, sum('axis', this.seconds)) / after);
    return after / before;
  }

  /** Stirred: the same from axis to wall. */
  mix(): void {
    this.axis = 1;
    this.seconds = 0;
  }

  /** The temperature at the axis, where the mean over the radius is so much. */
  atAxis(meanC: number, airC: number): number {
    return airC + (meanC - airC) * this.axis;
  }
}

/** Zeros of J₁ and J₀ (tables): a root lies between each of the first and the one of the second above it. */
const J1_ZEROS = [0, 3.831_706, 7.015_587, 10.173_468, 13.323_692, 16.470_63] as const;
const J0_ZEROS = [2.404_826, 5.520_078, 8.653_728, 11.791_534, 14.930_918, 18.071_064] as const;
const ITERATIONS = 40;

/** The terms of the series at a Biot number. */
const termsOf = (biot: number): Term[] =>
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
