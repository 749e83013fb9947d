/** How good a plan is: nothing too early, then the beginning as late as it can be, then what spoils as late as it can be. */
import { type Problem } from './problem';

/** Compared in this order; less is better. */
export interface Worth {
  /** By how many minutes the worst task would have to start before it may. */
  tooEarly: number;
  /** Minutes from the first start to the end. */
  length: number;
  /** Minutes of all tasks before the end, by what they are worth. */
  early: number;
}

export const isBetter = (a: Worth, b: Worth): boolean =>
  a.tooEarly !== b.tooEarly ? a.tooEarly < b.tooEarly : a.length !== b.length ? a.length < b.length : a.early < b.early;

/** A task that may start at any time may not start before the beginning. */
export const earliestOf = (problem: Problem): Int32Array =>
  Int32Array.from(problem.tasks, (t) => Math.max(problem.startMinute ?? 0, t.earliest ?? -Infinity));

/** @param starts of all tasks, in their order */
export function worthOf(problem: Problem, earliest: Int32Array, starts: Int32Array): Worth {
  let tooEarly = 0;
  let first = problem.endMinute;
  let early = 0;
  for (let i = 0; i < starts.length; i++) {
    tooEarly = Math.max(tooEarly, earliest[i] - starts[i]);
    first = Math.min(first, starts[i]);
    early += (problem.endMinute - starts[i]) * (problem.tasks[i].weight ?? 1);
  }
  return { tooEarly, length: problem.endMinute - first, early };
}

/** Whether a plan that is at best so good is worth looking at: a bound that already is no better leads to nothing better. */
export const canBeat = (bound: Worth, best: Worth | null): boolean => best === null || isBetter(bound, best);
