/** Ids that remedies need for what they add: the helpers’ first (for hours, and for the whole of a short day), then a pot’s and a pan’s. */
export const HELPER_IDS = 4;
export const REMEDY_IDS = HELPER_IDS + 2;
