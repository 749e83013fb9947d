/** Times of a day's plan as the kitchen likes them. */
import * as core from '@/core/day/clock-words';
import { type MayBegin } from '@/core/day/may-begin';
import { shownHours } from '@/data/shown-hours';
import * as phrases from './words';

export const formatClock = (minute: number, zone: string): string => core.formatClock(minute, zone, shownHours());
export const formatMoment = (minute: number, than: number, zone: string): string =>
  core.formatMoment(minute, than, zone, shownHours());
export const formatSpan = (from: number, to: number, than: number, zone: string): string =>
  core.formatSpan(from, to, than, zone, shownHours());
export const rulerMark = (minute: number, zone: string): ReturnType<typeof core.rulerMark> =>
  core.rulerMark(minute, zone, shownHours());

/** `any time until 17:07`, `any time from 16:10`; empty where it begins when it does. */
export function mayBeginWords({ from, until }: MayBegin, zone: string): string {
  if (until !== null) return phrases.anyTimeUntil(formatClock(until, zone));
  return from === null ? '' : phrases.anyTimeFrom(formatClock(from, zone));
}
