/** Yeasted, lean. */
import { type DoughRecord, onePart, PLAIN_DOUGH } from './dough';

export const bread: DoughRecord = {
  ...PLAIN_DOUGH,
  label: 'yeasted bread dough',
  also: ['bread', 'yeasted bread', 'yeasted'],
  parts: onePart({ water: 61, 'sunflower-oil': 3, salt: 1.8, 'yeast-dried': 1 }),
  usualC: 26,
  cookedDensity: 480,
  conductivity: 1.35,
  kind: 'yeasted',
  gives: 1.12,
  usualThicknessMm: 5,
  steps: [
    { what: 'Knead smooth', handsOnMinutes: 12, waitMinutes: [0, 0] },
    { what: 'Rise, covered', handsOnMinutes: 1, waitMinutes: [60, 90], isRise: true },
    { what: 'Divide, round up', handsOnMinutes: 8, waitMinutes: [10, 15] },
    { what: 'Roll out', handsOnMinutes: 10, waitMinutes: [0, 0], part: 'roll' },
  ],
};
