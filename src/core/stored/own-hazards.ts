/** Ingredients of one's own from before a hazard had to be chosen. */
type Json = Record<string, unknown>;

/** "Nothing that must be cooked" was what stood there before anybody chose: it is asked again. */
export const ownWithHazard = (own: Json): Json => (own.hazard === 'none' ? { ...own, hazard: 'unknown' } : own);
