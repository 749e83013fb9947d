/** An iCalendar file (RFC 5545): events with an alarm each, all times in UTC. */

interface CalendarEvent {
  /** The same event has the same id in every file. */
  id: string;
  /** ISO 8601 */
  start: string;
  end: string;
  summary: string;
  description: string;
}

/** Lines are folded at so many octets (RFC 5545, 3.1). */
const FOLD = 75;
/** Letters that a text value must not hold bare (3.3.11). */
const escaped = (text: string): string => text.replace(/[\\;,]/g, (c) => `\\${c}`).replace(/\r?\n/g, '\\n');

/** `20261205T184000Z`. */
const stamp = (iso: string): string => `${new Date(iso).toISOString().slice(0, 19).replace(/[-:]/g, '')}Z`;

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

function linesOf({ id, start, end, summary, description }: CalendarEvent, madeAt: string): string[] {
  return [
    'BEGIN:VEVENT',
    `UID:${encodeURIComponent(id)}@involucrum`,
    `DTSTAMP:${stamp(madeAt)}`,
    `DTSTART:${stamp(start)}`,
    `DTEND:${stamp(end)}`,
    `SUMMARY:${escaped(summary)}`,
    ...(description === '' ? [] : [`DESCRIPTION:${escaped(description)}`]),
    'BEGIN:VALARM',
    'ACTION:DISPLAY',
    `DESCRIPTION:${escaped(summary)}`,
    'TRIGGER:PT0M',
    'END:VALARM',
    'END:VEVENT',
  ];
}

/**
 * The file's text.
 * @param madeAt now, ISO 8601
 */
export function calendarText(
  events: readonly CalendarEvent[],
  { title, madeAt, of }: { title: string; madeAt: string; /** Who writes it: `Day`, `Clocks`. */ of: string },
): string {
  const lines = [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    `PRODID:-//Involucrum//${of}//EN`,
    'CALSCALE:GREGORIAN',
    'METHOD:PUBLISH',
    `X-WR-CALNAME:${escaped(title)}`,
    ...events.flatMap((event) => linesOf(event, madeAt)),
    'END:VCALENDAR',
  ];
  return `${lines.map(folded).join('\r\n')}\r\n`;
}
