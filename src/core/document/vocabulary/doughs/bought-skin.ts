/** Thin skins from a packet. */
import { COMPACT, composedOf, type DoughRecord } from './dough';

export const boughtSkin: DoughRecord = {
  label: 'bought skin',
  composition: composedOf(32, 8, 1, 56, 1.8, 1.4),
  density: COMPACT,
  cookedDensity: COMPACT,
  conductivity: 1,
  saltPercent: 1,
  wrapReadyC: 30,
  wrapReadyWhy: 'a thin skin takes up steam from a warmer filling and splits',
  kind: 'thin',
  allergens: ['gluten'],
  usualThicknessMm: 1,
};
