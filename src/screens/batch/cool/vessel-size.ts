/** How large the drawing of a vessel is: what keeps its room free asks, too, before the drawing is there. */

/** As wide as it is drawn; everything else is to this scale. */
export const WIDTH = 320;
/** Above the rim, lid or none; under the floor what it stands on. */
const WALL = 14;
const LID = 14;
const OPEN = 6;
const UNDER = 26;

export const scaleFor = (depthMm: number): number => Math.min(2.2, 120 / depthMm);
export const floorAt = (depthMm: number, covered: boolean): number =>
  depthMm * scaleFor(depthMm) + WALL + (covered ? LID : OPEN);
export const vesselHigh = (depthMm: number, covered: boolean): number => floorAt(depthMm, covered) + UNDER;
