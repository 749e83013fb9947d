/**
 * The sheet for the wall: every step of the hands in a row with all that goes in, heating up in a row of its own, and what goes
 * on by itself after each; small enough for one page.
 */
import { lowerFirst } from '../units/letters';
import { type Hours } from '../units/time-of-day';
import { formatMoment, formatSpan } from '../day/clock-words';
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
}

/**
 * The rows of the sheet.
 * @param serve epoch minute people eat at: other days than that are named
 */
export function sheetRows(tasks: readonly PlannedTask[], serve: number, zone: string, hours: Hours = 24): SheetRow[] {
  // An oven that nobody turns on in time stops everything: it is a row to be ticked.
  const isRow = (t: PlannedTask): boolean => t.hasHands || t.kind === 'heat';
  const hands = tasks.filter(isRow);
  const then = new Map<string, string[]>();
  /** What is wrong with what goes on by itself is said where it begins. */
  const quiet = new Map<string, string[]>();
  for (const task of tasks) {
    if (isRow(task)) continue;
    // What it follows at once, else whatever hands are at as it begins.
    const after = task.after.map(({ id }) => id);
    const row =
      hands.find((t) => t.end === task.start && after.includes(t.id)) ??
      [...hands].reverse().find((t) => t.hasHands && t.start <= task.start);
    if (row === undefined) continue;
    // Of the same thing its name is not said again.
    const what = row.about === task.about ? lowerFirst(task.title) : fullTitle(task);
    const how = task.how === '' || !SAYS_HOW.includes(task.kind) ? '' : ` (${lowerFirst(task.how)})`;
    const words = `${what}${how} until ${formatMoment(task.end, serve, zone, hours)}`;
    then.set(row.id, [...(then.get(row.id) ?? []), words]);
    if (task.warning !== null) quiet.set(row.id, [...(quiet.get(row.id) ?? []), task.warning]);
  }
  return hands.map((t) => ({
    id: t.id,
    at: t.hasHands ? formatSpan(t.start, t.end, serve, zone, hours) : formatMoment(t.start, serve, zone, hours),
    what: fullTitle(t),
    how: (t.kind === 'heat' && t.how === '' ? `hot by ${formatMoment(t.end, serve, zone, hours)}` : t.how).replace(
      /\.$/,
      '',
    ),
    warning: [t.warning, ...(quiet.get(t.id) ?? [])].filter((w) => w !== null).join(' '),
    then: (then.get(t.id) ?? []).join('; '),
  }));
}

/** What goes on by itself and is to be set: how cold, how hot, how long. */
const SAYS_HOW: readonly string[] = ['cool', 'load', 'rise', 'freeze', 'roast', 'stew', 'thaw'];

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
