/**
 * Tasks that longest waits tie together: such a cluster as a whole can go before what is planned already. What has its fixed
 * time (serving) ties nothing together: it stands where it is.
 */
import { isFixed, type Problem } from './problem';

/** What may wait longer than this, minutes, ties nothing: it is kept as an order, and seldom pressed. House estimate. */
const TIES = 6 * 60;

/** The clusters, each by the places of its tasks; with what must come after each, by place of cluster. */
export interface Clusters {
  members: number[][];
  /** Clusters that hold a task which follows one of this cluster's. */
  followedBy: Set<number>[];
}

export function clustersOf({ tasks }: Problem): Clusters {
  const placeOf = new Map(tasks.map((t, i) => [t.id, i]));
  const fixed = tasks.map(isFixed);
  const root = tasks.map((_, i) => i);
  const rootOf = (i: number): number => (root[i] === i ? i : (root[i] = rootOf(root[i])));
  const each = (see: (task: number, before: number, isTied: boolean) => void): void =>
    tasks.forEach(({ after }, i) =>
      after.forEach(({ id, maxWait }) => {
        const p = placeOf.get(id);
        if (p !== undefined) see(i, p, maxWait !== undefined && maxWait <= TIES && !fixed[i] && !fixed[p]);
      }),
    );
  each((i, p, isTied) => {
    if (isTied) root[rootOf(i)] = rootOf(p);
  });
  const roots = [...new Set(tasks.map((_, i) => rootOf(i)))];
  const clusterOf = new Map(roots.map((r, k) => [r, k]));
  const of = (i: number): number => clusterOf.get(rootOf(i)) as number;
  const members: number[][] = roots.map(() => []);
  tasks.forEach((_, i) => members[of(i)].push(i));
  const followedBy = roots.map(() => new Set<number>());
  each((i, p) => {
    if (of(i) !== of(p)) followedBy[of(p)].add(of(i));
  });
  return { members, followedBy };
}

/** An order in which they can be planned backwards: none before all that follow it. Where that is not possible, any. */
export function backwards({ members, followedBy }: Clusters, random: () => number): number[] {
  const left = new Set(members.map((_, k) => k));
  const order: number[] = [];
  while (left.size > 0) {
    const ready = [...left].filter((k) => [...followedBy[k]].every((f) => !left.has(f)));
    const from = ready.length > 0 ? ready : [...left];
    const next = from[Math.floor(random() * from.length)];
    order.push(next);
    left.delete(next);
  }
  return order;
}
