/** The Thomas algorithm for tridiagonal systems: diagonally dominant here, so that no pivoting is needed. */

/**
 * Solves a tridiagonal system; the answer replaces `rhs`.
 * @param lower below the diagonal; lower[0] is not read
 * @param diagonal the diagonal; overwritten
 * @param upper above the diagonal; the last is not read
 * @param rhs the right-hand side; overwritten with the solution
 */
export function solveTridiagonal(
  lower: Float64Array,
  diagonal: Float64Array,
  upper: Float64Array,
  rhs: Float64Array,
): void {
  const n = rhs.length;
  for (let i = 1; i < n; i++) {
    const factor = lower[i] / diagonal[i - 1];
    diagonal[i] -= factor * upper[i - 1];
    rhs[i] -= factor * rhs[i - 1];
  }
  rhs[n - 1] /= diagonal[n - 1];
  for (let i = n - 2; i >= 0; i--) rhs[i] = (rhs[i] - upper[i] * rhs[i + 1]) / diagonal[i];
}
