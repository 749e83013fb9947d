/** The day as it runs: what is now, what comes next, who waits for what, and what is still to be added. */
import { type Batch } from '../document/schema';
import { lookUp } from '../food/larder';
import { STAGES } from '../document/vocabulary/stages';
import { type DayPlan, type PlannedTask } from './day-plan';

export interface DayNow {
  /** What goes on: what takes hands first, then what ends first. */
  running: PlannedTask[];
  /** The one thing to do: what goes on with hands, else what comes next. */
  now: PlannedTask | null;
  next: PlannedTask[];
  /** What the one thing waits for, where that is not over yet. */
  waitsFor: PlannedTask[];
  isOver: boolean;
}

/** So many next things are shown. */
const NEXT = 2;

export function dayNow({ tasks }: DayPlan): DayNow {
  const running = tasks
    .filter(({ state }) => state === 'running')
    .sort((a, b) => Number(b.hasHands) - Number(a.hasHands) || a.end - b.end);
  const planned = tasks.filter(({ state }) => state === 'planned');
  const atHand = running.find(({ hasHands }) => hasHands);
  const now = atHand ?? planned[0] ?? running[0] ?? null;
  const next = planned.filter((t) => t !== now).slice(0, NEXT);
  const waitsFor =
    now?.state === 'planned' ? tasks.filter((t) => t.state !== 'done' && now.after.some(({ id }) => id === t.id)) : [];
  return { running, now, next, waitsFor, isOver: tasks.length > 0 && tasks.every(({ state }) => state === 'done') };
}

/** Lines that go in with a task and are not in yet, by name. */
export function stillToAdd(task: PlannedTask, batch: Batch): string[] {
  if (task.kind !== 'fry' && task.kind !== 'mix') return [];
  const isHot = task.kind === 'fry';
  return batch.lines
    .filter((l) => STAGES[l.stage].isHot === isHot && !l.ticked)
    .map((l) => lookUp(batch.ingredients, l.ingredientId)?.name ?? l.ingredientId);
}

export interface DayEvent {
  /** Says which it is: each is told once. */
  id: string;
  /** Epoch minute. */
  minute: number;
  text: string;
  isProblem: boolean;
}

/** Told so long before something may wait no longer, minutes. */
const BEFORE_LATEST = 5;

/** All that is to be told on a day, in order of time: what begins, what should be done, what may wait no longer. */
export function dayEvents({ tasks }: DayPlan, nameOf: (task: PlannedTask) => string): DayEvent[] {
  return tasks
    .flatMap((task): DayEvent[] => {
      const name = nameOf(task);
      if (task.state === 'running')
        return [{ id: `${task.id} end ${task.end}`, minute: task.end, text: `${name}: is it done?`, isProblem: false }];
      if (task.state === 'done') return [];
      const begins = {
        id: `${task.id} begin ${task.start}`,
        minute: task.start,
        text: `Now: ${name}`,
        isProblem: false,
      };
      const latest = task.latestStart;
      if (latest === null) return task.hasHands ? [begins] : [];
      const must = {
        id: `${task.id} latest ${latest.minute}`,
        minute: latest.minute - BEFORE_LATEST,
        text: `${name}: no later, ${latest.why}`,
        isProblem: true,
      };
      return task.hasHands ? [begins, must] : [must];
    })
    .sort((a, b) => a.minute - b.minute);
}
