/** The day as it runs: what is now, what comes next, who waits for what, and what is still to be added. */
import { type Batch } from '../stored/schema';
import { lookUp } from '../food/larder';
import { STAGES } from '../vocabulary/stages';
import { type DayPlan, type PlannedTask } from './day-plan';
import { isBegunByHand } from './steps';

export interface DayNow {
  /** What goes on: what takes hands first, then what ends first. */
  running: PlannedTask[];
  /** The one thing to do: what goes on with hands, else what comes next. */
  now: PlannedTask | null;
  next: PlannedTask[];
  /** What is to be begun in passing, beside whatever the hands are at: the oven. */
  inPassing: PlannedTask[];
  /** What the one thing waits for, where that is not over yet. */
  waitsFor: PlannedTask[];
  isOver: boolean;
  /** What can be begun with the same tap that ends the one thing; null where it has to wait. */
  onTo: PlannedTask | null;
}

/** What comes within so many minutes can as well be begun now. House estimate. */
const SOON = 15;

/** So many next things are shown. */
const NEXT = 2;

/** @param minute epoch minute now */
export function dayNow({ tasks }: Pick<DayPlan, 'tasks'>, minute: number): DayNow {
  const running = tasks
    .filter(({ state }) => state === 'running')
    .sort((a, b) => Number(b.hasHands) - Number(a.hasHands) || a.end - b.end);
  const planned = tasks.filter(({ state }) => state === 'planned');
  const atHand = running.find(({ hasHands }) => hasHands);
  const toBegin = planned.filter(isBegunByHand);
  const now = atHand ?? toBegin[0] ?? planned[0] ?? running[0] ?? null;
  const inPassing = toBegin.filter((t) => !t.hasHands && t !== now && t.start <= minute);
  const next = toBegin.filter((t) => t !== now && !inPassing.includes(t)).slice(0, NEXT);
  const waitsFor =
    now?.state === 'planned' ? tasks.filter((t) => t.state !== 'done' && now.after.some(({ id }) => id === t.id)) : [];
  return {
    running,
    now,
    next,
    inPassing,
    waitsFor,
    onTo: now?.state === 'running' && now.hasHands ? onToOf(tasks, now, minute) : null,
    isOver: tasks.length > 0 && tasks.every(({ state }) => state === 'done'),
  };
}

/** The next work of the cook's hands, where all that it follows is done, and it is nearly its time. */
function onToOf(tasks: readonly PlannedTask[], now: PlannedTask, minute: number): PlannedTask | null {
  const next = tasks.find((t) => t.state === 'planned' && t.hasHands && t.hand === now.hand);
  if (next === undefined || next.start - minute > SOON || next.isPinned || next.kind === 'serve') return null;
  const isReady = next.after.every(({ id, minWait = 0 }) => {
    const before = tasks.find((t) => t.id === id);
    if (before === undefined) return true;
    return before === now ? minWait === 0 : before.state === 'done' && minute - before.end >= minWait;
  });
  return isReady ? next : null;
}

/** Lines that go in with a task and are not in yet, by name. */
export function stillToAdd(task: PlannedTask, batch: Batch): string[] {
  if (task.kind !== 'fry' && task.kind !== 'mix') return [];
  const isHot = task.kind === 'fry';
  return batch.lines
    .filter((l) => STAGES[l.stage].isHot === isHot && !l.ticked)
    .map((l) => lookUp(batch.ingredients, l.ingredientId)?.name ?? l.ingredientId);
}
