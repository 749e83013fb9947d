/** Flour scalded with hot water: tender, easy to shape. */
import { COMPACT, composedOf, type DoughRecord } from './dough';

export const hotWater: DoughRecord = {
  label: 'hot-water dough',
  composition: composedOf(40, 7, 1, 49, 2, 0.9),
  density: COMPACT,
  cookedDensity: COMPACT,
  conductivity: 1,
  saltPercent: 0.3,
  wrapReadyC: 35,
  wrapReadyWhy: 'steam from a warmer filling makes the skin tacky and it tears',
  kind: 'noodle',
  allergens: ['gluten'],
  usualThicknessMm: 2,
};
