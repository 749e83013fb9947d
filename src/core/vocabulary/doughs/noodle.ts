/** Flour and cold water, rolled thin. */
import { type DoughRecord, onePart, PLAIN_DOUGH } from './dough';

export const noodle: DoughRecord = {
  ...PLAIN_DOUGH,
  label: 'cold-water noodle dough',
  also: ['noodle', 'cold-water', 'cold-water noodle'],
  parts: onePart({ water: 47, salt: 1 }),
  variants: [
    {
      label: 'with alkali',
      trade: 'Springier and yellower, keeps its bite in broth; a mineral smell some don’t like.',
      parts: onePart({ water: 47, salt: 1, 'noodle-alkali': 0.7 }),
    },
  ],
  kind: 'noodle',
  gives: 1.04,
  isCut: true,
  usualThicknessMm: 1.5,
  steps: [
    { what: 'Stir in the water, knead to a firm dough', handsOnMinutes: 10, waitMinutes: [20, 30] },
    { what: 'Knead smooth', handsOnMinutes: 3, waitMinutes: [30, 60] },
    { what: 'Divide and roll, the rest covered', handsOnMinutes: 20, waitMinutes: [0, 0], part: 'roll' },
  ],
};
