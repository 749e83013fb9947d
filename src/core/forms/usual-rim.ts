/** A small skin is closed with a narrower rim than usual. */
import { acrossOf, type Skin } from './skins';
import { type FormId, FORMS } from './index';

/** Narrower than this a rim does not hold, mm. House estimate. */
const LEAST_MM = 4;

/**
 * The rim that a skin of this size is given where nobody says another, mm: the usual one, on a smaller skin in proportion to it,
 * in half mm. House estimate.
 */
export function usualRimMm(form: FormId, skin: Skin): number {
  const { usual } = FORMS[form];
  const inProportion = Math.round((2 * usual.rimMm * acrossOf(skin)) / acrossOf(usual.skin)) / 2;
  return Math.min(usual.rimMm, Math.max(LEAST_MM, inProportion));
}
