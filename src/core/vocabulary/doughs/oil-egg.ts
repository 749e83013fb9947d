/** Oil and egg: short, rolls without resting cold. */
import { type DoughRecord, onePart, PLAIN_DOUGH } from './dough';

export const oilEgg: DoughRecord = {
  ...PLAIN_DOUGH,
  label: 'oil-and-egg dough',
  also: ['oil-egg', 'oil and egg'],
  parts: onePart({ 'sunflower-oil': 28, egg: 18, water: 28, salt: 1.5 }),
  cookedDensity: 1050,
  kind: 'short',
  gives: 1.06,
  isCut: true,
  usualThicknessMm: 3,
  steps: [
    {
      what: 'Beat oil, egg, water and salt, stir into the flour, bring together',
      handsOnMinutes: 8,
      waitMinutes: [20, 60],
    },
    { what: 'Roll and cut', handsOnMinutes: 15, waitMinutes: [0, 0], part: 'roll' },
  ],
};
