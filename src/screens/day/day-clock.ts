/** Times of a day's plan as the kitchen likes them. */
import * as core from '@/core/day/clock-words';
import { shownHours } from '@/data/shown-hours';

export const formatClock = (minute: number, zone: string): string => core.formatClock(minute, zone, shownHours());
export const formatMoment = (minute: number, than: number, zone: string): string =>
  core.formatMoment(minute, than, zone, shownHours());
