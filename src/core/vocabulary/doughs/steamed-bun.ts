/** Yeasted, steamed: soft and white. */
import { type DoughRecord, onePart, PLAIN_DOUGH } from './dough';

export const steamedBun: DoughRecord = {
  ...PLAIN_DOUGH,
  label: 'yeasted steamed-bun dough',
  also: ['steamed-bun', 'bun', 'steamed bun', 'yeasted steamed bun'],
  parts: onePart({ water: 51, sugar: 9, 'yeast-dried': 1, 'baking-powder': 1, 'sunflower-oil': 3.5, salt: 0.4 }),
  usualC: 26,
  cookedDensity: 550,
  conductivity: 1.35,
  kind: 'yeasted',
  gives: 1.12,
  usualThicknessMm: 4,
  steps: [
    { what: 'Knead smooth', handsOnMinutes: 12, waitMinutes: [0, 0] },
    { what: 'Rise, covered', handsOnMinutes: 1, waitMinutes: [45, 75], isRise: true },
    { what: 'Knead the air out, divide, round up', handsOnMinutes: 8, waitMinutes: [5, 10] },
    { what: 'Roll, thinner at the rim', handsOnMinutes: 12, waitMinutes: [0, 0], part: 'roll' },
    {
      what: 'Let the filled buns rise until they spring back slowly',
      handsOnMinutes: 0,
      waitMinutes: [15, 30],
      part: 'filled',
    },
  ],
};
