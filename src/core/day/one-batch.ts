/** One batch cooked now, without a day planned: its steps forwards from this minute, one pair of hands, each as soon as it can be. */
import { type HeatForecast } from '../forecast/heat';
import { type Kitchen } from '../stored/kitchen-schema';
import { type Batch } from '../stored/schema';
import { batchTasks } from './batch-tasks';
import { type PlannedTask } from './day-plan';
import { factsOf } from './facts';
import { minuteOf, timeOf } from './moments';
import { dayNow } from './run';
import { type DayTask } from './task';

/** A step that was begun; open as long as it goes on. Epoch minutes. */
export interface StepTaken {
  id: string;
  start: number;
  end: number | null;
}

/**
 * The work on one batch, from the board to the table.
 * @param at ISO 8601, now
 * @param begunMinute epoch minute of its first step; what is taken since then changes nothing of it
 */
export function oneBatchTasks(
  batch: Batch,
  kitchen: Kitchen,
  heat: HeatForecast | null,
  at: string,
  begunMinute: number | null,
): DayTask[] {
  const minute = minuteOf(at);
  const of = {
    about: '',
    serving: 'now' as const,
    serveMinute: minute,
    from: minute,
    runsSince: begunMinute === null ? null : timeOf(begunMinute),
  };
  return batchTasks(factsOf(batch, kitchen, of, { heat, frozen: null, hardMinutes: null, mended: null }, at)).tasks;
}

/** How long everything takes that follows from a task, the task itself counted: what has most behind it goes first. */
function tails(tasks: readonly DayTask[]): Map<string, number> {
  const found = new Map<string, number>();
  const tail = (task: DayTask): number => {
    const earlier = found.get(task.id);
    if (earlier !== undefined) return earlier;
    found.set(task.id, 0); // What follows in a circle ends here.
    const after = tasks.flatMap((t) =>
      t.after.filter(({ id }) => id === task.id).map(({ minWait = 0 }) => minWait + tail(t)),
    );
    const all = task.minutes + Math.max(0, ...after);
    found.set(task.id, all);
    return all;
  };
  tasks.forEach(tail);
  return found;
}

const asPlanned = (
  task: DayTask,
  state: PlannedTask['state'],
  start: number,
  end: number,
  due: number,
): PlannedTask => ({
  ...task,
  state,
  start,
  end,
  due,
  isPinned: false,
  hand: task.hasHands ? 0 : null,
  latestStart: null,
});

/** What only has to be ready for the next step is begun as late as that allows: an oven is not heated for hours. */
function asLate(all: readonly PlannedTask[]): PlannedTask[] {
  return all.map((task) => {
    if (task.state !== 'planned' || task.kind !== 'heat') return task;
    const followers = all.filter((t) => t.after.some(({ id }) => id === task.id)).map((t) => t.start);
    if (followers.length === 0) return task;
    const start = Math.max(task.start, Math.min(...followers) - task.minutes);
    return { ...task, start, end: start + task.minutes, due: start + task.minutes };
  });
}

/**
 * The steps with their times: what is done and going on as it is, the rest as soon as hands and what it follows allow, what has
 * most behind it first.
 * @param now epoch minute
 */
export function planOne(tasks: readonly DayTask[], taken: readonly StepTaken[], now: number): PlannedTask[] {
  const ids = new Set(tasks.map(({ id }) => id));
  const behind = tails(tasks);
  const placed = new Map<string, PlannedTask>();
  for (const task of tasks) {
    const step = taken.find(({ id }) => id === task.id);
    if (step === undefined) continue;
    const due = step.start + task.minutes;
    placed.set(
      task.id,
      step.end === null
        ? asPlanned(task, 'running', step.start, Math.max(now, due), due)
        : asPlanned(task, 'done', step.start, step.end, step.end),
    );
  }
  let handsFree = Math.max(
    now,
    ...[...placed.values()].filter((t) => t.state === 'running' && t.hasHands).map((t) => t.end),
  );
  const open = new Set(tasks.filter(({ id }) => !placed.has(id)));
  while (open.size > 0) {
    const ready = [...open].flatMap((task) => {
      const before = task.after.filter(({ id }) => ids.has(id));
      if (before.some(({ id }) => !placed.has(id))) return [];
      const from = Math.max(now, ...before.map(({ id, minWait = 0 }) => (placed.get(id)?.end ?? now) + minWait));
      return [{ task, start: task.hasHands ? Math.max(from, handsFree) : from }];
    });
    // What can never come, because it waits for itself, is left out.
    if (ready.length === 0) break;
    const [{ task, start }] = ready.sort(
      (a, b) => a.start - b.start || (behind.get(b.task.id) ?? 0) - (behind.get(a.task.id) ?? 0),
    );
    placed.set(task.id, asPlanned(task, 'planned', start, start + task.minutes, start + task.minutes));
    if (task.hasHands) handsFree = start + task.minutes;
    open.delete(task);
  }
  return asLate([...placed.values()]).sort((a, b) => a.start - b.start || a.end - b.end);
}

export interface OneNow extends ReturnType<typeof dayNow> {
  done: number;
  of: number;
  /** When all is done, as it looks now, epoch minute. */
  endMinute: number;
}

/** The one thing to do, what goes on beside it, and what comes next. @param now epoch minute */
export function oneNow(tasks: readonly PlannedTask[], now: number): OneNow {
  const stand = dayNow({ tasks: [...tasks] }, now);
  return {
    ...stand,
    done: tasks.filter(({ state }) => state === 'done').length,
    of: tasks.length,
    endMinute: Math.max(now, ...tasks.map(({ end }) => end)),
  };
}

/** What begins with the tap that ends a step: the next one of the hands, and what follows of itself. */
export function begunWith(tasks: readonly PlannedTask[], ended: PlannedTask, now: number): PlannedTask[] {
  const done = new Set([ended.id, ...tasks.filter(({ state }) => state === 'done').map(({ id }) => id)]);
  const isReady = (task: PlannedTask): boolean =>
    task.state === 'planned' &&
    task.after.every(({ id, minWait = 0 }) => {
      const before = tasks.find((t) => t.id === id);
      if (before === undefined) return true;
      return done.has(id) && (minWait === 0 || (before.id !== ended.id && now - before.end >= minWait));
    });
  const ready = tasks.filter(isReady);
  const busy = tasks.some((t) => t.state === 'running' && t.hasHands && t.id !== ended.id);
  const byItself = ready.filter((t) => !t.hasHands && t.after.some(({ id }) => id === ended.id));
  const next = busy ? undefined : ready.find(({ hasHands }) => hasHands);
  return [...byItself, ...(next === undefined ? [] : [next])];
}
