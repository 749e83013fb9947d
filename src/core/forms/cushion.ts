/** A filling in a flat skin closed all round: a cushion, as thick as its filling, and not spread to the corners. */
import { type Body, thickOver } from './body';

/**
 * Half its thickness over half its width: a little filling lies flat, full it stands as two flat skins do that are blown up
 * (0.6; Paulsen, see lens). In between a straight line. House estimate.
 */
const FLAT = 0.25;
const FULL = 0.6;

/**
 * So much in a flat skin with a wrapper so thick, as a body: a flattened ball. Its dimension is fitted.
 * @param fill share of the most that the skin holds
 */
export function cushionBody(ml: number, fill: number, wrapperMm: number): Body {
  const aspect = FLAT + (FULL - FLAT) * Math.min(1, fill);
  const size = { fillingMm: aspect * Math.cbrt((3 * ml * 1000) / (4 * Math.PI * aspect)), wrapperMm };
  const over = aspect - FLAT;
  return { dimension: 1.179 + 1.13 * over + 2.3 * over ** 2 + (0.22 + 0.7 * over) * thickOver(size), ...size };
}
