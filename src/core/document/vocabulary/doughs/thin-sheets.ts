/** Sheets stretched thin, brushed with butter. */
import { COMPACT, composedOf, type DoughRecord } from './dough';

export const thinSheets: DoughRecord = {
  label: 'thin stretched sheets, brushed with butter',
  composition: composedOf(26, 6.5, 14, 50, 1.8, 1.2),
  density: COMPACT,
  cookedDensity: 700,
  conductivity: 1,
  saltPercent: 0.8,
  wrapReadyC: 30,
  wrapReadyWhy: 'thin sheets take up steam from a warmer filling and stick together',
  kind: 'thin',
  allergens: ['gluten', 'milk'],
  usualThicknessMm: 2,
};
