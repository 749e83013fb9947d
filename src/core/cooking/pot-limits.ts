/** What a pot may be filled with, and how far it may fall. */

/** Oil stands at most so high in the pot, share of its depth (usual fire-safety advice). */
export const MOST_OIL_HIGH = 0.5;
/** Oil that falls by more no longer fries: it soaks, K. House estimate, as cooks have it. */
export const MOST_FALL_K = 15;
