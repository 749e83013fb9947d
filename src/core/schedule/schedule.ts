/** A plan for a problem, or what stands against one. */
import { type Conflict, type Problem, type Schedule, type Scheduled } from './problem';
import { type Found, search, type Searched, type SearchOptions } from './search';
import { conflictsOf, unkeptWaits } from './explain';

export interface Progress {
  schedule: Schedule;
  /** Searched to the end: nothing better exists. */
  isWhole: boolean;
}

type PlanOptions = Pick<SearchOptions, 'seed' | 'deadEnds' | 'like'>;

/** Steps of the search between two looks at the time. */
type IsTimeUp = (steps: number) => boolean;

const tasksOf = (problem: Problem, { starts }: Found): Scheduled[] =>
  problem.tasks.map((t, i) => ({ id: t.id, start: starts[i], end: starts[i] + t.minutes }));

function scheduleOf(problem: Problem, found: Found | null, conflicts: Conflict[]): Schedule {
  const tasks = found === null ? [] : tasksOf(problem, found);
  return {
    feasible: conflicts.length === 0 && found !== null,
    tasks,
    startMinute: tasks.length === 0 ? problem.endMinute : Math.min(...tasks.map((t) => t.start)),
    conflicts,
  };
}

/**
 * Plans, step by step: each value is the best plan so far, so that it can be shown while it improves, and stopped.
 * What cannot be had is planned as well as it can be, with its conflicts: too early a beginning, or waits that are too long.
 */
export function* planning(problem: Problem, options: PlanOptions = {}): Generator<Progress | null, Progress> {
  const { seed = 1, deadEnds, like } = options;
  const kept: Generator<Found | null, Searched> = search(problem, { seed, deadEnds, like });
  for (;;) {
    const { value, done } = kept.next();
    if (!done) {
      yield value && { schedule: scheduleOf(problem, value, conflictsOf(problem, value)), isWhole: false };
      continue;
    }
    const { best, isWhole, stuck } = value;
    if (best !== null) return { schedule: scheduleOf(problem, best, conflictsOf(problem, best)), isWhole };
    // No order of work keeps every wait: as many are kept as can be.
    const relaxed = unkeptWaits(problem, { ...options, stuck });
    for (;;) {
      const next = relaxed.next();
      const schedule = next.value && scheduleOf(problem, next.value.found, next.value.conflicts);
      if (next.done) return { schedule: scheduleOf(problem, next.value.found, next.value.conflicts), isWhole: false };
      yield schedule && { schedule, isWhole: false };
    }
  }
}

/**
 * Plans until it is done or time is up.
 * @param isTimeUp asked after every step
 */
export function plan(problem: Problem, isTimeUp: IsTimeUp, options: PlanOptions = {}): Progress {
  const run = planning(problem, options);
  let best: Progress | null = null;
  for (let steps = 1; ; steps++) {
    const { value, done } = run.next();
    if (done) return value;
    best = value ?? best;
    if (best !== null && isTimeUp(steps)) return best;
  }
}
