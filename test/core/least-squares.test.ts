/** The fit that cooling and cooking share, against what can be worked out by hand. */
import { leastSquares, type Unknown } from '@/core/fitting/least-squares';

const unknown = (sd: number): Unknown => ({ sd, least: -10, most: 10, step: 0.01 });
/** A straight line through minutes 0, 1, 2 …: a + b·minute. */
const line =
  ([a, b = 0]: readonly number[]) =>
  (i: number): number =>
    a + b * i;

it('one unknown is the mean, drawn to its prior as strongly as one reading of its own uncertainty', () => {
  const observed = [3, 5, 4];
  // n readings of sd 1 and a prior at 0 of sd 1: the sum over n + 1.
  const { values, residual } = leastSquares(observed, 1, [unknown(1)], line, 20);
  expect(values[0]).toBeCloseTo(12 / 4, 3);
  expect(residual).toBeCloseTo(Math.sqrt((0 + 4 + 1) / 3), 3);
  // Nothing is known beforehand: the mean itself.
  expect(leastSquares(observed, 1, [unknown(1000)], line, 20).values[0]).toBeCloseTo(4, 2);
});

it('finds both unknowns of what was made of them, stays within bounds, and says that it has settled', () => {
  const observed = Array.from({ length: 12 }, (_, i) => 2 - 0.5 * i);
  const found = leastSquares(observed, 0.1, [unknown(50), unknown(50)], line, 30);
  expect(found.values[0]).toBeCloseTo(2, 2);
  expect(found.values[1]).toBeCloseTo(-0.5, 2);
  expect(found).toMatchObject({ isSettled: true });
  const bound = leastSquares(observed, 0.1, [{ ...unknown(50), most: 1 }, unknown(50)], line, 30);
  expect(bound.values[0]).toBeLessThanOrEqual(1);
});

it('stopped on the way it says that it has not settled', () => {
  // Far off, and bent: one iteration does not find it.
  const bent =
    ([a]: readonly number[]) =>
    (i: number) =>
      Math.exp(a) * (i + 1);
  const observed = [1, 2, 3, 4].map((x) => Math.exp(3) * x);
  const wide: Unknown = { sd: 1, least: -5, most: 5, step: 0.01 };
  expect(leastSquares(observed, 1, [wide], bent, 1)).toMatchObject({ isSettled: false });
  const whole = leastSquares(observed, 1, [wide], bent, 60);
  expect(whole.values[0]).toBeCloseTo(3, 1);
  expect(whole.isSettled).toBe(true);
});
