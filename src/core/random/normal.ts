/** The normal distribution, backwards. */

const A = [
  -39.69683028665376, 220.9460984245205, -275.9285104469687, 138.357751867269, -30.66479806614716, 2.506628277459239,
];
const B = [-54.47609879822406, 161.5858368580409, -155.6989798598866, 66.80131188771972, -13.28068155288572, 1];
const C = [
  -0.007784894002430293, -0.3223964580411365, -2.400758277161838, -2.549732539343734, 4.374664141464968,
  2.938163982698783,
];
const D = [0.007784695709041462, 0.3224671290700398, 2.445134137142996, 3.754408661907416, 1];
/** Beyond this share of either end another fit holds. */
const TAIL = 0.02425;

const polynomial = (coefficients: readonly number[], x: number): number =>
  coefficients.reduce((sum, coefficient) => sum * x + coefficient, 0);

/** Standard deviations below which such a share lies, 0 to 1 (Acklam’s rational approximation, good to 1e-9). */
export function normalQuantile(share: number): number {
  if (share <= 0) return -Infinity;
  if (share >= 1) return Infinity;
  if (share > 1 - TAIL) return -normalQuantile(1 - share);
  if (share < TAIL) {
    const q = Math.sqrt(-2 * Math.log(share));
    return polynomial(C, q) / polynomial(D, q);
  }
  const q = share - 0.5;
  return (q * polynomial(A, q * q)) / polynomial(B, q * q);
}
