/** What a filling is, as far as it decides how much liquid is right: meat or fish that goes in raw is meant to be juicy. */
import { type FillingKind } from '../vocabulary/methods/method';
import { HAZARDS } from '../vocabulary/foods';
import { type ResolvedLine } from './lines';
import { goesInRaw } from './raw';
import { isFruity, isMoistFruit, isSweetFilling } from './sweet';

/** From this share of raw meat or fish on a filling is one of it. House estimate. */
const SHARE_OF_RAW = 0.2;
/** Of a sweet one: from this share of moist fruit on its juice is a syrup, which forgives; whey under sugar does not. House estimate. */
const SHARE_OF_FRUIT = 0.3;

/** The kind of a filling. */
export function kindOf(lines: readonly ResolvedLine[]): FillingKind {
  const all = lines.reduce((sum, l) => sum + l.readyG, 0);
  const share = (is: (l: ResolvedLine) => boolean): number =>
    all > 0 ? lines.filter(is).reduce((sum, l) => sum + l.readyG, 0) / all : 0;
  if (share((l) => goesInRaw(l) && HAZARDS[l.ingredient.hazard].isFlesh) >= SHARE_OF_RAW) return 'raw';
  return isSweetFilling(lines) && (isFruity(lines) || share(isMoistFruit) >= SHARE_OF_FRUIT) ? 'fruit' : 'cooked';
}
