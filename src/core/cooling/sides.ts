/**
 * The wall of a pot: heat leaves through it, too. A pot is a short cylinder, and the temperature in one is the product of that
 * in a slab and that in a long cylinder (Newman 1936; Incropera & DeWitt, Fundamentals of Heat and Mass Transfer, 5.8). The
 * slab is solved step by step; here is the cylinder by its series: how quickly its mean over the radius falls, and how much
 * warmer its axis is. Where it is moved to other air, the series of the new place goes on from the same time.
 */

import { type Term, termsOf } from '../heat/cylinder';

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
