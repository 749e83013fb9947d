/** Flour and cold water, rolled thin. */
import { COMPACT, composedOf, type DoughRecord } from './dough';

export const noodle: DoughRecord = {
  label: 'cold-water noodle dough',
  composition: composedOf(36, 7.6, 1, 52, 2, 1.2),
  density: COMPACT,
  cookedDensity: COMPACT,
  conductivity: 1,
  saltPercent: 0.7,
  wrapReadyC: 35,
  wrapReadyWhy: 'steam from a warmer filling makes the skin tacky and it tears',
  kind: 'noodle',
  allergens: ['gluten'],
  usualThicknessMm: 1.5,
};
