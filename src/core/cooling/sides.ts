/**
 * The wall of a pot: heat leaves through it, too. A pot is a short cylinder, and the temperature in one is the product of that
 * in a slab and that in a long cylinder (Newman 1936; Incropera & DeWitt, Fundamentals of Heat and Mass Transfer, 5.8). The
 * slab is solved step by step; here is the cylinder: how quickly its mean falls, and how much warmer its axis stays. Its
 * first mode is exact; the way there is one relaxation, which the finite cylinder checks in a test.
 */

/** How a round vessel loses heat sideways. */
export class Sides {
  /** Temperature above the air at the axis and at the wall, as multiples of the mean over the radius. */
  private axis = 1;
  private wall = 1;
  /** What is left of the mean's distance from the air, of all that has passed since it was one temperature. */
  private left = 1;

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
    const zeta = firstRoot((h * this.radius) / this.k);
    const [j0, j1] = [bessel(0, zeta), bessel(1, zeta)];
    const [axisEnd, wallEnd] = [zeta / (2 * j1), (zeta * j0) / (2 * j1)];
    const diffusivity = this.k / this.capacity;
    const settles = ((SECOND_ROOT ** 2 - zeta ** 2) * diffusivity) / this.radius ** 2;
    const left = Math.exp(-settles * seconds);
    // The wall's share while it relaxes, averaged over the step.
    const mean = wallEnd + ((this.wall - wallEnd) * (1 - left)) / Math.max(1e-12, settles * seconds);
    this.wall = wallEnd + (this.wall - wallEnd) * left;
    const meanLeft = Math.exp((-2 * h * mean * seconds) / (this.radius * this.capacity));
    this.left *= meanLeft;
    // The axis stays at its start until the cold has reached it, then keeps its share of the first mode: the lower of both,
    // its corner rounded.
    this.axis = (this.left ** SHARPNESS + axisEnd ** -SHARPNESS) ** (-1 / SHARPNESS);
    return meanLeft;
  }

  /** Stirred: the same from axis to wall. */
  mix(): void {
    this.axis = 1;
    this.wall = 1;
    this.left = 1;
  }

  /** The temperature at the axis, where the mean over the radius is so much. */
  atAxis(meanC: number, airC: number): number {
    return airC + (meanC - airC) * this.axis;
  }
}

/** Where the second mode lies at a small Biot number; at a large one a little further. */
const SECOND_ROOT = 4.2;
const ITERATIONS = 40;
const SHARPNESS = 8;
const FIRST_ZERO = 2.404_825_557_7;

/** The first root of ζ J₁(ζ) = Bi J₀(ζ), by bisection: it lies below the first zero of J₀. */
export function firstRoot(biot: number): number {
  let [low, high] = [1e-6, FIRST_ZERO];
  for (let i = 0; i < ITERATIONS; i++) {
    const middle = (low + high) / 2;
    if (middle * bessel(1, middle) < biot * bessel(0, middle)) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** J₀ and J₁ by their power series: enough for arguments up to 3. */
export function bessel(order: 0 | 1, x: number): number {
  const quarter = -(x * x) / 4;
  let term = order === 0 ? 1 : x / 2;
  let sum = term;
  for (let n = 1; n < 20; n++) {
    term *= quarter / (n * (n + order));
    sum += term;
  }
  return sum;
}
