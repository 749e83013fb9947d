/** Moments as documents keep them (ISO 8601), and minutes between them. */

/** Minutes since the epoch, with their parts. */
export const minuteOf = (at: string): number => Date.parse(at) / 60_000;

/** So many minutes later; earlier where they are below 0. */
export const later = (at: string, minutes: number): string => new Date(Date.parse(at) + minutes * 60_000).toISOString();
