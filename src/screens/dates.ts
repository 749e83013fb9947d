/** Dates as they stand on the screen and in files, by the browser's own words: a package's would be fetched with the first picture. */
const words = (at: number | string, parts: Intl.DateTimeFormatOptions): string =>
  new Date(at).toLocaleDateString('en-GB', { day: 'numeric', month: 'long', ...parts });

/** `5 December`. @param at epoch ms or ISO 8601; @param timeZone where it is not the browser's */
export const dayWords = (at: number | string, timeZone?: string): string => words(at, { timeZone });

/** `5 December 2026`. @param at epoch ms or ISO 8601 */
export const dateWords = (at: number | string): string => words(at, { year: 'numeric' });
