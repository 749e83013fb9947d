/** The kitchens that bring their own batch, from gentle to hard. */
import { type RehearsalKitchen } from '../vocabulary/rehearsals';

export const PLANNED_KITCHENS = [
  'blue-jar',
  'after-rain',
  'their-spoon',
  'old-oven',
  'full-fridge',
  'early-guests',
] as const satisfies readonly RehearsalKitchen[];
export type PlannedKitchen = (typeof PLANNED_KITCHENS)[number];
export const isPlanned = (id: RehearsalKitchen): id is PlannedKitchen =>
  (PLANNED_KITCHENS as readonly RehearsalKitchen[]).includes(id);
