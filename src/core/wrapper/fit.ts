/** Does the filling fit its skin? Capacity, comfort, mass and ratio of one parcel. */
import { type Dough } from './dough';
import { type Body, type FormId, FORMS } from '../forms';
import { type Laid } from '../forms/skins';

export type FitState = 'good' | 'watch' | 'fix';

export interface Fit {
  maxMl: number;
  comfortableMl: [low: number, high: number];
  fillMl: number;
  hasMouth: boolean;
  state: FitState;
  wrapperG: number;
  /** Filling to wrapper, by mass. */
  ratio: number;
  halfThicknessMm: number;
  dimension: number;
  /** The same body in parts, for the heat model and the drawing. */
  body: Body;
}

interface FitInput {
  form: FormId;
  /** The skin as it is rolled out and filled. */
  laid: Laid;
  dough: Pick<Dough, 'density' | 'cookedDensity' | 'gives'>;
  fillingG: number;
  /** g/ml */
  density: number;
  /** It is left with a small open mouth. */
  hasMouth?: boolean;
}

/**
 * How a parcel's filling fits its skin.
 * Good within the comfortable share of what the form can hold; Watch when slack or tight; Fix when it would split.
 */
export function fitParcel({ form: id, laid, dough, fillingG, density, hasMouth = false }: FitInput): Fit {
  const form = FORMS[id];
  // Closing stretches a skin: what it holds goes by the cube of that. In a pan, flat, or left open nothing pulls at it.
  const isStretched = form.isClosed && form.size !== 'pan' && id !== 'flat-round' && !hasMouth;
  const stretched = isStretched ? dough.gives ** 3 : 1;
  const maxMl = stretched * form.maxMl(laid, hasMouth);
  const fillMl = fillingG / density;
  const [low, high] = form.comfortable;
  const share = maxMl > 0 ? fillMl / maxMl : Infinity;
  const wrapperG = (form.skinArea(laid, fillMl) * laid.thicknessMm * dough.density) / 1e6;
  const body = form.body(laid, fillMl, (wrapperG / dough.cookedDensity) * 1000);
  return {
    maxMl,
    // With a mouth it may hold more; what fills it closed is still enough.
    comfortableMl: [low * form.maxMl(laid), high * maxMl],
    fillMl,
    hasMouth,
    state: share > form.tight ? 'fix' : share > high || fillMl < low * form.maxMl(laid) ? 'watch' : 'good',
    wrapperG,
    ratio: fillingG / wrapperG,
    halfThicknessMm: body.fillingMm + body.wrapperMm,
    dimension: body.dimension,
    body,
  };
}
