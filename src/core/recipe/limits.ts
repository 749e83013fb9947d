/** How long a line of a recipe may be. */

/** Longer than this is no line of a recipe but a paragraph: it is kept, and asked about. */
export const MOST_LETTERS = 200;
