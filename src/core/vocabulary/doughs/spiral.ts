/** Two doughs, a soft one round a fat one, rolled up and cut across: the spiral flakes. */
import { type DoughRecord, formulaOf, PLAIN_DOUGH } from './dough';

export const spiral: DoughRecord = {
  ...PLAIN_DOUGH,
  label: 'two-dough spiral pastry',
  also: ['spiral', 'two-dough spiral'],
  parts: [
    { name: 'outer dough', share: 0.6, formula: formulaOf({ butter: 22, water: 50, sugar: 5, salt: 1 }) },
    { name: 'inner dough', share: 0.4, formula: formulaOf({ butter: 52 }) },
  ],
  usualC: 20,
  isLayered: true,
  cookedDensity: 900,
  conductivity: 1.1,
  kind: 'laminated',
  usualThicknessMm: 3,
  steps: [
    { what: 'Knead the outer dough smooth', handsOnMinutes: 10, waitMinutes: [20, 40] },
    { what: 'Rub the inner dough together', handsOnMinutes: 5, waitMinutes: [10, 30] },
    { what: 'Wrap outer round inner, roll out, roll up, and again', handsOnMinutes: 15, waitMinutes: [20, 30] },
    { what: 'Cut across, press flat, roll to rounds', handsOnMinutes: 20, waitMinutes: [0, 15], part: 'roll' },
  ],
};
