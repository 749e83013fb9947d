/**
 * How thick a skin is right, mm, by its dough: as rolled, before it is closed. House estimates, found in households' kitchens:
 * thinner tears or burns, thicker stays raw or is all one tastes.
 */
import { type DoughId } from './doughs';
import { type Method } from './methods';

export interface SkinThickness {
  /** Right between these. */
  good: readonly [least: number, most: number];
  /** Beyond these it must be mended; between, it wants care. */
  bears: readonly [least: number, most: number];
}

const PASTA: SkinThickness = { good: [0.5, 1.5], bears: [0.4, 2.5] };
const NOODLE: SkinThickness = { good: [0.8, 2], bears: [0.6, 3] };
const SHORT: SkinThickness = { good: [2, 4.5], bears: [1.5, 6] };
const LAMINATED: SkinThickness = { good: [2, 5], bears: [1.5, 7] };
const BREAD: SkinThickness = { good: [3, 8], bears: [2, 12] };
const SHEET: SkinThickness = { good: [0.3, 1], bears: [0.2, 2] };

const BY_DOUGH: Readonly<Record<DoughId, SkinThickness | null>> = {
  noodle: NOODLE,
  'hot-water': { good: [1, 2.5], bears: [0.7, 3.5] },
  short: SHORT,
  'oil-egg': SHORT,
  'rough-laminated': LAMINATED,
  spiral: LAMINATED,
  bread: BREAD,
  enriched: BREAD,
  raised: BREAD,
  'steamed-bun': { good: [3, 9], bears: [2, 13] },
  griddle: { good: [1.5, 5], bears: [1, 7] },
  'thin-sheets': SHEET,
  // As they come.
  'bought-skin': null,
  'bought-sheets': null,
};

/** Rolled between two sheets and boiled it is pasta, whatever it is made of. */
const IN_WATER: readonly Method[] = ['boil', 'steam'];
const PASTA_DOUGHS: readonly DoughId[] = ['noodle', 'oil-egg'];

/** What is right for a dough in a form; null of what is bought. A hot-water crust that is baked is a short one. */
export function skinThickness(dough: DoughId, form: string, method: Method): SkinThickness | null {
  if (PASTA_DOUGHS.includes(dough) && IN_WATER.includes(method)) return form === 'pillow' ? PASTA : NOODLE;
  if ((dough === 'hot-water' || dough === 'noodle') && method === 'bake') return SHORT_OR_THIN;
  return BY_DOUGH[dough];
}
/** In the oven both a thin skin and a raised crust are made of them. */
const SHORT_OR_THIN: SkinThickness = { good: [1, 5], bears: [0.7, 7] };
