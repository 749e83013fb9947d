/** A filling under a skin that is drawn up to a point over it: a flat floor, as many ridges as corners. */
import { type Body, thickOver } from './body';

interface Floor {
  /** Area of the floor over the square of the radius of the largest circle in it. */
  area: number;
  /** From its middle to a corner, over that radius. */
  corner: number;
  /** The dimension of a tent over it as low as it is, and by how much more as it grows steep. Fitted. */
  fitted: readonly [low: number, steeper: number];
}

/** A floor of three sides, its corners rounded by a circle 1½ times as large as the one inside. House estimate. */
export const THREE: Floor = { area: 4.745, corner: 1.5, fitted: [1.36, 1.16] };
/** Of four, its corners rounded by one 1¼ times as large. House estimate. */
export const FOUR: Floor = { area: 3.887, corner: 1.25, fitted: [1.4, 1.31] };

/** Its height over the radius of the circle in its floor, nearly empty and full. House estimates. */
const LOW = 0.7;
const HIGH = 1.3;

const steepness = (fill: number): number => LOW + (HIGH - LOW) * Math.min(1, fill);

/** From the middle of its floor to a side, mm: a vault over it holds half of floor × height. */
export const tentFloor = (floor: Floor, ml: number, fill: number): number =>
  Math.cbrt((2 * ml * 1000) / (floor.area * steepness(fill)));

/** A filling as most are stands about as high as its floor reaches. */
const USUAL = (LOW + HIGH) / 2;

/** Seen from above: from its middle to a side, wrapper and all, mm. */
export const tentAcross = ({ fillingMm, wrapperMm }: Body): number => (2 * fillingMm) / USUAL + wrapperMm;

/**
 * So much under a skin so thick, as a body; its dimension is fitted.
 * @param fill share of the most that the skin holds
 */
export function tentBody(floor: Floor, ml: number, fill: number, wrapperMm: number): Body {
  const size = { fillingMm: (steepness(fill) * tentFloor(floor, ml, fill)) / 2, wrapperMm };
  const [low, steeper] = floor.fitted;
  return { dimension: low + steeper * (steepness(fill) - LOW) + 0.28 * thickOver(size), ...size };
}
