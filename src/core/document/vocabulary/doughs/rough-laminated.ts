/** Butter in rough layers. */
import { COMPACT, composedOf, type DoughRecord } from './dough';

export const roughLaminated: DoughRecord = {
  label: 'rough laminated pastry',
  composition: composedOf(25, 5.5, 30, 37, 1.4, 1),
  density: COMPACT,
  cookedDensity: 500,
  conductivity: 1.2,
  saltPercent: 0.8,
  wrapReadyC: 20,
  wrapReadyWhy: 'the butter layers run together when a warmer filling softens them',
  kind: 'laminated',
  allergens: ['gluten', 'milk'],
  usualThicknessMm: 3,
};
