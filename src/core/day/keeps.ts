/** How long what comes out of the heat stays as it should be while it is kept hot: safe for hours at 60 °C, but not as good. */
import { type DoughKind, type Size } from '../vocabulary/methods/method';
import { type Method } from '../vocabulary/methods';

interface Keeps {
  /** Of a dough with yeast: under its lid or a cloth it stays soft. */
  yeasted: number;
  others: number;
}

/**
 * Minutes, house estimates, as most cooks let them wait: steamed buns under the lid, skins of noodle dough stick and dry, what is
 * fried or seared goes limp, a crust softens slowly, layers and a whole pie later still.
 */
const KEEPS: Readonly<Record<Method, Keeps>> = {
  steam: { yeasted: 90, others: 25 },
  boil: { yeasted: 25, others: 25 },
  sear: { yeasted: 30, others: 20 },
  fry: { yeasted: 30, others: 25 },
  griddle: { yeasted: 45, others: 30 },
  bake: { yeasted: 75, others: 45 },
};
/** A whole pan keeps its heat and its juice. */
const WHOLE_PAN = 75;

/** @returns minutes */
export const keepsGood = (method: Method, dough: DoughKind, size: Size): number =>
  size === 'pan' ? WHOLE_PAN : KEEPS[method][dough === 'yeasted' ? 'yeasted' : 'others'];
