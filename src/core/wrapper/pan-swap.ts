/** The same pie in another pan: at the same depth, or as deep as the same filling lies in it. */
import { areaOf, type Skin, type SkinOf } from '../forms/skins';

type Pan = SkinOf<'pan' | 'tin'>;

interface PanSwap {
  skin: Pan;
  portionG: number;
  /** Filling in the new pan over filling in the old. */
  factor: number;
  /** How deep the filling lies, mm, before and after. */
  fromMm: number;
  toMm: number;
  /** So many times as long until the middle is hot: a slab takes the square of its depth. Roughly; Cook works it out. */
  slower: number;
}

export const isPan = (skin: Skin): skin is Pan => skin.shape === 'pan' || skin.shape === 'tin';

/**
 * @param fillMl filling in the old pan
 * @param keep `depth`: as deep as it was, with more or less filling; `filling`: the same filling, shallower or deeper
 */
export function swapPan(from: Pan, to: Pan, portionG: number, fillMl: number, keep: 'depth' | 'filling'): PanSwap {
  const areas = areaOf(to) / areaOf(from);
  const factor = keep === 'depth' ? areas : 1;
  const deeper = factor / areas;
  const fromMm = (fillMl * 1000) / areaOf(from);
  return {
    skin: { ...to, sheetsBelow: from.sheetsBelow, sheetsAbove: from.sheetsAbove },
    portionG: Math.round(portionG * factor),
    factor,
    fromMm,
    toMm: fromMm * deeper,
    slower: deeper ** 2,
  };
}
