/** What a pot may be filled with, and how far it may fall. */

/** Oil stands at most so high in the pot, share of its depth (usual fire-safety advice). */
export const MOST_OIL_HIGH = 0.5;
