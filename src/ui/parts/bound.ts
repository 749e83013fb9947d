/** A figure never parts from its unit at the end of a line. */

const UNITS = 'g|kg|mg|ml|l|mm|cm|cm²|m|min|h|s|%|°C|°F|kJ|oz|lb|tsp|tbsp|cup|cups|litres|pieces|K';
const FIGURE_AND_UNIT = new RegExp(`(\\d[\\d.,½¼¾⅓⅔]*) (?=(?:${UNITS})(?![\\p{L}\\d]))`, 'gu');
const HOURS_AND_MINUTES = /(\d) h (?=\d)/g;
const NO_BREAK = '\u00a0';

/** The same words, with spaces that do not break between a figure and its unit. */
export const bound = (text: string): string =>
  text.replace(HOURS_AND_MINUTES, `$1${NO_BREAK}h${NO_BREAK}`).replace(FIGURE_AND_UNIT, `$1${NO_BREAK}`);
