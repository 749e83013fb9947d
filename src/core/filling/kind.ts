/** What a filling is, as far as it decides how much liquid is right: meat or fish that goes in raw is meant to be juicy. */
import { type FillingKind } from '../vocabulary/methods/method';
import { HAZARDS } from '../vocabulary/foods';
import { type ResolvedLine } from './lines';
import { goesInRaw } from './raw';
import { isFruity, isSweetFilling } from './sweet';

/** From this share of raw meat or fish on a filling is one of it. House estimate. */
const SHARE_OF_RAW = 0.2;

/** The kind of a filling. */
export function kindOf(lines: readonly ResolvedLine[]): FillingKind {
  const all = lines.reduce((sum, l) => sum + l.readyG, 0);
  const raw = lines
    .filter((l) => goesInRaw(l) && HAZARDS[l.ingredient.hazard].isFlesh)
    .reduce((sum, l) => sum + l.readyG, 0);
  if (all > 0 && raw / all >= SHARE_OF_RAW) return 'raw';
  return isFruity(lines) || isSweetFilling(lines) ? 'sweet' : 'cooked';
}
