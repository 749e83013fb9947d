/** Does the filling fit its skin? Capacity, comfort, mass and ratio of one parcel. */
import { type Composition } from '../food/composition';
import { thermalProperties } from '../food/thermal';
import { type Dough } from './doughs';
import { type Body, FORMS, type FormId, type Skin } from './forms';

/** Air left in a filling, as a share of its compact density. House estimate. */
const PACKING = 0.97;

/** Density of a mixed filling, g/ml, from its composition. */
export const fillingDensity = (composition: Composition): number =>
  (PACKING * thermalProperties(composition, 20).density) / 1000;

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
