/**
 * What of a day has been begun and done. A step that is a station has its clock there: what that says is the step, whether it was
 * begun here or there.
 */
import { type Day } from '../stored/day-schema';
import { type Batch, type BoardRun } from '../stored/schema';
import { minuteOf } from './moments';
import { type DayTask } from './task';

export type Did = NonNullable<Day['run']>['did'][number];

/** A clock that was started so long before the day was to begin is another day's, minutes. */
const BEFORE = 60;

/** What has been begun and done, by task. */
export function didOf(day: Day, tasks: readonly DayTask[], batches: readonly Batch[]): Map<string, Did> {
  const did = new Map((day.run?.did ?? []).map((d) => [d.taskId, d]));
  const since = minuteOf(day.run?.startedAt ?? day.from) - BEFORE;
  for (const task of tasks) {
    const batch = task.batchIds.length === 1 ? batches.find((b) => b.id === task.batchIds[0]) : undefined;
    const clock = batch && clockOf(task, batch, since);
    if (!clock) continue;
    const noted = did.get(task.id);
    const startedAt = noted && noted.startedAt < clock.startedAt ? noted.startedAt : clock.startedAt;
    did.set(task.id, { taskId: task.id, moreMinutes: noted?.moreMinutes ?? 0, ...clock, startedAt });
  }
  return did;
}

type Clock = Pick<Did, 'startedAt' | 'endedAt'>;

/** What a station's clock says of a task; null where it says nothing. */
function clockOf(task: DayTask, batch: Batch, since: number): Clock | null {
  const isOfDay = (at: string): boolean => minuteOf(at) >= since;
  if (task.kind === 'cool') {
    const { run, earlierRuns } = batch.cool;
    if (run !== null) return isOfDay(run.offHeatAt) ? { startedAt: run.offHeatAt, endedAt: null } : null;
    const last = earlierRuns[earlierRuns.length - 1];
    return last && isOfDay(last.offHeatAt) ? { startedAt: last.offHeatAt, endedAt: last.stoppedAt } : null;
  }
  if (task.kind === 'wrap') {
    const { board, earlierBoards } = batch.wrap;
    if (board !== null) return isOfDay(board.stretches[0].outAt) ? partOf(board, task, null) : null;
    const last = earlierBoards[earlierBoards.length - 1];
    return last && isOfDay(last.stretches[0].outAt) ? partOf(last, task, last.stoppedAt) : null;
  }
  if (task.part && (task.kind === 'load' || task.kind === 'load-in' || task.kind === 'load-out'))
    return loadOf(task.kind, task.part, batch, isOfDay);
  return null;
}

/** When the parcels from one to another were closed, by the taps. */
function partOf(board: BoardRun, { part = [1, 1] }: DayTask, stoppedAt: string | null): Clock | null {
  let closed = 0;
  let startedAt: string | null = part[0] === 1 ? board.stretches[0].outAt : null;
  for (const { at, parcels } of board.taps) {
    closed += parcels;
    // Between two lots something else may be done: one is begun when its first is closed.
    if (startedAt === null && closed >= part[0]) startedAt = at;
    if (startedAt !== null && closed >= part[1]) return { startedAt, endedAt: at };
  }
  if (stoppedAt !== null) return { startedAt: startedAt ?? stoppedAt, endedAt: stoppedAt };
  return startedAt === null ? null : { startedAt, endedAt: null };
}

/** When loads from one to another were in the heat. */
function loadOf(
  kind: 'load' | 'load-in' | 'load-out',
  [from, to]: readonly [number, number],
  { cook }: Batch,
  isOfDay: (at: string) => boolean,
): Clock | null {
  const over = cook.earlierRuns.filter(({ inAt }) => isOfDay(inAt));
  const runs = [
    ...over.map(({ inAt, outAt }) => ({ inAt, outAt: outAt as string | null })),
    ...(cook.run !== null && isOfDay(cook.run.inAt) ? [{ inAt: cook.run.inAt, outAt: null }] : []),
  ];
  const [first, last] = [runs[from - 1], runs[to - 1]];
  if (!first) return null;
  if (kind === 'load-in') return { startedAt: first.inAt, endedAt: first.inAt };
  if (kind === 'load') return { startedAt: first.inAt, endedAt: last?.outAt ?? null };
  return last?.outAt ? { startedAt: last.outAt, endedAt: last.outAt } : null;
}
