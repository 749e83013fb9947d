/** How deep a filling lies in a vessel, within what a document takes. */
import { LIMITS } from '../document/limits';

/** Depth of so much filling on an area, mm. @param density g/ml */
export const depthOn = (massG: number, density: number, areaCm2: number): number =>
  Math.min(LIMITS.depthMm.most, Math.max(LIMITS.depthMm.least, (10 * massG) / density / areaCm2));

/** Area that so much filling takes at a depth, cm². */
export const areaFor = (massG: number, density: number, depthMm: number): number => (10 * massG) / density / depthMm;
