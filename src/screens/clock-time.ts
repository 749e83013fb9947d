/** Times as they stand on the screen, here. */
import { timeOfDay } from '@/core/units/time-of-day';
import { shownHours } from '@/data/shown-hours';

/** `12:47`, or `12:47 pm`. @param at epoch ms or ISO 8601 */
export function clockTime(at: number | string): string {
  const time = new Date(at);
  return timeOfDay(time.getHours(), time.getMinutes(), shownHours());
}

const HOUR_S = 3600;
const two = (n: number): string => String(n).padStart(2, '0');

/** `4:05`, from an hour on `1:04:05`: a length of time as a clock counts it. @param seconds below nought it is nought */
export function countdown(seconds: number): string {
  const s = Math.max(0, Math.round(seconds));
  const [minutes, rest] = [Math.floor(s / 60), two(s % 60)];
  return s < HOUR_S ? `${minutes}:${rest}` : `${Math.floor(s / HOUR_S)}:${two(minutes % 60)}:${rest}`;
}
