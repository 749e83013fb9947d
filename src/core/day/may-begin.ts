/** When a step may begin without moving anything else of the plan. */
import { type DayPlan, type PlannedTask } from './day-plan';

/** Less than so many minutes is no choice. House estimate. */
const WORTH_SAYING = 3;
/** What may be begun earlier is said up to so many minutes before, and from so many on. House estimates. */
const FAR = 180;
const SOON = 8;

export interface MayBegin {
  /** Epoch minutes; null where it may begin no earlier, or no later, than planned. */
  from: number | null;
  until: number | null;
}

/** As late as what follows, and what the same hands do next, allow; what it follows waits no longer than it may. */
function latest(task: PlannedTask, { tasks }: Pick<DayPlan, 'tasks'>): number {
  const long = task.end - task.start;
  const by = new Map(tasks.map((t) => [t.id, t]));
  const waited = task.after.flatMap(({ id, maxWait }) => {
    const before = by.get(id);
    return before === undefined || maxWait === undefined ? [] : [before.end + maxWait];
  });
  const behind = tasks.flatMap((other) => {
    const follows = other.after.find(({ id }) => id === task.id);
    if (follows !== undefined) return [other.start - (follows.minWait ?? 0) - long];
    const isNext = task.hand !== null && other.hand === task.hand && other.start >= task.end;
    return isNext ? [other.start - long] : [];
  });
  return Math.min(...waited, ...behind);
}

/** As early as what it follows, the same hands and their rests allow; what follows it waits no longer than it may. */
function earliest(
  task: PlannedTask,
  { tasks, rests, startMinute }: Pick<DayPlan, 'tasks' | 'rests' | 'startMinute'>,
): number {
  const long = task.end - task.start;
  const by = new Map(tasks.map((t) => [t.id, t]));
  const before = task.after.flatMap(({ id, minWait = 0 }) => {
    const done = by.get(id);
    return done === undefined ? [] : [done.end + minWait];
  });
  const others = tasks.flatMap((other) => {
    const follows = other.after.find(({ id }) => id === task.id);
    if (follows?.maxWait !== undefined) return [other.start - follows.maxWait - long];
    const isBefore = task.hand !== null && other.hand === task.hand && other.end <= task.start;
    return isBefore ? [other.end] : [];
  });
  const rested = rests.filter((r) => r.from < task.start).map((r) => Math.min(r.to, task.start));
  return Math.max(startMinute, ...before, ...others, ...rested);
}

/** How many places to work are taken at a moment. */
const takenAt = (minute: number, tasks: readonly PlannedTask[]): number =>
  tasks.reduce((sum, t) => sum + (t.start <= minute && minute < t.end ? (t.needs.bench ?? 0) : 0), 0);

/**
 * Where the step would meet others at the places to work, if it began earlier or later: no more are counted on than the plan takes
 * at once anyway.
 */
function betweenBenches(task: PlannedTask, { tasks }: Pick<DayPlan, 'tasks'>): { after: number; before: number } {
  const { bench = 0 } = task.needs;
  const others = tasks.filter((t) => t !== task && (t.needs.bench ?? 0) > 0);
  const most = Math.max(...tasks.map((t) => takenAt(t.start, tasks)));
  const isFull = (minute: number): boolean => bench > 0 && takenAt(minute, others) + bench > most;
  // How many are taken changes only where one begins or ends.
  const marks = others.flatMap((t) => [t.start, t.end]);
  const ends = marks.filter((m) => m <= task.start && isFull(m - 1));
  const starts = marks.filter((m) => m >= task.end && isFull(m));
  return { after: Math.max(-Infinity, ...ends), before: Math.min(Infinity, ...starts) };
}

/** What needs an oven, a pot or a ring begins with it: only hands alone are free to be earlier. */
const isHandsAlone = ({ hasHands, needs }: PlannedTask): boolean =>
  hasHands && Object.keys(needs).every((place) => place === 'hands' || place === 'bench');

/**
 * When a step of the hands may begin with everything else where it is. A plan begins as late as it can: mostly there is room before
 * it, seldom behind it.
 */
export function mayBegin(task: PlannedTask, plan: Pick<DayPlan, 'tasks' | 'rests' | 'startMinute'>): MayBegin {
  // When people eat, and when one leaves for it, is not the plan’s to move.
  const isSet = task.isPinned || task.kind === 'serve' || task.kind === 'carry';
  if (task.state !== 'planned' || isSet || !isHandsAlone(task)) return { from: null, until: null };
  const benches = betweenBenches(task, plan);
  const from = Math.max(earliest(task, plan), benches.after);
  const until = Math.min(latest(task, plan), benches.before - (task.end - task.start));
  const early = task.start - from;
  return {
    from: early >= SOON && early <= FAR ? from : null,
    until: Number.isFinite(until) && until - task.start >= WORTH_SAYING ? until : null,
  };
}
