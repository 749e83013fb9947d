/** How a thing measured by volume is cut: a cup of grated cheese weighs less than a cup of dice. */
export const CUTS = ['whole', 'chopped', 'grated', 'packed'] as const;
export type Cut = (typeof CUTS)[number];
