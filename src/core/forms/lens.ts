/** Two flat skins sealed together round a filling: how much they hold, and how high it stands. */

/**
 * The most that two rounds sealed flat enclose, as a multiple of the cube of their radius inside the rim.
 * Paulsen, "What is the shape of a Mylar balloon?", American Mathematical Monthly 101 (1994).
 */
export const ROUND_PILLOW = 1.2185;

/**
 * The most that two rectangles sealed flat enclose, mm³.
 * Robin, "Paper bag problem", Mathematics Today 40 (2004): w³ (h/(πw) − 0.142 (1 − 10^(−h/w))), w ≤ h.
 */
export function rectanglePillow(oneSide: number, otherSide: number): number {
  const [w, h] = oneSide <= otherSide ? [oneSide, otherSide] : [otherSide, oneSide];
  return w <= 0 ? 0 : w ** 3 * (h / (Math.PI * w) - 0.142 * (1 - 10 ** (-h / w)));
}

/** How high a mound of so much filling stands on a round floor of radius a, mm: a cap of a sphere, πh(3a² + h²)/6 = V. */
export function moundHeight(ml: number, a: number): number {
  if (a <= 0) return 0;
  const volume = ml * 1000;
  // Cardano's one real root of h³ + 3a²h = 6V/π.
  const half = (3 * volume) / Math.PI;
  const root = Math.sqrt(half ** 2 + a ** 6);
  return Math.cbrt(half + root) - Math.cbrt(root - half);
}

/** From the foot of a mound over its top to the middle, mm: the arc that the upper skin must cover. */
export function moundArc(heightMm: number, a: number): number {
  if (heightMm <= 1e-9) return a;
  const radius = (a * a + heightMm * heightMm) / (2 * heightMm);
  return radius * 2 * Math.atan2(heightMm, a);
}

/** How much less a shape that is less round holds for its area: fitted to the round (exact) and to Robin's squares and rectangles. */
const LESS_ROUND = 0.6;

/**
 * The most that two flat skins of any plain shape sealed together enclose, mm³: as a round of their area, less by how far they
 * are from round (4π area / edge²). Within 1 % of Robin's rule from a square to one twice as long, 3 % at four times; for triangles a house estimate.
 */
export const flatSealed = (areaMm2: number, edgeMm: number): number =>
  edgeMm <= 0 ? 0 : ROUND_PILLOW * (areaMm2 / Math.PI) ** 1.5 * ((4 * Math.PI * areaMm2) / edgeMm ** 2) ** LESS_ROUND;
