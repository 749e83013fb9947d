/** What a cooked teaspoonful tasted like. */
import { idsOf, recordsOf } from './records';

interface TasteRecord {
  label: string;
  /** What would have been right, against what was tasted, % points of salt. House estimates. */
  offPercent: number;
}

export const TASTES = recordsOf<TasteRecord>()({
  under: { label: 'wants more salt', offPercent: 0.15 },
  right: { label: 'just right', offPercent: 0 },
  over: { label: 'too salty', offPercent: -0.15 },
});
export type Taste = keyof typeof TASTES;
export const TASTE_IDS = idsOf(TASTES);
