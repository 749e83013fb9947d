/**
 * Exposure: how long the warmest place of a filling has been where bacteria grow, from leaving 60 °C, or the fridge, to the
 * heat or the cold again. Everything is asked of a track: the warmest place at some moments, with straight lines between.
 */

import { PERISHABLE_GUIDANCE, WARM_ROOM } from './packs';
import { isAbove } from './threshold';

/** The warmest place at a moment. */
export interface Moment {
  minute: number;
  c: number;
}
/** In the order of time. */
export type Track = readonly Moment[];

/** Bacteria grow between these, °C (US federal guidance: 40 to 140 °F). */
export const DANGER = { fromC: 5, toC: 60 } as const;

/** So long may what spoils stand there in all, and so long at the most, minutes; in a room above 90 °F half of each. */
export const STANDING = {
  minutes: 120,
  mostMinutes: 240,
  authority: PERISHABLE_GUIDANCE,
  mostAuthority: 'FDA Food Code 3-501.19, time as a public health control (4 h)',
} as const;

/** Its hours in a room; half of them in a warm one. */
export function standingIn(roomC: number): { limitMinutes: number; mostMinutes: number } {
  const share = isAbove(roomC, WARM_ROOM) ? 0.5 : 1;
  return { limitMinutes: STANDING.minutes * share, mostMinutes: STANDING.mostMinutes * share };
}

/** Minutes for which a piece of a straight line is between two temperatures, both left out. */
function shareBetween(a: Moment, b: Moment, lowC: number, highC: number): number {
  const span = b.minute - a.minute;
  if (a.c === b.c) return a.c > lowC && a.c < highC ? span : 0;
  const shareOf = (c: number): number => Math.min(1, Math.max(0, (c - a.c) / (b.c - a.c)));
  return Math.abs(shareOf(highC) - shareOf(lowC)) * span;
}

/** Minutes that it is between two temperatures. @param untilMinute no later than that */
export function minutesBetween(track: Track, lowC: number, highC: number, untilMinute = Infinity): number {
  let sum = 0;
  for (let i = 1; i < track.length && track[i - 1].minute < untilMinute; i++) {
    const [a, b] = [track[i - 1], track[i]];
    const end = b.minute <= untilMinute ? b : { minute: untilMinute, c: temperatureAt(track, untilMinute) };
    sum += shareBetween(a, end, lowC, highC);
  }
  return sum;
}

/** The warmest place at a minute, °C; the first before the track begins, the last beyond it. */
export function temperatureAt(track: Track, minute: number): number {
  const after = track.findIndex((m) => m.minute >= minute);
  if (after < 0) return track[track.length - 1].c;
  if (after === 0) return track[0].c;
  const [a, b] = [track[after - 1], track[after]];
  return b.minute === a.minute ? b.c : a.c + ((b.c - a.c) * (minute - a.minute)) / (b.minute - a.minute);
}

/** The first minute, from a minute on, at which it is at or below a temperature; null where it never is. */
export function minuteAtMost(track: Track, c: number, fromMinute = -Infinity): number | null {
  for (let i = 0; i < track.length; i++) {
    const b = track[i];
    if (b.c > c || b.minute < fromMinute) continue;
    if (i === 0) return b.minute;
    const a = track[i - 1];
    const crossed = a.c <= c ? a.minute : a.minute + ((a.c - c) / (a.c - b.c)) * (b.minute - a.minute);
    return Math.max(fromMinute, crossed);
  }
  return null;
}

/** Minutes since a temperature was left downwards, and when the next one was reached; null where it was not. */
export function fall(track: Track, fromC: number, toC: number): { since: number; took: number | null } | null {
  const since = minuteAtMost(track, fromC);
  if (since === null) return null;
  const reached = minuteAtMost(track, toC, since);
  return { since, took: reached === null ? null : reached - since };
}

/** The last minute of a track; 0 of one that is empty. */
export const endOf = (track: Track): number => track[track.length - 1]?.minute ?? 0;

/**
 * A forecast with what was measured laid over it: through every reading, and between two readings as the forecast runs, moved
 * by what each was off. After the last one it stays as much off.
 * @param readings in the order of time
 */
export function throughReadings(forecast: Track, readings: Track): Track {
  if (readings.length === 0 || forecast.length === 0) return forecast;
  const off = readings.map(({ minute, c }) => ({ minute, c: c - temperatureAt(forecast, minute) }));
  // It began as it began: what is off grows from there to the first reading.
  const deviation: Track = off[0].minute > forecast[0].minute ? [{ minute: forecast[0].minute, c: 0 }, ...off] : off;
  const minutes = [...new Set([...forecast, ...readings].map(({ minute }) => minute))].sort((a, b) => a - b);
  return minutes.map((minute) => ({ minute, c: temperatureAt(forecast, minute) + temperatureAt(deviation, minute) }));
}
