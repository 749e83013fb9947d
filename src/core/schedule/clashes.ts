/** Where more is needed at once than there is, and the ways out of it: one of two goes before the other, or before less is there. */
import { capacityAt, type Problem, type Resource } from './problem';
import { type Network } from './network';

/** A way out of a clash: one task ends before another starts, or by a minute. */
export type WayOut = { before: number; after: number; gap: number } | { task: number; by: number };

export interface Clash {
  resource: string;
  /** The minute at which it is. */
  at: number;
  ways: WayOut[];
}

export interface Use {
  resource: string;
  has: Resource;
  /** Tasks that need it, and how much. */
  tasks: readonly number[];
  units: readonly number[];
  ways: readonly (string | undefined)[];
  /** Minutes from which on there is less than before. */
  dips: readonly number[];
}

/** Who uses what, drawn up once for a problem. */
export function usesOf({ tasks, resources }: Problem): Use[] {
  return Object.entries(resources).map(([resource, has]) => {
    // What takes none of it but uses it in one way (an oven heating up) keeps the other ways out.
    const users = tasks.flatMap((t, i) =>
      t.minutes > 0 && ((t.needs[resource] ?? 0) > 0 || t.ways?.[resource] !== undefined) ? [i] : [],
    );
    const edges = (has.changes ?? []).flatMap(({ from, to }) => [from, to]);
    return {
      resource,
      has,
      tasks: users,
      units: users.map((i) => tasks[i].needs[resource] ?? 0),
      ways: users.map((i) => tasks[i].ways?.[resource]),
      dips: [...new Set(edges)].filter((minute) => capacityAt(has, minute) < capacityAt(has, minute - 1)),
    };
  });
}

/**
 * The latest clash there is in the latest starts; null where there is none: then they are a plan.
 * @param net a network of the problem that the uses are of
 * @param isIn the tasks that are looked at
 */
export function latestClash(uses: readonly Use[], net: Network, isIn: Uint8Array): Clash | null {
  let found: Clash | null = null;
  for (const use of uses) {
    const after = found?.at ?? -Infinity;
    const clash = latestIn(use, net, isIn, after);
    if (clash !== null) found = clash;
  }
  return found;
}

/** The latest clash of one resource after a minute. */
function latestIn(use: Use, { latest, minutes }: Network, isIn: Uint8Array, after: number): Clash | null {
  const { tasks, units, has, dips, ways } = use;
  let best: { at: number; who: number[] } | null = null;
  let pair: { at: number; a: number; b: number; gap: number } | null = null;
  const consider = (at: number): void => {
    if (at <= Math.max(after, best?.at ?? -Infinity)) return;
    let sum = 0;
    const who: number[] = [];
    for (let k = 0; k < tasks.length; k++) {
      const start = latest[tasks[k]];
      if (isIn[tasks[k]] === 1 && start <= at && at < start + minutes[tasks[k]]) {
        sum += units[k];
        who.push(k);
      }
    }
    if (sum > capacityAt(has, at)) best = { at, who };
  };
  for (const task of tasks) if (isIn[task] === 1) consider(latest[task]);
  for (const minute of dips) consider(minute);
  for (let a = 0; a < tasks.length; a++) {
    if (ways[a] === undefined || isIn[tasks[a]] === 0) continue;
    for (let b = a + 1; b < tasks.length; b++) {
      if (ways[b] === undefined || ways[a] === ways[b] || isIn[tasks[b]] === 0) continue;
      const [i, j] = [tasks[a], tasks[b]];
      const moment = Math.max(latest[i], latest[j]);
      const between = gapOf(use, a, b);
      const isApart = latest[i] + minutes[i] + between <= latest[j] || latest[j] + minutes[j] + between <= latest[i];
      if (!isApart && moment > Math.max(after, pair?.at ?? -Infinity)) pair = { at: moment, a: i, b: j, gap: between };
    }
  }
  const [crowd, two] = [
    best as { at: number; who: number[] } | null,
    pair as { at: number; a: number; b: number; gap: number } | null,
  ];
  if (two !== null && (crowd === null || two.at >= crowd.at)) {
    return { resource: use.resource, at: two.at, ways: bothWays(two.a, two.b, two.gap) };
  }
  return crowd && { resource: use.resource, at: crowd.at, ways: waysOut(use, crowd.who, crowd.at) };
}

/** Heating up is the change itself: between it and another way lies nothing more. */
const gapOf = ({ units, has }: Use, a: number, b: number): number =>
  units[a] > 0 && units[b] > 0 ? (has.changeOver ?? 0) : 0;

const bothWays = (a: number, b: number, gap: number): WayOut[] => [
  { before: a, after: b, gap },
  { before: b, after: a, gap },
];

/** Of those that are too many, as few as are still too many: in any plan one of them ends before another starts, or before there is less. */
function waysOut({ tasks, units, has, dips }: Use, who: readonly number[], at: number): WayOut[] {
  const capacity = capacityAt(has, at);
  const few: number[] = [];
  let sum = 0;
  for (const k of [...who].sort((a, b) => units[b] - units[a])) {
    few.push(k);
    sum += units[k];
    if (sum > capacity) break;
  }
  const ways: WayOut[] = few.flatMap((a) =>
    few.flatMap((b) => (a === b ? [] : [{ before: tasks[a], after: tasks[b], gap: 0 }])),
  );
  // Earlier there was more of it, once: all of them may fit there.
  const dip = Math.max(...dips.filter((d) => d <= at), -Infinity);
  if (Number.isFinite(dip)) ways.push(...few.map((k) => ({ task: tasks[k], by: dip })));
  return ways;
}
