/**
 * The network of orders: for every task the latest start that all orders allow together (longest paths backwards from the end,
 * Bellman 1958). An order that has been added can be taken back, so that a search can try it.
 */
import { type Problem } from './problem';

/** Starts before this many minutes before the beginning are no plan any more. */
const FAR = 60 * 24 * 30;

/** `start of to ≤ start of from + weight`. */
interface Arc {
  to: number;
  weight: number;
}

export interface Network {
  /** Latest starts now, by task. */
  readonly latest: Int32Array;
  readonly minutes: Int32Array;
  /** Adds `before ends, then gap minutes, then after starts`. False where that is not possible; then nothing has changed. */
  order(before: number, after: number, gap: number): boolean;
  /** It ends by then. */
  endBy(task: number, minute: number): boolean;
  /** A mark to go back to, and going back: what was added since is taken away. */
  mark(): number;
  backTo(mark: number): void;
  /** The arc that holds a task where it is: the task after it, or null where an own limit or the end does. */
  heldBy(task: number): number | null;
}

/** One change, as it is taken back. */
type Undo = { task: number; was: number } | { arcOf: number };

/**
 * Draws up the network of a problem.
 * @param keepsWait whether a task's maximum wait is kept, by its place in `after`; all where it is not given
 * @returns null where the orders contradict one another
 */
export function network(
  problem: Problem,
  keepsWait: (task: number, place: number) => boolean = () => true,
): Network | null {
  const { tasks, endMinute } = problem;
  const n = tasks.length;
  const placeOf = new Map(tasks.map((t, i) => [t.id, i]));
  const minutes = Int32Array.from(tasks, (t) => t.minutes);
  const latest = Int32Array.from(tasks, (t) => Math.min(endMinute, t.latest ?? endMinute) - t.minutes);
  const arcs: Arc[][] = tasks.map(() => []);
  tasks.forEach(({ after }, i) =>
    after.forEach(({ id, minWait = 0, maxWait }, place) => {
      const p = placeOf.get(id);
      if (p === undefined) return;
      arcs[i].push({ to: p, weight: -(minutes[p] + minWait) });
      if (maxWait !== undefined && keepsWait(i, place)) arcs[p].push({ to: i, weight: minutes[p] + maxWait });
    }),
  );
  const far = (problem.startMinute ?? 0) - FAR;
  // What is firm stays where it is.
  const floors = Int32Array.from(tasks, (t) => (t.isFirm ? (t.earliest ?? far) : far));
  const trail: Undo[] = [];
  // How many arcs in a row have pushed a task: more than there are tasks is a circle that never ends.
  const steps = new Int32Array(n);
  const queue: number[] = [];
  const isQueued = new Uint8Array(n);

  const push = (task: number, to: number): void => {
    trail.push({ task, was: latest[task] });
    latest[task] = to;
    if (isQueued[task]) return;
    isQueued[task] = 1;
    queue.push(task);
  };
  const settle = (): boolean => {
    let isPossible = true;
    for (let head = 0; head < queue.length; head++) {
      const task = queue[head];
      isQueued[task] = 0;
      if (!isPossible) continue;
      for (const { to, weight } of arcs[task]) {
        const bound = latest[task] + weight;
        if (bound >= latest[to]) continue;
        steps[to] = steps[task] + 1;
        if (steps[to] > n || bound < floors[to]) {
          isPossible = false;
          break;
        }
        push(to, bound);
      }
    }
    queue.length = 0;
    return isPossible;
  };
  const backTo = (mark: number): void => {
    while (trail.length > mark) {
      const undo = trail.pop() as Undo;
      if ('arcOf' in undo) arcs[undo.arcOf].pop();
      else latest[undo.task] = undo.was;
    }
  };
  const tried = (mark: number): boolean => {
    if (settle()) return true;
    backTo(mark);
    return false;
  };

  for (let i = 0; i < n; i++) {
    isQueued[i] = 1;
    queue.push(i);
  }
  if (!settle()) return null;
  trail.length = 0;

  return {
    latest,
    minutes,
    order(before, after, gap) {
      const mark = trail.length;
      const weight = -(minutes[before] + gap);
      arcs[after].push({ to: before, weight });
      trail.push({ arcOf: after });
      steps.fill(0);
      const bound = latest[after] + weight;
      if (bound < latest[before]) {
        if (bound < floors[before]) {
          backTo(mark);
          return false;
        }
        push(before, bound);
      }
      return tried(mark);
    },
    endBy(task, minute) {
      const mark = trail.length;
      const to = minute - minutes[task];
      if (to < floors[task]) return false;
      steps.fill(0);
      if (to < latest[task]) push(task, to);
      return tried(mark);
    },
    mark: () => trail.length,
    backTo,
    heldBy(task) {
      for (let from = 0; from < n; from++)
        for (const { to, weight } of arcs[from])
          if (to === task && latest[from] + weight === latest[task] && from !== task) return from;
      return null;
    },
  };
}
