/** Flour scalded with boiling water: tender, easy to shape. */
import { type DoughRecord, onePart, PLAIN_DOUGH } from './dough';

export const hotWater: DoughRecord = {
  ...PLAIN_DOUGH,
  label: 'hot-water dough',
  also: ['hot-water'],
  parts: onePart({ water: 58, salt: 0.6 }),
  water: 'boiling',
  usualC: 45,
  kind: 'noodle',
  gives: 1.06,
  usualThicknessMm: 2,
  steps: [
    {
      what: 'Pour the boiling water over the flour, stirring; knead when it’s cool enough to touch',
      handsOnMinutes: 10,
      waitMinutes: [30, 60],
    },
    { what: 'Divide and roll, the rest covered', handsOnMinutes: 20, waitMinutes: [0, 0], part: 'roll' },
  ],
};
