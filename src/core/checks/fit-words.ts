/** What the fixes of Fit share: their words, and the steps and spans that a cook thinks in. */
import { type Skin, SHAPES, sizeOf, withSize } from '../forms/skins';
import { formatNumber } from '../units/amount';

/** Skins are rolled, and pans sold, in steps of so many mm. */
export const STEP_MM = 5;
/** Rolled thinner than this share of what is usual for it, a dough tears. House estimate. */
export const THINNEST = 0.6;

export const takes = (to: number, from: number): string =>
  `Take ${formatNumber(to)} g instead of ${formatNumber(from)} g`;

/** A skin in whole steps. */
export function inSteps(skin: Skin, round: (steps: number) => number): Skin {
  return SHAPES[skin.shape].sizes.reduce(
    (so, { key }) => (key === 'depthMm' ? so : withSize(so, key, round((sizeOf(skin, key) ?? 0) / STEP_MM) * STEP_MM)),
    skin,
  );
}
