/** All tasks of a day: of its batches, what they share, what the cook added, changed or left out, and serving. */
import { type Day } from '../stored/day-schema';
import { TASK_KINDS } from '../vocabulary/task-kinds';
import { batchTasks } from './batch-tasks';
import { MAY_WAIT, SERVE } from './estimates';
import { type BatchFacts } from './facts';
import { minuteOf } from './moments';
import { shareCutting } from './sharing';
import { shareDough } from './sharing-dough';
import { shareOven } from './sharing-oven';
import { type DayTask, type Follows, taskId } from './task';

/** When a batch of a day is served. */
export const serveMinuteOf = (day: Pick<Day, 'serveAt'>, { serveAt }: { serveAt: string | null }): number =>
  minuteOf(serveAt ?? day.serveAt);

/**
 * Draws up the tasks of a day.
 * @param all what is known of each batch that is made
 */
export function dayTasks(day: Day, all: readonly BatchFacts[]): DayTask[] {
  const work = all.map((facts) => ({ facts, ...batchTasks(facts) }));
  const begun = new Set((day.run?.did ?? []).map(({ taskId: id }) => id));
  const each = work.flatMap(({ tasks }) => tasks);
  const own = shareOven(shareDough(shareCutting(each, all), all, begun), all);
  const tasks = [...own, ...serving(day, work)];
  return changed(day, [...tasks, ...addedTo(day, tasks)]);
}

/** Carrying and serving, once for all that is served at one time. */
function serving(day: Day, work: readonly { facts: BatchFacts; tasks: DayTask[]; served: Follows[] }[]): DayTask[] {
  const times = [...new Set(work.filter(({ tasks }) => tasks.length > 0).map(({ facts }) => facts.serveMinute))];
  return times.flatMap((minute) => {
    const there = work.filter(({ facts, tasks }) => facts.serveMinute === minute && tasks.length > 0);
    const serve = taskId('all', 'serve', minute);
    const carried = there.filter(({ facts }) => facts.serving === 'carried-warm');
    const isCarried = carried.length > 0 && day.carryMinutes > 0;
    const carry: DayTask = {
      id: taskId('all', 'carry', minute),
      kind: 'carry',
      batchIds: carried.map(({ facts }) => facts.batch.id),
      about: '',
      title: TASK_KINDS.carry.label,
      how: carried.map(({ facts }) => facts.about).join(', '),
      doneWhen: TASK_KINDS.carry.doneWhen,
      minutes: Math.max(1, day.carryMinutes),
      hasHands: true,
      needs: { hands: 1 },
      after: carried.map(({ served }) => ({ id: served[served.length - 1].id })),
      weight: 4,
      isEstimate: false,
      warning: null,
    };
    return [
      ...(isCarried ? [carry] : []),
      {
        id: serve,
        kind: 'serve' as const,
        batchIds: there.map(({ facts }) => facts.batch.id),
        about: '',
        title: TASK_KINDS.serve.label,
        how: there.map(({ facts }) => facts.about).join(', '),
        doneWhen: TASK_KINDS.serve.doneWhen,
        minutes: SERVE,
        hasHands: true,
        needs: { hands: 1 },
        after: [
          ...there.flatMap(({ served }) => served),
          ...(isCarried ? [{ id: carry.id, maxWait: MAY_WAIT.table, why: 'there' }] : []),
        ],
        weight: 1,
        earliest: minute - SERVE,
        latest: minute,
        isEstimate: false,
        warning: null,
      },
    ];
  });
}

function addedTo({ added }: Day, tasks: readonly DayTask[]): DayTask[] {
  return added.map((task): DayTask => {
    const before = tasks.find(({ id }) => id === task.before);
    return {
      id: taskId('own', task.id),
      kind: 'own',
      batchIds: before?.batchIds ?? [],
      about: '',
      title: task.title,
      how: '',
      doneWhen: TASK_KINDS.own.doneWhen,
      minutes: task.minutes,
      hasHands: task.hasHands,
      needs: task.hasHands ? { hands: 1 } : {},
      after: [],
      weight: 1,
      isEstimate: false,
      warning: null,
    };
  });
}

/** With the cook's own minutes, without what is left out, and with what comes before what. */
function changed({ changes, added }: Day, tasks: readonly DayTask[]): DayTask[] {
  const leftOut = new Set(changes.filter((c) => c.isLeftOut).map((c) => c.taskId));
  const by = new Map(tasks.map((t) => [t.id, t]));
  /** What a task that is left out followed is followed by what followed it. */
  const through = (follows: Follows, depth = 0): Follows[] => {
    const before = by.get(follows.id);
    if (before === undefined) return [];
    if (!leftOut.has(follows.id)) return [follows];
    return depth > tasks.length ? [] : before.after.flatMap(({ id }) => through({ id }, depth + 1));
  };
  return tasks
    .filter(({ id }) => !leftOut.has(id))
    .map((task) => {
      const minutes = changes.find((c) => c.taskId === task.id)?.minutes ?? null;
      const own = added.filter(({ before }) => before === task.id).map(({ id }) => ({ id: taskId('own', id) }));
      const after = [...task.after.flatMap((follows) => through(follows)), ...own];
      return { ...task, after, ...(minutes === null ? {} : { minutes, isEstimate: false }) };
    });
}
