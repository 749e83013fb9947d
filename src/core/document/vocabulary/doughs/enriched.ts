/** Yeasted with egg and butter. */
import { COMPACT, composedOf, type DoughRecord } from './dough';

export const enriched: DoughRecord = {
  label: 'enriched soft dough',
  composition: composedOf(34, 8.2, 10, 44, 1.5, 1.4),
  density: COMPACT,
  cookedDensity: 450,
  conductivity: 1.35,
  saltPercent: 1,
  wrapReadyC: 32,
  wrapReadyWhy: 'a warmer filling makes the yeast race in the middle and melts the butter in the dough',
  kind: 'yeasted',
  allergens: ['gluten', 'egg', 'milk'],
  usualThicknessMm: 5,
};
