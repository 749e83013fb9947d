/** A day as a problem for the solver: what there is of everything, what is done already, what is going on. */
import { type Day } from '../stored/day-schema';
import { type Kitchen } from '../stored/kitchen-schema';
import { type ApplianceKind } from '../vocabulary/appliances';
import { applianceOf } from '../cooking/appliance';
import { type Problem, type Resource, type Task } from '../schedule/problem';
import { minuteOf } from './moments';
import { type Did } from './did';
import { FRIDGE_FREE, OVEN_CHANGE } from './estimates';
import { plannedMinutesOf } from './planned-minutes';
import { type Rest, restHours } from './rest-hours';
import { type DayTask, type PlaceOfWork } from './task';

/** A wait that has been broken by what really happened: nothing can mend it any more. */
export interface Overdue {
  taskId: string;
  afterId: string;
  byMinutes: number;
  why: string;
  /** It has not waited too long yet: by the time that it can be done it will have. */
  isToCome: boolean;
}

export interface DayProblem {
  problem: Problem;
  rests: Rest[];
  overdue: Overdue[];
  /** Tasks that are over, with their minutes; and that are going on, with when they were to end, and may end at the earliest. */
  done: Map<string, { start: number; end: number }>;
  running: Map<string, { start: number; end: number; due: number }>;
}

export interface Now {
  /** Epoch minute: nothing that has not begun starts before. */
  minute: number;
  /** IANA time zone of the kitchen. */
  zone: string;
}

/** What has waited too long is done within so many minutes, where hands are free for it. */
const SOON = 5;

/** What there is of each thing. */
function resourcesOf(day: Day, kitchen: Kitchen, rests: readonly Rest[]): Record<PlaceOfWork, Resource> {
  const ofKind = (kind: ApplianceKind) => kitchen.appliances.filter((a) => a.kind === kind);
  const trays = ofKind('oven').reduce((sum, a) => sum + a.tiers, 0) || applianceOf('oven', kitchen).tiers;
  return {
    hands: {
      capacity: 1,
      changes: [
        ...rests.map(({ from, to }) => ({ from, to, by: -1 })),
        ...day.helpers.map((h) => ({ from: minuteOf(h.from), to: minuteOf(h.to), by: 1 })),
      ],
    },
    bench: { capacity: day.benches },
    hob: { capacity: day.rings },
    oven: { capacity: trays, changeOver: OVEN_CHANGE },
    steamer: { capacity: Math.max(1, ofKind('steamer').length) },
    pan: { capacity: Math.max(1, ofKind('pan').length) },
    pot: { capacity: Math.max(1, ofKind('pot').length) },
    fridge: { capacity: Math.max(1, Math.round(kitchen.fridgeLitres * FRIDGE_FREE)) },
  };
}

/** Draws up the problem. @param did what has been begun and done, by task */
export function dayProblem(
  day: Day,
  kitchen: Kitchen,
  tasks: readonly DayTask[],
  now: Now,
  did: ReadonlyMap<string, Did>,
): DayProblem {
  const begins = Math.max(minuteOf(day.from), day.run === null ? -Infinity : now.minute);
  const served = tasks.flatMap((t) => (t.kind === 'serve' && t.latest !== undefined ? [t.latest] : []));
  const endMinute = Math.max(begins + 1, ...served);
  const rests = restHours(day, begins, served, now.zone);
  const { done, running } = begunOf(day, tasks, now, did);
  const overdue: Overdue[] = [];
  const toCome = tasks
    .filter(({ id }) => !done.has(id))
    .map((task): Task => {
      const runs = running.get(task.id);
      if (runs) return runningTask(task, runs, Math.min(begins, endMinute));
      const planned = plannedTask(day, task, begins, done);
      overdue.push(...planned.overdue);
      return planned.task;
    });
  const followed = new Set(toCome.flatMap(({ after }) => after.map(({ id }) => id)));
  // What is over stands where it ended, for what follows it.
  const past = [...done].flatMap(([id, { end }]): Task[] =>
    followed.has(id) ? [{ id, minutes: 0, needs: {}, after: [], earliest: end, latest: end }] : [],
  );
  return {
    problem: {
      startMinute: begins,
      endMinute,
      resources: resourcesOf(day, kitchen, rests),
      tasks: [...past, ...toCome],
    },
    rests,
    overdue,
    done,
    running,
  };
}

/** What is over, and what has begun: that takes what it was planned to, or until now. */
function begunOf(
  day: Day,
  tasks: readonly DayTask[],
  now: Now,
  did: ReadonlyMap<string, Did>,
): Pick<DayProblem, 'done' | 'running'> {
  const done: DayProblem['done'] = new Map();
  const running: DayProblem['running'] = new Map();
  for (const task of tasks) {
    const d = did.get(task.id);
    if (d === undefined) continue;
    const start = minuteOf(d.startedAt);
    if (d.endedAt !== null) done.set(task.id, { start, end: Math.max(start, minuteOf(d.endedAt)) });
    else {
      const due = start + plannedMinutesOf(task, day) + d.moreMinutes;
      running.set(task.id, { start, end: Math.max(due, now.minute), due });
    }
  }
  return { done, running };
}

/** What every task of the problem has of the day's. */
const sharedOf = ({ id, needs, ways, weight }: DayTask): Pick<Task, 'id' | 'needs' | 'ways' | 'weight'> => ({
  id,
  needs: needs as Record<string, number>,
  ways: ways as Record<string, string> | undefined,
  weight,
});

/** A task that has begun, from where the plan begins. */
const runningTask = (task: DayTask, { end }: { end: number }, start: number): Task => {
  const minutes = Math.max(0, end - start);
  return { ...sharedOf(task), minutes, after: [], earliest: start, latest: start + minutes };
};

/** A task to come, where it may lie; with the waits that are broken already. */
function plannedTask(
  day: Day,
  task: DayTask,
  begins: number,
  done: DayProblem['done'],
): { task: Task; overdue: Overdue[] } {
  const minutes = plannedMinutesOf(task, day);
  const pin = day.pins.find((p) => p.taskId === task.id);
  const earliest = pin ? minuteOf(pin.at) : (task.earliest ?? -Infinity);
  const latest = pin ? minuteOf(pin.at) + minutes : (task.latest ?? Infinity);
  const soonest = Math.max(begins, earliest);
  const overdue: Overdue[] = [];
  const after = task.after.map(({ id, minWait, maxWait, why = '' }) => {
    const over = done.get(id);
    const longest = over === undefined ? Infinity : over.end + (maxWait ?? Infinity);
    if (over === undefined || longest >= soonest) return { id, minWait, maxWait };
    // A wait that is broken already is said; what has waited too long comes next.
    overdue.push({ taskId: task.id, afterId: id, byMinutes: soonest - longest, why, isToCome: longest >= begins });
    return { id, minWait, maxWait: Math.max(0, soonest - over.end) + SOON };
  });
  const planned = {
    ...sharedOf(task),
    minutes,
    after,
    isFirm: task.kind === 'serve' || pin !== undefined,
    ...(Number.isFinite(earliest) ? { earliest } : {}),
    ...(Number.isFinite(latest) ? { latest } : {}),
  };
  return { task: planned, overdue };
}
