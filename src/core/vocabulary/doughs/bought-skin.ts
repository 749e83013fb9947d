/** Thin skins from a packet. */
import { type DoughRecord, PLAIN_DOUGH } from './dough';

export const boughtSkin: DoughRecord = {
  ...PLAIN_DOUGH,
  label: 'bought skins',
  also: ['bought-skin', 'bought skin'],
  parts: [],
  packet: {
    composition: { water: 32, protein: 8, fat: 1, carbohydrate: 56, fibre: 1.8, ash: 1.4 },
    saltPercent: 1,
    allergens: ['gluten'],
  },
  kind: 'thin',
  gives: 1.04,
  usualThicknessMm: 1,
  steps: [{ what: 'Thaw in the packet, keep covered', handsOnMinutes: 0, waitMinutes: [60, 720], part: 'thaw' }],
};
