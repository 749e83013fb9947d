/** Flour with butter rubbed in. */
import { COMPACT, composedOf, type DoughRecord } from './dough';

export const short: DoughRecord = {
  label: 'rubbed-in short pastry',
  composition: composedOf(22, 6, 26, 43, 1.6, 1),
  density: COMPACT,
  cookedDensity: 1050,
  conductivity: 1,
  saltPercent: 0.8,
  wrapReadyC: 25,
  wrapReadyWhy: 'a warmer filling softens the butter, and the pastry greases and tears',
  kind: 'short',
  allergens: ['gluten', 'milk'],
  usualThicknessMm: 3.5,
};
