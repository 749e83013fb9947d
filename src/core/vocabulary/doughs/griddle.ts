/** Soft and slack, for the griddle. */
import { type DoughRecord, onePart, PLAIN_DOUGH } from './dough';

export const griddle: DoughRecord = {
  ...PLAIN_DOUGH,
  label: 'soft griddle dough',
  also: ['griddle', 'soft griddle'],
  parts: onePart({ water: 65, 'sunflower-oil': 5, salt: 1.5 }),
  usualC: 26,
  cookedDensity: 950,
  conductivity: 1.1,
  kind: 'yeasted',
  gives: 1.08,
  usualThicknessMm: 2,
  steps: [
    { what: 'Knead soft with lukewarm water, oil it', handsOnMinutes: 8, waitMinutes: [30, 90] },
    { what: 'Divide into balls, oil them', handsOnMinutes: 5, waitMinutes: [15, 30] },
    { what: 'Fill and roll out', handsOnMinutes: 15, waitMinutes: [0, 0], part: 'filling' },
  ],
};
