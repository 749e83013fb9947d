/** Butter in rough layers. */
import { type DoughRecord, onePart, PLAIN_DOUGH } from './dough';

export const roughLaminated: DoughRecord = {
  ...PLAIN_DOUGH,
  label: 'rough laminated pastry',
  also: ['rough laminated', 'laminated', 'rough puff'],
  parts: onePart({ butter: 80, water: 48, salt: 2 }),
  water: 'iced',
  usualC: 14,
  isLayered: true,
  cookedDensity: 500,
  conductivity: 1.2,
  kind: 'laminated',
  isCut: true,
  usualThicknessMm: 3,
  steps: [
    {
      what: 'Cut the cold butter into flour and salt in pieces, bring together with the water',
      handsOnMinutes: 12,
      waitMinutes: [20, 30],
    },
    { what: 'Roll out and fold in three, twice', handsOnMinutes: 12, waitMinutes: [30, 60] },
    { what: 'Roll out and fold in three, twice more', handsOnMinutes: 12, waitMinutes: [30, 2880] },
    { what: 'Out of the fridge until it rolls without cracking', handsOnMinutes: 0, waitMinutes: [5, 10] },
    { what: 'Roll and cut', handsOnMinutes: 15, waitMinutes: [10, 20], part: 'roll' },
  ],
};
