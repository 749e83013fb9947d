/** The plan of a day as a calendar's file: each step of the hands an event with an alarm. What is wrong with it stands in it. */
import { calendarText } from '../formats/ical';
import { type DayPlan, type PlannedTask } from './day-plan';
import { fullTitle } from './task';
import { timeOf } from './moments';

function describe(task: PlannedTask): string {
  const { how, doneWhen, warning } = task;
  return [warning === null ? '' : `Look here: ${warning}`, how, doneWhen === '' ? '' : `Done when: ${doneWhen}`]
    .filter((text) => text !== '')
    .join('\n');
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
  return calendarText(
    events.map((task) => ({
      id: `${dayId} ${task.id}`,
      start: timeOf(task.start),
      end: timeOf(task.end),
      summary: `${task.warning === null ? '' : '! '}${fullTitle(task)}`,
      description: describe(task),
    })),
    { title, madeAt, of: 'Day' },
  );
}
