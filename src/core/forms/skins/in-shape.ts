/** A skin, or a pan, of another shape and about the same size. */
import { LIMITS } from '../../vocabulary/limits';
import { acrossOf, type Shape, type Skin } from '.';

/** The same size in another shape, as nearly as it can be. */
export function inShape(skin: Skin, shape: Shape): Skin {
  const across = acrossOf(skin);
  const lined = 'sheetsBelow' in skin ? skin : null;
  if (shape === 'round') return { shape, diameterMm: across };
  if (shape === 'oval')
    return { shape, lengthMm: Math.min(LIMITS.skinMm.most, Math.round(across * 1.3)), widthMm: across };
  if (shape === 'pan' && lined) return { ...sheets(lined), shape, diameterMm: across };
  if (shape === 'tin' && lined) return { ...sheets(lined), shape, lengthMm: across, widthMm: across };
  return skin;
}
const sheets = ({ depthMm, sheetsBelow, sheetsAbove }: Extract<Skin, { depthMm: number }>) => ({
  depthMm,
  sheetsBelow,
  sheetsAbove,
});
