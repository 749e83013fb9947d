/** All that is to be told on a day that runs, on whatever page the cook is: it follows from what is kept with the day alone. */
import { type Day } from '../stored/day-schema';

interface DayEvent {
  /** Says which it is: each is told once. */
  id: string;
  /** ms since the epoch. */
  atMs: number;
  text: string;
  isProblem: boolean;
}

/** Told so long before something may wait no longer, ms. */
const BEFORE_LATEST = 5 * 60_000;
const MINUTE = 60_000;

/** What begins, what should be done, what may wait no longer; in order of time. Nothing of a day that has not begun. */
export function dayEvents({ run, plan }: Pick<Day, 'run' | 'plan'>): DayEvent[] {
  if (run === null || plan === null) return [];
  return plan.starts
    .flatMap(({ taskId, title, at, minutes, isBegun, latestAt, why }): DayEvent[] => {
      const did = run.did.find((d) => d.taskId === taskId);
      if (did) {
        if (did.endedAt !== null) return [];
        const atMs = Date.parse(did.startedAt) + (minutes + did.moreMinutes) * MINUTE;
        return [{ id: `${taskId} end ${atMs}`, atMs, text: `${title}: is it done?`, isProblem: false }];
      }
      const begins = Date.parse(at);
      const must = latestAt === null ? null : Date.parse(latestAt) - BEFORE_LATEST;
      return [
        ...(isBegun ? [{ id: `${taskId} begin ${at}`, atMs: begins, text: `Now: ${title}`, isProblem: false }] : []),
        // Where it is planned for later than that nobody need be told before it begins.
        ...(must === null || must <= begins
          ? []
          : [{ id: `${taskId} latest ${latestAt}`, atMs: must, text: `${title}: no later, ${why}`, isProblem: true }]),
      ];
    })
    .sort((a, b) => a.atMs - b.atMs);
}

/** What was due longer ago than this is not told any more, ms: it was seen, or it is too late for a bell. */
const STALE = 30 * MINUTE;

/** What is due now. @param nowMs the latest time there is */
export const dueNow = (day: Pick<Day, 'run' | 'plan'>, nowMs: number): DayEvent[] =>
  dayEvents(day).filter(({ atMs }) => atMs <= nowMs && atMs > nowMs - STALE);
