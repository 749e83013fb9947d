/** Moments of a day as whole minutes since the epoch, and back: a change of the clock does not touch them. */
export const minuteOf = (at: string): number => Math.floor(Date.parse(at) / 60_000);
export const timeOf = (minute: number): string => new Date(minute * 60_000).toISOString();
