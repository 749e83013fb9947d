/** A plan that was worked out before and still holds is kept: nothing moves on screen that need not. */
import { type Day } from '../stored/day-schema';
import { brokenBy } from '../schedule/broken';
import { type Schedule } from '../schedule/problem';
import { type DayProblem } from './day-problem';
import { minuteOf } from './moments';

/** @returns the schedule as it was kept, where it still keeps everything; else null */
export function keptSchedule({ plan }: Pick<Day, 'plan'>, { problem, running, done }: DayProblem): Schedule | null {
  if (plan === null) return null;
  const starts = new Map(plan.starts.map((s) => [s.taskId, s]));
  const tasks = problem.tasks.map((task) => {
    // What goes on, or is over, is where it is, whatever was planned.
    const start =
      running.has(task.id) || done.has(task.id) ? (task.earliest ?? 0) : minuteOf(starts.get(task.id)?.at ?? '');
    return { id: task.id, start, end: start + task.minutes };
  });
  if (tasks.some(({ start }) => Number.isNaN(start)) || brokenBy(problem, tasks).length > 0) return null;
  return {
    feasible: true,
    tasks,
    startMinute: Math.min(problem.endMinute, ...tasks.map((t) => t.start)),
    conflicts: [],
  };
}

/** When tasks started in the plan that was kept, by task: its order is tried first. Undefined where there is none. */
export const keptStarts = ({ plan }: Pick<Day, 'plan'>): ReadonlyMap<string, number> | undefined =>
  plan === null ? undefined : new Map(plan.starts.map((s) => [s.taskId, minuteOf(s.at)]));
