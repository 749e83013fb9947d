/** The safety rules that a kitchen can follow; what they say stands in `safety/packs`. */
export const PACK_IDS = ['home', 'stuffed', 'uk'] as const;
export type PackId = (typeof PACK_IDS)[number];
