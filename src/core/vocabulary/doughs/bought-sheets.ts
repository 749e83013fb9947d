/** Thin sheets from a packet. */
import { type DoughRecord, PLAIN_DOUGH } from './dough';

export const boughtSheets: DoughRecord = {
  ...PLAIN_DOUGH,
  label: 'bought sheets',
  also: ['bought-sheets', 'bought sheet'],
  parts: [],
  packet: {
    composition: { water: 30, protein: 7.5, fat: 4, carbohydrate: 55, fibre: 2, ash: 1.5 },
    saltPercent: 1.2,
    allergens: ['gluten'],
  },
  cookedDensity: 700,
  kind: 'thin',
  isCut: true,
  usualThicknessMm: 0.4,
  steps: [
    { what: 'Thaw in the packet', handsOnMinutes: 0, waitMinutes: [120, 720], part: 'thaw' },
    {
      what: 'Unroll under a damp cloth, brush sheet by sheet with fat',
      handsOnMinutes: 10,
      waitMinutes: [0, 5],
      part: 'roll',
    },
  ],
};
