/** A small skin is closed with a narrower rim than a large one. */
import { acrossOf, type Skin } from '../skins';
import { type FormId, FORMS } from './index';

/** Narrower than the first a rim does not hold, and nobody leaves more than the second, mm. House estimates. */
const LEAST_MM = 4;
const MOST_MM = 20;

/** The rim that a skin of this size is given where nobody says another: in proportion to the usual one, in half mm. House estimate. */
export function usualRimMm(form: FormId, skin: Skin): number {
  const { usual } = FORMS[form];
  if (usual.rimMm === 0) return 0;
  const inProportion = (usual.rimMm * acrossOf(skin)) / acrossOf(usual.skin);
  return Math.min(MOST_MM, Math.max(Math.min(LEAST_MM, usual.rimMm), Math.round(2 * inProportion) / 2));
}
