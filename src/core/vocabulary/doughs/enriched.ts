/** Yeasted with egg and butter. */
import { type DoughRecord, onePart, PLAIN_DOUGH } from './dough';

export const enriched: DoughRecord = {
  ...PLAIN_DOUGH,
  label: 'enriched soft dough',
  also: ['enriched', 'enriched soft'],
  parts: onePart({ milk: 48, egg: 18, butter: 18, sugar: 8, salt: 1.5, 'yeast-dried': 1.2 }),
  usualC: 26,
  cookedDensity: 450,
  conductivity: 1.35,
  kind: 'yeasted',
  gives: 1.12,
  usualThicknessMm: 5,
  steps: [
    { what: 'Knead smooth, the soft butter last', handsOnMinutes: 15, waitMinutes: [0, 0] },
    { what: 'Rise, covered', handsOnMinutes: 1, waitMinutes: [60, 90], isRise: true },
    { what: 'Knock back, divide, round up', handsOnMinutes: 10, waitMinutes: [10, 15] },
    { what: 'Roll out', handsOnMinutes: 10, waitMinutes: [0, 0], part: 'roll' },
  ],
};
