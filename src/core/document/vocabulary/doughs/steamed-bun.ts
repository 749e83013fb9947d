/** Yeasted, steamed: soft and white. */
import { COMPACT, composedOf, type DoughRecord } from './dough';

export const steamedBun: DoughRecord = {
  label: 'yeasted steamed-bun dough',
  composition: composedOf(39, 6.6, 3, 49, 1.7, 1.1),
  density: COMPACT,
  cookedDensity: 550,
  conductivity: 1.35,
  saltPercent: 0.8,
  wrapReadyC: 32,
  wrapReadyWhy: 'a warmer filling makes the yeast race in the middle and the dough slacken',
  kind: 'yeasted',
  allergens: ['gluten'],
  usualThicknessMm: 4,
};
