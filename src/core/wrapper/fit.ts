/** Does the filling fit its skin? Capacity, comfort, mass and ratio of one parcel. */
import { type Dough } from './dough';
import { type Body, type FormId, FORMS, type Skin } from '../document/vocabulary/forms';

export type FitState = 'good' | 'watch' | 'fix';

export interface Fit {
  maxMl: number;
  comfortableMl: [low: number, high: number];
  fillMl: number;
  state: FitState;
  wrapperG: number;
  /** Filling to wrapper, by mass. */
  ratio: number;
  halfThicknessMm: number;
  dimension: number;
  /** The same body in parts, for the heat model and the drawing. */
  body: Body;
}

export interface FitInput {
  form: FormId;
  skin: Skin;
  dough: Dough;
  fillingG: number;
  /** g/ml */
  density: number;
}

/**
 * How a parcel's filling fits its skin.
 * Good within the comfortable share of what the form can hold; Watch when slack or tight; Fix when it would split.
 */
export function fitParcel({ form: id, skin, dough, fillingG, density }: FitInput): Fit {
  const form = FORMS[id];
  const maxMl = form.maxMl(skin);
  const fillMl = fillingG / density;
  const [low, high] = form.comfortable;
  const share = maxMl > 0 ? fillMl / maxMl : Infinity;
  const wrapperG = (form.skinArea(skin) * skin.thicknessMm * dough.density) / 1e6;
  const body = form.body(skin, fillMl, (wrapperG / dough.cookedDensity) * 1000);
  return {
    maxMl,
    comfortableMl: [low * maxMl, high * maxMl],
    fillMl,
    state: share > form.tight ? 'fix' : share > high || share < low ? 'watch' : 'good',
    wrapperG,
    ratio: fillingG / wrapperG,
    halfThicknessMm: body.fillingMm + body.wrapperMm,
    dimension: body.dimension,
    body,
  };
}
