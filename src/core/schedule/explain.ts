/** What stands against a plan: too early a beginning and the chain of work that makes it so, or waits that cannot be kept. */
import { usesOf } from './clashes';
import { network } from './network';
import { type Conflict, isFixed, type Problem } from './problem';
import { type Found, search, type SearchOptions } from './search';
import { earliestOf, tooLongBy, type Wait } from './worth';

/** So many dead ends, and orders of clusters, for each set of waits that are let go. House estimates. */
const DEAD_ENDS_A_QUESTION = 2000;
const BUILDS_A_QUESTION = 3;

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

/**
 * Where not all waits can be kept: those of the tasks that have no place are let go, first what waits for serving, then all of
 * them, until there is a plan; what is let go and still too long in it is the conflict. Each value is the best such plan so far.
 */
export function* unkeptWaits(
  problem: Problem,
  {
    seed = 1,
    deadEnds = DEAD_ENDS_A_QUESTION,
    like,
    stuck,
  }: Pick<SearchOptions, 'seed' | 'deadEnds' | 'like'> & { stuck: readonly number[] },
): Generator<{ found: Found; conflicts: Conflict[] } | null, { found: Found | null; conflicts: Conflict[] }> {
  const impossible = neverFits(problem);
  if (impossible.length > 0) return { found: null, conflicts: impossible };
  const { tasks } = problem;
  const waits: Wait[] = tasks.flatMap((t, task) =>
    t.after.flatMap(({ maxWait }, place) => (maxWait === undefined ? [] : [{ task, place }])),
  );
  const placeOf = new Map(tasks.map((t, i) => [t.id, i]));
  const beforeOf = ({ task, place }: Wait): number => placeOf.get(tasks[task].after[place].id) ?? -1;
  let unkept: Wait[] = [];
  for (let among = new Set(stuck); ;) {
    const mine = waits.filter((w) => !unkept.includes(w) && (among.has(w.task) || among.has(beforeOf(w))));
    const isHeld = (w: Wait): boolean => isFixed(tasks[w.task]);
    const left = waits.filter((w) => !unkept.includes(w));
    const more = [mine.filter(isHeld), left.filter(isHeld), mine, left].find((some) => some.length > 0) ?? [];
    if (more.length === 0)
      return { found: null, conflicts: [{ kind: 'impossible', tasks: [], resource: null, byMinutes: 0 }] };
    unkept = [...unkept, ...more];
    const run = search(problem, { unkept, seed, deadEnds, builds: BUILDS_A_QUESTION, like });
    for (;;) {
      const { value, done } = run.next();
      const found = done ? value.best : value;
      const seen = found && { found, conflicts: [...conflictsOf(problem, found), ...tooLong(problem, found)] };
      if (!done) {
        yield seen;
        continue;
      }
      if (seen) return seen;
      among = new Set(value.stuck);
      break;
    }
  }
}

/** Waits of a plan that are longer than they may be, the worst first. */
function tooLong(problem: Problem, { starts }: Found): Conflict[] {
  const { tasks } = problem;
  const placeOf = new Map(tasks.map((t, i) => [t.id, i]));
  return tasks
    .flatMap((t, task) =>
      t.after.flatMap(({ id }, place): Conflict[] => {
        const byMinutes = tooLongBy(problem, placeOf, starts, { task, place });
        return byMinutes > 0 ? [{ kind: 'waits-too-long', tasks: [t.id, id], resource: null, byMinutes }] : [];
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
