/** The plan of a day as an iCalendar file (RFC 5545): each step of the hands an event with an alarm, all times in UTC. */
import { type DayPlan, type PlannedTask } from './day-plan';
import { fullTitle } from './task';

/** Lines are folded at so many octets (RFC 5545, 3.1). */
const FOLD = 75;
/** Letters that a text value must not hold bare (3.3.11). */
const escaped = (text: string): string => text.replace(/[\\;,]/g, (c) => `\\${c}`).replace(/\r?\n/g, '\\n');

/** `20261205T184000Z`. */
const stamp = (iso: string): string => `${iso.slice(0, 19).replace(/[-:]/g, '')}Z`;
const stampOf = (minute: number): string => stamp(new Date(minute * 60_000).toISOString());

/** Folds a line where it is too long, never within a letter. */
function folded(line: string): string {
  const encoder = new TextEncoder();
  const parts: string[] = [];
  let part = '';
  let octets = 0;
  for (const letter of line) {
    const size = encoder.encode(letter).length;
    if (octets + size > FOLD - (parts.length > 0 ? 1 : 0)) {
      parts.push(part);
      part = '';
      octets = 0;
    }
    part += letter;
    octets += size;
  }
  return [...parts, part].join('\r\n ');
}

function event(task: PlannedTask, id: string, madeAt: string): string[] {
  const what = [task.how, task.doneWhen === '' ? '' : `Done when: ${task.doneWhen}`].filter((t) => t !== '').join('\n');
  return [
    'BEGIN:VEVENT',
    `UID:${encodeURIComponent(`${id} ${task.id}`)}@involucrum`,
    `DTSTAMP:${stamp(madeAt)}`,
    `DTSTART:${stampOf(task.start)}`,
    `DTEND:${stampOf(task.end)}`,
    `SUMMARY:${escaped(fullTitle(task))}`,
    ...(what === '' ? [] : [`DESCRIPTION:${escaped(what)}`]),
    'BEGIN:VALARM',
    'ACTION:DISPLAY',
    `DESCRIPTION:${escaped(fullTitle(task))}`,
    'TRIGGER:PT0M',
    'END:VALARM',
    'END:VEVENT',
  ];
}

/**
 * The file's text.
 * @param dayId makes the events' ids
 * @param madeAt now, ISO 8601
 */
export function calendarOf(
  plan: DayPlan,
  { dayId, title, madeAt }: { dayId: string; title: string; madeAt: string },
): string {
  const events = plan.tasks.filter((t) => t.hasHands || t.kind === 'cool' || t.kind === 'load');
  const lines = [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    'PRODID:-//Involucrum//Day//EN',
    'CALSCALE:GREGORIAN',
    'METHOD:PUBLISH',
    `X-WR-CALNAME:${escaped(title)}`,
    ...events.flatMap((task) => event(task, dayId, madeAt)),
    'END:VCALENDAR',
  ];
  return `${lines.map(folded).join('\r\n')}\r\n`;
}
