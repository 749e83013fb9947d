/** The plan of a day as it is seen: each task with its time, its latest moment and why, and what collides. */
import { type Day } from '../stored/day-schema';
import { type Conflict, type Schedule } from '../schedule/problem';
import { type DayProblem, type Overdue } from './day-problem';
import { minuteOf } from './moments';
import { plannedMinutesOf } from './planned-minutes';
import { type Rest } from './rest-hours';
import { type DayTask } from './task';

export type TaskState = 'done' | 'running' | 'planned';

export interface PlannedTask extends DayTask {
  state: TaskState;
  /** Epoch minutes. */
  start: number;
  end: number;
  /** When it was to end, of what goes on; else its end. */
  due: number;
  isPinned: boolean;
  /** Which pair of hands: 0 the cook's; null of what needs none. */
  hand: number | null;
  /** It may start no later, and why; null where nothing presses. */
  latestStart: { minute: number; why: string } | null;
}

export interface DayPlan {
  tasks: PlannedTask[];
  startMinute: number;
  endMinute: number;
  /** Everything keeps its time and its waits. */
  isFeasible: boolean;
  conflicts: readonly Conflict[];
  overdue: readonly Overdue[];
  rests: readonly Rest[];
  /** By so many minutes serving would be later than it should, were nothing mended. */
  lateBy: number;
  /** Nobody has found out yet whether it can be better. */
  isWhole: boolean;
}

/** Puts a schedule, what is done and what is going on together. */
export function dayPlan(
  day: Day,
  tasks: readonly DayTask[],
  of: DayProblem,
  schedule: Schedule,
  isWhole: boolean,
): DayPlan {
  const byId = new Map(schedule.tasks.map((t) => [t.id, t]));
  const lateBy = Math.max(0, ...schedule.conflicts.filter(({ kind }) => kind === 'too-late').map((c) => c.byMinutes));
  // What would have to begin before it may begins as soon as it may, and all that follows is so much later.
  // Where there is no order at all, what was planned before is shown.
  const begins = of.problem.startMinute ?? 0;
  const asBefore = (task: DayTask): { start: number; end: number } => {
    const was = day.plan?.starts.find((s) => s.taskId === task.id);
    const start = Math.max(begins, was ? minuteOf(was.at) : begins);
    return { start, end: start + plannedMinutesOf(task, day) };
  };
  const timed = tasks.flatMap((task): Timed[] => {
    const shared = { ...task, isPinned: day.pins.some((p) => p.taskId === task.id) };
    const done = of.done.get(task.id);
    if (done) return [{ ...shared, state: 'done', ...done, due: done.end }];
    const running = of.running.get(task.id);
    if (running) return [{ ...shared, state: 'running', ...running }];
    const planned = byId.get(task.id) ?? asBefore(task);
    const [start, end] = [planned.start + lateBy, planned.end + lateBy];
    return [{ ...shared, state: 'planned', start, end, due: end }];
  });
  const placed = withHands(
    timed.map((task) => hotAlready(task, timed)),
    day,
  );
  const by = new Map(placed.map((t) => [t.id, t]));
  const planned = placed
    .map((task) => ({ ...task, latestStart: latestOf(task, by) }))
    .sort((a, b) => a.start - b.start || a.end - b.end);
  return {
    tasks: planned,
    startMinute: Math.min(...planned.map((t) => t.start), of.problem.endMinute),
    endMinute: Math.max(...planned.map((t) => t.end), of.problem.endMinute),
    isFeasible: schedule.feasible && of.overdue.length === 0,
    conflicts: schedule.conflicts,
    overdue: of.overdue,
    rests: of.rests,
    lateBy,
    isWhole,
  };
}

/** An oven that is hot for another batch only has to stay on: so many minutes at most between the two. House estimate. */
const STILL_HOT = 15;

function hotAlready(task: Timed, all: readonly Timed[]): Timed {
  const way = task.ways?.oven;
  if (task.kind !== 'heat' || way === undefined || task.state !== 'planned') return task;
  const other = all.find(
    (t) =>
      t.kind === 'load' &&
      t.ways?.oven === way &&
      t.start < task.end &&
      t.end + STILL_HOT > task.start &&
      t.id !== task.id,
  );
  return other
    ? { ...task, how: `It is hot for ${other.about === '' ? 'another batch' : other.about}: leave it on.` }
    : task;
}

/** A latest moment is shown where it is no further off, minutes. House estimate. */
const PRESSES = 120;

type Timed = Omit<PlannedTask, 'hand' | 'latestStart'>;

/** Which pair of hands does what: whoever has worked least of those who are there and free. */
function withHands(timed: readonly Timed[], day: Day): Omit<PlannedTask, 'latestStart'>[] {
  const people = [
    { from: -Infinity, to: Infinity, freeAt: -Infinity, worked: 0 },
    ...day.helpers.map((h) => ({ from: minuteOf(h.from), to: minuteOf(h.to), freeAt: -Infinity, worked: 0 })),
  ];
  return [...timed]
    .sort((a, b) => a.start - b.start || b.end - a.end)
    .map((task) => {
      if (!task.hasHands) return { ...task, hand: null };
      const free = people
        .map((p, i) => ({ ...p, i }))
        .filter((p) => p.freeAt <= task.start && p.from <= task.start && task.end <= p.to);
      // Helpers first: the cook's hands stay free for what comes in between.
      const who = free.sort((a, b) => a.worked - b.worked || b.i - a.i)[0]?.i ?? 0;
      people[who].freeAt = task.end;
      people[who].worked += task.end - task.start;
      return { ...task, hand: who };
    });
}

/** By what it follows: how long that may wait. */
function latestOf(
  task: Omit<PlannedTask, 'latestStart'>,
  by: ReadonlyMap<string, { end: number }>,
): PlannedTask['latestStart'] {
  if (task.state !== 'planned') return null;
  return task.after.reduce<PlannedTask['latestStart']>((least, { id, maxWait, why }) => {
    const before = by.get(id);
    if (before === undefined || maxWait === undefined || why === undefined) return least;
    const minute = before.end + maxWait;
    // What may wait for hours presses nobody.
    if (minute - task.start > PRESSES) return least;
    return least === null || minute < least.minute ? { minute, why } : least;
  }, null);
}
