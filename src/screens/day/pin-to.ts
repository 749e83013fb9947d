/** Pins a step to a minute; the rest is planned anew, and the notice lets it go again. */
import { type PlannedTask } from '@/core/day/day-plan';
import { timeOf } from '@/core/day/moments';
import { fullTitle } from '@/core/day/task';
import { type Day } from '@/core/stored/day';
import { editDay, undoDay } from '@/data/days';
import { say } from '@/data/notices';
import { formatClock } from './day-clock';
import * as phrases from './words';

/** Steps are pinned to so many minutes. */
export const PIN_STEP = 5;

export async function pinTo(day: Day, task: PlannedTask, minute: number, zone: string): Promise<void> {
  const pinned = Math.round(minute / PIN_STEP) * PIN_STEP;
  const done = await editDay(day.id, { do: 'pin', taskId: task.id, at: timeOf(pinned) });
  if (!done.ok) return;
  say({
    text: phrases.isPinned(fullTitle(task), formatClock(pinned, zone)),
    kind: 'done',
    action: { label: phrases.LET_IT_GO, run: () => undoDay(day.id) },
  });
}
