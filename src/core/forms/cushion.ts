/** A filling in a flat skin closed all round: a cushion, as thick as its filling, and not spread to the corners. */
import { type Body, thickOver } from './body';

/**
 * Half its thickness over half its width: a little filling lies flat, full it stands as two flat skins do that are blown up
 * (0.6; Paulsen, see lens). In between a straight line. House estimate.
 */
const FLAT = 0.35;
const FULL = 0.6;

/** Half the thickness of so much filling, mm: a flattened ball. @param fill its share of the most that the skin holds */
function cushionHalf(ml: number, fill: number): number {
  const aspect = FLAT + (FULL - FLAT) * Math.min(1, fill);
  return aspect * Math.cbrt((3 * ml * 1000) / (4 * Math.PI * aspect));
}

/** So much in a flat skin with a wrapper so thick, as a body. Its dimension is fitted. */
export function cushionBody(ml: number, fill: number, wrapperMm: number): Body {
  const full = Math.min(1, fill);
  const size = { fillingMm: cushionHalf(ml, fill), wrapperMm };
  return { dimension: 1.29 + 0.38 * full + 0.1 * full ** 2 + 0.4 * thickOver(size), ...size };
}
