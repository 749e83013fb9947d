/** The sheet for the wall: every step of the hands in a row, with what goes on by itself after it; small enough for one page. */
import { formatMinutes } from '../units/format';
import { type Hours } from '../units/time-of-day';
import { formatMoment } from '../day/clock-words';
import { type PlannedTask } from '../day/day-plan';
import { fullTitle } from '../day/task';

interface SheetRow {
  id: string;
  at: string;
  what: string;
  how: string;
  /** What is red, in words; empty where nothing is. */
  warning: string;
  /** What goes on by itself from then on, and until when. */
  then: string;
  minutes: string;
}

/**
 * The rows of the sheet.
 * @param serve epoch minute people eat at: other days than that are named
 */
export function sheetRows(tasks: readonly PlannedTask[], serve: number, zone: string, hours: Hours = 24): SheetRow[] {
  const hands = tasks.filter((t) => t.hasHands);
  const then = new Map<string, string[]>();
  /** What is wrong with what goes on by itself is said where it begins. */
  const quiet = new Map<string, string[]>();
  for (const task of tasks) {
    if (task.hasHands) continue;
    // What it follows at once, else whatever hands are at as it begins.
    const after = task.after.map(({ id }) => id);
    const row =
      hands.find((t) => t.end === task.start && after.includes(t.id)) ??
      [...hands].reverse().find((t) => t.start <= task.start);
    if (row === undefined) continue;
    const words = `${fullTitle(task)}, to ${formatMoment(task.end, serve, zone, hours)}`;
    then.set(row.id, [...(then.get(row.id) ?? []), words]);
    if (task.warning !== null) quiet.set(row.id, [...(quiet.get(row.id) ?? []), task.warning]);
  }
  return hands.map((t) => ({
    id: t.id,
    at: formatMoment(t.start, serve, zone, hours),
    what: fullTitle(t),
    how: t.how.replace(/\.$/, ''),
    warning: [t.warning, ...(quiet.get(t.id) ?? [])].filter((w) => w !== null).join(' '),
    then: (then.get(t.id) ?? []).join('; '),
    minutes: formatMinutes(t.end - t.start),
  }));
}

/** A page as the sheet is set: letters to a line and lines to a page of A4 or US letter, with their margins. By measurement. */
const LETTERS = 88;
const LINES = 46;

/** How much smaller the rows are to be set to stay on one page; 1 where they have room. */
export function sheetFit(rows: readonly SheetRow[]): number {
  // Set smaller, a line holds more: so much smaller that the page is full.
  for (let fit = 1; fit > LEAST; fit -= 0.02) {
    const lines = rows.reduce((sum, row) => {
      const letters = row.what.length + row.how.length + row.warning.length + row.then.length + 8;
      return sum + Math.ceil(letters / (LETTERS / fit)) + BETWEEN;
    }, 0);
    if (lines <= LINES / fit) return Math.round(fit * 100) / 100;
  }
  return LEAST;
}

/** Smaller than this nobody reads it from the wall. */
const LEAST = 0.5;
/** The rule between two rows, in lines. */
const BETWEEN = 0.3;
