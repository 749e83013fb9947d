/** Flour with butter rubbed in. */
import { type DoughRecord, onePart, PLAIN_DOUGH } from './dough';

export const short: DoughRecord = {
  ...PLAIN_DOUGH,
  label: 'rubbed-in short pastry',
  also: ['short', 'shortcrust', 'short pastry'],
  parts: onePart({ butter: 50, water: 30, salt: 1.2 }),
  water: 'iced',
  usualC: 16,
  cookedDensity: 1050,
  kind: 'short',
  isCut: true,
  usualThicknessMm: 3.5,
  steps: [
    {
      what: 'Rub the cold butter into flour and salt, bring together with the water',
      handsOnMinutes: 12,
      waitMinutes: [0, 0],
    },
    { what: 'Chill, wrapped', handsOnMinutes: 1, waitMinutes: [30, 2880] },
    { what: 'Out of the fridge until it bends without cracking', handsOnMinutes: 0, waitMinutes: [5, 15] },
    { what: 'Roll and cut', handsOnMinutes: 15, waitMinutes: [0, 15], part: 'roll' },
  ],
};
