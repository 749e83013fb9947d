/** Raised with baking powder: no waiting for yeast. */
import { type DoughRecord, onePart, PLAIN_DOUGH } from './dough';

export const raised: DoughRecord = {
  ...PLAIN_DOUGH,
  label: 'chemically raised dough',
  also: ['raised', 'chemically raised', 'baking-powder'],
  parts: onePart({ yoghurt: 58, 'sunflower-oil': 5, 'baking-powder': 3.5, salt: 1.2 }),
  cookedDensity: 600,
  conductivity: 1.3,
  kind: 'yeasted',
  gives: 1.08,
  usualThicknessMm: 4,
  steps: [
    { what: 'Stir together, knead briefly', handsOnMinutes: 6, waitMinutes: [15, 30] },
    { what: 'Divide and roll, and cook soon', handsOnMinutes: 12, waitMinutes: [0, 20], part: 'roll' },
  ],
};
