/** What stands against a plan: too early a beginning and the chain of work that makes it so, or waits that cannot be kept. */
import { usesOf } from './clashes';
import { network } from './network';
import { type Conflict, type Problem } from './problem';
import { type Found, search, type SearchOptions } from './search';
import { earliestOf } from './worth';

/** Steps of the search given to each question which waits can be kept. House estimate. */
const STEPS_A_QUESTION = 40;
const DEAD_ENDS_A_QUESTION = 300;
const BUILDS_A_QUESTION = 2;

/** Tasks of a plan that start before they may, the worst first, with what holds them there. */
export function conflictsOf(problem: Problem, { starts }: Found): Conflict[] {
  const earliest = earliestOf(problem);
  const worst = problem.tasks
    .map((_, i) => ({ i, by: earliest[i] - starts[i] }))
    .filter(({ by }) => by > 0)
    .sort((a, b) => b.by - a.by)[0];
  if (!worst) return [];
  const { chain, resource } = heldThere(problem, starts, worst.i);
  return [{ kind: 'too-late', tasks: chain.map((i) => problem.tasks[i].id), resource, byMinutes: worst.by }];
}

/** The chain of tasks that leave one another no minute, from one on; and the resource that most of them meet at. */
function heldThere({ tasks, resources }: Problem, starts: Int32Array, from: number) {
  const end = (i: number): number => starts[i] + tasks[i].minutes;
  const met = new Map<string, number>();
  const chain = [from];
  for (let here = from; ;) {
    const next = tasks.findIndex((t, j) => {
      if (chain.includes(j)) return false;
      const order = t.after.find(({ id }) => id === tasks[here].id);
      return order ? end(here) + (order.minWait ?? 0) === starts[j] : false;
    });
    const meets = Object.keys(tasks[here].needs);
    const beside =
      next >= 0
        ? -1
        : tasks.findIndex(
            (t, j) =>
              !chain.includes(j) &&
              meets.some((r) => (t.needs[r] ?? 0) > 0) &&
              starts[j] >= end(here) &&
              starts[j] - end(here) <= Math.max(0, ...meets.map((r) => resources[r]?.changeOver ?? 0)),
          );
    const then = next >= 0 ? next : beside;
    if (then < 0) break;
    if (beside >= 0) {
      const shared = meets.filter((r) => (tasks[beside].needs[r] ?? 0) > 0);
      shared.forEach((r) => met.set(r, (met.get(r) ?? 0) + 1));
    }
    chain.push(then);
    here = then;
  }
  const resource = [...met].sort((a, b) => b[1] - a[1])[0]?.[0] ?? null;
  return { chain, resource };
}

/** One longest wait of the problem. */
interface Wait {
  task: number;
  place: number;
}

/**
 * Where not all waits can be kept: which can (as many as are found by halving, Junker 2004), and by how much the others are not.
 */
export function* unkeptWaits(
  problem: Problem,
  { seed = 1, deadEnds = DEAD_ENDS_A_QUESTION }: Pick<SearchOptions, 'seed' | 'deadEnds'>,
): Generator<null, { found: Found | null; conflicts: Conflict[] }> {
  const impossible = neverFits(problem);
  if (impossible.length > 0) return { found: null, conflicts: impossible };
  const waits: Wait[] = problem.tasks.flatMap((t, task) =>
    t.after.flatMap(({ maxWait }, place) => (maxWait === undefined ? [] : [{ task, place }])),
  );
  const kept: Wait[] = [];
  let found: Found | null = null;
  function* isPossible(list: readonly Wait[]): Generator<null, boolean> {
    const keepsWait = (task: number, place: number): boolean => list.some((w) => w.task === task && w.place === place);
    const run = search(problem, {
      keepsWait,
      seed,
      deadEnds: Math.min(deadEnds, DEAD_ENDS_A_QUESTION),
      builds: BUILDS_A_QUESTION,
    });
    let last: Found | null = null;
    for (let step = 0; step < STEPS_A_QUESTION; step++) {
      const { value, done } = run.next();
      last = done ? value.best : value;
      if (done) break;
      yield null;
    }
    if (last !== null) found = last;
    return last !== null;
  }
  function* add(list: readonly Wait[]): Generator<null, void> {
    if (list.length === 0) return;
    if (yield* isPossible([...kept, ...list])) {
      kept.push(...list);
      return;
    }
    if (list.length === 1) return;
    const half = Math.ceil(list.length / 2);
    yield* add(list.slice(0, half));
    yield* add(list.slice(half));
  }
  yield* add(waits);
  const isAny = yield* isPossible(kept);
  const plan = found as Found | null;
  if (!isAny || plan === null)
    return { found: null, conflicts: [{ kind: 'impossible', tasks: [], resource: null, byMinutes: 0 }] };
  return { found: plan, conflicts: [...conflictsOf(problem, plan), ...tooLong(problem, plan)] };
}

/** Waits of a plan that are longer than they may be, the worst first. */
function tooLong({ tasks }: Problem, { starts }: Found): Conflict[] {
  const placeOf = new Map(tasks.map((t, i) => [t.id, i]));
  return tasks
    .flatMap((t, i) =>
      t.after.flatMap(({ id, maxWait = Infinity }): Conflict[] => {
        const p = placeOf.get(id);
        if (p === undefined) return [];
        const by = starts[i] - starts[p] - tasks[p].minutes - maxWait;
        return by > 0 ? [{ kind: 'waits-too-long', tasks: [t.id, id], resource: null, byMinutes: by }] : [];
      }),
    )
    .sort((a, b) => b.byMinutes - a.byMinutes);
}

/** Tasks that need more than there ever is, and orders that contradict one another. */
function neverFits(problem: Problem): Conflict[] {
  const most = ({ capacity, changes = [] }: Problem['resources'][string]): number =>
    capacity + changes.reduce((sum, { by }) => sum + Math.max(0, by), 0);
  const tooMuch = usesOf(problem).flatMap(({ resource, has, tasks, units }) =>
    tasks.flatMap((i, k): Conflict[] =>
      units[k] > most(has)
        ? [{ kind: 'never-fits', tasks: [problem.tasks[i].id], resource, byMinutes: problem.tasks[i].minutes }]
        : [],
    ),
  );
  if (tooMuch.length > 0) return tooMuch;
  return network(problem, () => false) === null
    ? [{ kind: 'impossible', tasks: [], resource: null, byMinutes: 0 }]
    : [];
}
