/** How good a plan is: nothing too early, then the beginning as late as it can be, then what spoils as late as it can be. */
import { isFixed, type Problem } from './problem';

/** Compared in this order; less is better. */
export interface Worth {
  /** By how many minutes the worst task would have to start before it may. */
  tooEarly: number;
  /** Minutes by which waits are too long, where not all can be kept. */
  tooLong: number;
  /** Minutes from the first start to the end. */
  length: number;
  /** Minutes of all tasks before the end, by what they are worth. */
  early: number;
}

const ORDER = ['tooEarly', 'tooLong', 'length', 'early'] as const;
export const isBetter = (a: Worth, b: Worth): boolean => {
  const first = ORDER.find((what) => a[what] !== b[what]);
  return first !== undefined && a[first] < b[first];
};

/** A longest wait of a task: that to what stands at a place in its `after`. */
export interface Wait {
  task: number;
  place: number;
}

/** Minutes by which a wait is too long in a plan. */
export function tooLongBy(
  { tasks }: Problem,
  placeOf: ReadonlyMap<string, number>,
  starts: Int32Array,
  { task, place }: Wait,
): number {
  const { id, maxWait = Infinity } = tasks[task].after[place];
  const before = placeOf.get(id);
  return before === undefined ? 0 : Math.max(0, starts[task] - starts[before] - tasks[before].minutes - maxWait);
}

/** A task that may start at any time may not start before the beginning; what has its fixed time may. */
export const earliestOf = (problem: Problem): Int32Array =>
  Int32Array.from(problem.tasks, (t) =>
    isFixed(t) ? (t.earliest ?? 0) : Math.max(problem.startMinute ?? 0, t.earliest ?? -Infinity),
  );

/** @param starts of all tasks, in their order; @param tooLong minutes by which waits are too long */
export function worthOf(problem: Problem, earliest: Int32Array, starts: Int32Array, tooLong = 0): Worth {
  let tooEarly = 0;
  let first = problem.endMinute;
  // What is over already makes no day longer.
  const begins = problem.startMinute ?? -Infinity;
  let early = 0;
  for (let i = 0; i < starts.length; i++) {
    tooEarly = Math.max(tooEarly, earliest[i] - starts[i]);
    if (starts[i] >= begins) first = Math.min(first, starts[i]);
    early += (problem.endMinute - starts[i]) * (problem.tasks[i].weight ?? 1);
  }
  return { tooEarly, tooLong, length: problem.endMinute - first, early };
}

/**
 * Whether a plan that is at best so good is worth looking at: a bound that already is no better leads to nothing better. How long
 * waits become nobody knows before the end.
 */
export const canBeat = (bound: Worth, best: Worth | null): boolean =>
  best === null || isBetter({ ...bound, tooLong: 0 }, best);
