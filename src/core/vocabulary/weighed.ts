/** What is put on the scale at the board. */
export const WEIGHED = ['parcel', 'filling', 'skin'] as const;
export type WeighedWhat = (typeof WEIGHED)[number];
