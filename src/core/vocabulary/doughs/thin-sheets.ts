/** Soft dough with a little oil and vinegar, stretched thin over the back of the hands. */
import { type DoughRecord, onePart, PLAIN_DOUGH } from './dough';

export const thinSheets: DoughRecord = {
  ...PLAIN_DOUGH,
  label: 'thin stretched sheets',
  also: ['thin-sheets', 'stretched sheets', 'thin stretched'],
  parts: onePart({ water: 53, 'sunflower-oil': 7, vinegar: 3, salt: 1.5 }),
  usualC: 28,
  cookedDensity: 700,
  kind: 'thin',
  isCut: true,
  usualThicknessMm: 0.5,
  steps: [
    { what: 'Knead soft and smooth with lukewarm water, oil it', handsOnMinutes: 12, waitMinutes: [30, 120] },
    { what: 'Stretch sheet by sheet, brush with fat', handsOnMinutes: 20, waitMinutes: [0, 5], part: 'roll' },
  ],
};
