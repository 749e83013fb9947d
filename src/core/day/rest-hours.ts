/** When hands rest: at night, and when nobody is there. In the kitchen's own time zone, so that a change of the clock is one hour more or less. */
import { TZDate } from '@date-fns/tz';
import { type Day } from '../stored/day-schema';
import { minuteOf } from './moments';

export interface Rest {
  /** Epoch minutes. */
  from: number;
  to: number;
  why: string;
}

/** Hands rest from nine at night to seven in the morning (science.md 13). */
const NIGHT = { fromHour: 21, toHour: 7 };

/** The nights between two epoch minutes, as the clock in a time zone shows them. */
export function nightsBetween(from: number, to: number, zone: string): Rest[] {
  const nights: Rest[] = [];
  const first = new TZDate(from * 60_000, zone);
  for (let day = -1; ; day++) {
    const minuteOf = (days: number, hour: number): number =>
      new TZDate(first.getFullYear(), first.getMonth(), first.getDate() + days, hour, zone).getTime() / 60_000;
    const night = { from: minuteOf(day, NIGHT.fromHour), to: minuteOf(day + 1, NIGHT.toHour), why: 'night' };
    if (night.from >= to) return nights;
    if (night.to > from) nights.push(night);
  }
}

/**
 * All hours in which the cook's hands rest, none over another. A night in which people are served, or that it has become, is
 * worked through.
 * @param from epoch minute; @param served epoch minutes
 */
export function restHours(
  day: Pick<Day, 'nights' | 'away'>,
  from: number,
  served: readonly number[],
  zone: string,
): Rest[] {
  const last = Math.max(from, ...served);
  const nights = day.nights
    ? nightsBetween(from, last, zone).filter((night) => served.every((meal) => meal <= night.from || meal > night.to))
    : [];
  const away = day.away.map((a) => ({ from: minuteOf(a.from), to: minuteOf(a.to), why: a.why }));
  return [...nights, ...away]
    .sort((a, b) => a.from - b.from)
    .reduce<Rest[]>((joined, rest) => {
      const before = joined[joined.length - 1];
      if (before === undefined || rest.from > before.to) return [...joined, rest];
      return [...joined.slice(0, -1), { ...before, to: Math.max(before.to, rest.to) }];
    }, []);
}
