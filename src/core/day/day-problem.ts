/** A day as a problem for the solver: what there is of everything, what is done already, what is going on. */
import { type Day } from '../stored/day-schema';
import { type Kitchen } from '../stored/kitchen-schema';
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
export function resourcesOf(day: Day, kitchen: Kitchen, rests: readonly Rest[]): Record<PlaceOfWork, Resource> {
  const ofKind = (kind: 'oven' | 'steamer') => kitchen.appliances.filter((a) => a.kind === kind);
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
  const rests = restHours(day, begins, served, now.zone);
  const done: DayProblem['done'] = new Map();
  const running: DayProblem['running'] = new Map();
  for (const task of tasks) {
    const d = did.get(task.id);
    if (d === undefined) continue;
    const start = minuteOf(d.startedAt);
    if (d.endedAt !== null) done.set(task.id, { start, end: Math.max(start, minuteOf(d.endedAt)) });
    else {
      const planned = start + plannedMinutesOf(task, day) + d.moreMinutes;
      running.set(task.id, { start, end: Math.max(planned, now.minute), due: planned });
    }
  }
  const overdue: Overdue[] = [];
  const isFollowed = new Set<string>();
  const endMinute = Math.max(begins + 1, ...served);
  const problemTasks = tasks
    .filter(({ id }) => !done.has(id))
    .map((task): Task => {
      const { id, needs, ways, weight } = task;
      const runs = running.get(id);
      const shared = {
        id,
        needs: needs as Record<string, number>,
        ways: ways as Record<string, string> | undefined,
        weight,
      };
      if (runs) {
        const start = Math.min(begins, endMinute);
        const minutes = Math.max(0, runs.end - start);
        return { ...shared, minutes, after: [], earliest: start, latest: start + minutes };
      }
      const minutes = plannedMinutesOf(task, day);
      const pin = day.pins.find((p) => p.taskId === id);
      const earliest = pin ? minuteOf(pin.at) : (task.earliest ?? -Infinity);
      const latest = pin ? minuteOf(pin.at) + minutes : (task.latest ?? Infinity);
      const after: { id: string; minWait?: number; maxWait?: number }[] = [];
      for (const follows of task.after) {
        const over = done.get(follows.id);
        const longest = over === undefined ? Infinity : over.end + (follows.maxWait ?? Infinity);
        const isOver = longest < Math.max(begins, earliest);
        // A wait that is broken already is said; what has waited too long comes next.
        if (isOver) {
          const byMinutes = Math.max(begins, earliest) - longest;
          overdue.push({
            taskId: id,
            afterId: follows.id,
            byMinutes,
            why: follows.why ?? '',
            isToCome: longest >= begins,
          });
        }
        if (over !== undefined) isFollowed.add(follows.id);
        const maxWait = isOver && over ? Math.max(0, begins - over.end, earliest - over.end) + SOON : follows.maxWait;
        after.push({ id: follows.id, minWait: follows.minWait, maxWait });
      }
      return {
        ...shared,
        minutes,
        after,
        isFirm: task.kind === 'serve' || pin !== undefined,
        ...(Number.isFinite(earliest) ? { earliest } : {}),
        ...(Number.isFinite(latest) ? { latest } : {}),
      };
    });
  // What is over stands where it ended, for what follows it.
  const past = [...isFollowed].map((id): Task => {
    const { end } = done.get(id) ?? { end: begins };
    return { id, minutes: 0, needs: {}, after: [], earliest: end, latest: end };
  });
  return {
    problem: {
      startMinute: begins,
      endMinute,
      resources: resourcesOf(day, kitchen, rests),
      tasks: [...past, ...problemTasks],
    },
    rests,
    overdue,
    done,
    running,
  };
}
