/** How deep a filling lies in a vessel, within what a document takes. */
import { LIMITS } from '../vocabulary/limits';
import { type Batch } from '../stored/schema';
import { VESSELS } from '../vocabulary/vessels';

/** The pan that so much is cooked in: diameter, mm, up to a mass, g; what is more is in a pot. House estimates of household sizes. */
const PANS = [
  { upToG: 600, diameterMm: 240 },
  { upToG: 1500, diameterMm: 280 },
  { upToG: Infinity, diameterMm: 240 },
] as const;

/** The floor of the pan that so much filling was cooked in, cm². */
export function panArea(massG: number): number {
  const { diameterMm } = PANS.find(({ upToG }) => massG <= upToG) ?? PANS[2];
  return Math.PI * (diameterMm / 20) ** 2;
}

/** How deep a filling lies in its vessel, mm: by its floor, by the pan it was cooked in, or as it is said. */
export function depthIn(
  { vessel, depthMm }: Pick<Batch['cool'], 'vessel' | 'depthMm'>,
  massG: number,
  density: number,
): number {
  if (vessel.areaCm2 !== null) return depthOn(massG, density, vessel.areaCm2);
  return VESSELS[vessel.kind].followsMass ? depthOn(massG, density, panArea(massG)) : depthMm;
}

/** A vessel whose depth is said: what follows its contents becomes a pot. */
export const byDepth = ({ kind }: Batch['cool']['vessel']): Batch['cool']['vessel'] => ({
  kind: VESSELS[kind].followsMass ? 'pot' : kind,
  areaCm2: null,
});

/** Depth of so much filling on an area, mm. @param density g/ml */
export const depthOn = (massG: number, density: number, areaCm2: number): number =>
  Math.min(LIMITS.depthMm.most, Math.max(LIMITS.depthMm.least, (10 * massG) / density / areaCm2));

/** Area that so much filling takes at a depth, cm². */
export const areaFor = (massG: number, density: number, depthMm: number): number => (10 * massG) / density / depthMm;
