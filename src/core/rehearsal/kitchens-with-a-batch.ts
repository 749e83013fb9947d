/** The kitchens that bring their own batch, from gentle to hard. */
import { type RehearsalKitchen } from '../vocabulary/rehearsals';

export const KITCHENS_WITH_A_BATCH = [
  'blue-jar',
  'after-rain',
  'their-spoon',
  'old-oven',
  'full-fridge',
  'early-guests',
] as const satisfies readonly RehearsalKitchen[];
export type KitchenWithBatch = (typeof KITCHENS_WITH_A_BATCH)[number];
export const bringsItsBatch = (id: RehearsalKitchen): id is KitchenWithBatch =>
  (KITCHENS_WITH_A_BATCH as readonly RehearsalKitchen[]).includes(id);
