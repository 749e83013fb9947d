/** Times of day as cooks write them, and as they are shown; in the time zone of the kitchen. */
import { TZDate } from '@date-fns/tz';
import { type Hours, timeOfDay } from '../units/time-of-day';

/** `19`, `19:00`, `7pm`, `7.30 pm`, `half past` is not understood. Minutes from midnight; null where it is no time. */
export function parseClock(text: string): number | null {
  const found = /^\s*(\d{1,2})(?:\s*[:.h]\s*(\d{2}))?\s*(am|pm|a\.m\.|p\.m\.)?\s*$/i.exec(text);
  if (!found) return null;
  const [, hour, minute = '0', half = ''] = found;
  const [h, m] = [Number(hour), Number(minute)];
  const isHalf = half !== '';
  if (m > 59 || h > (isHalf ? 12 : 24) || (isHalf && h === 0) || (h === 24 && m > 0)) return null;
  const base = isHalf ? (h % 12) + (/^p/i.test(half) ? 12 : 0) : h % 24;
  return base * 60 + m;
}

/** `19:00`, or `7:00 pm`. @param minute epoch minute */
export function formatClock(minute: number, zone: string, hours: Hours = 24): string {
  const time = new TZDate(minute * 60_000, zone);
  return timeOfDay(time.getHours(), time.getMinutes(), hours);
}

const DAYS = ['Sunday', 'Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday'];
export const weekdayOf = (minute: number, zone: string): string => DAYS[new TZDate(minute * 60_000, zone).getDay()];

/** `19:00`, or `Friday 21:10` where that is another day than a given one. */
export function formatMoment(minute: number, than: number, zone: string, hours: Hours = 24): string {
  const [at, other] = [new TZDate(minute * 60_000, zone), new TZDate(than * 60_000, zone)];
  const isSame = at.getDate() === other.getDate() && at.getMonth() === other.getMonth();
  const clock = formatClock(minute, zone, hours);
  return isSame ? clock : `${weekdayOf(minute, zone)} ${clock}`;
}

/** `16:40–16:55`, `4:40–4:55 pm`; with the day before it where that is another than a given one. */
export function formatSpan(from: number, to: number, than: number, zone: string, hours: Hours = 24): string {
  const [first, last] = [formatMoment(from, than, zone, hours), formatClock(to, zone, hours)];
  const half = last.slice(-3);
  // Said once where it is the same half of the day.
  return `${hours === 12 && first.endsWith(half) ? first.slice(0, -3) : first}–${last}`;
}

/** How a ruler marks a moment: the hour by its number, `19` or `7`. */
export function rulerMark(
  minute: number,
  zone: string,
  hours: Hours = 24,
): { of: 'hour' | 'half' | 'less'; text: string } {
  const time = new TZDate(minute * 60_000, zone);
  const past = time.getMinutes();
  const hour = time.getHours();
  return {
    of: past === 0 ? 'hour' : past === 30 ? 'half' : 'less',
    text: String(hours === 24 ? hour : hour % 12 === 0 ? 12 : hour % 12),
  };
}

/**
 * The epoch minute at a time of day, on the day of another minute, so many days on.
 * @param clock minutes from midnight
 */
export function atClock(minute: number, clock: number, zone: string, daysOn = 0): number {
  const day = new TZDate(minute * 60_000, zone);
  const time = new TZDate(
    day.getFullYear(),
    day.getMonth(),
    day.getDate() + daysOn,
    Math.floor(clock / 60),
    clock % 60,
    zone,
  );
  return Math.round(time.getTime() / 60_000);
}
