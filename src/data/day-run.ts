/** Running a day: each step is noted in the day, and where it is a station its clock is started and stopped there. */
import { type DayPlan, type PlannedTask } from '@/core/day/day-plan';
import { beginOf, endOf, followsAtOnce } from '@/core/day/steps';
import { fullTitle } from '@/core/day/task';
import { type Day } from '@/core/document/day';
import { type DayOperation } from '@/core/document/day-operations';
import { type Operation } from '@/core/document/operations';
import { type Batch } from '@/core/document/schema';
import { editDay, undoDay } from './days';
import { editBatch, now } from './hooks';
import { say } from './notices';

interface Act {
  day: Day;
  plan: DayPlan;
  task: PlannedTask;
  batches: readonly Batch[];
}

const batchOf = ({ task, batches }: Act): Batch | undefined =>
  task.batchIds.length === 1 ? batches.find((b) => b.id === task.batchIds[0]) : undefined;

async function noteBoth(act: Act, ofDay: DayOperation[], ofBatch: Operation[]): Promise<void> {
  const noted = await editDay(act.day.id, ofDay);
  const batch = batchOf(act);
  if (noted.ok && batch && ofBatch.length > 0) await editBatch(batch.id, ofBatch);
}

/** Begins a task now; what goes into the heat begins the load, too. */
export async function beginTask(act: Act): Promise<void> {
  const { task } = act;
  const at = now();
  const batch = batchOf(act);
  await noteBoth(act, [{ do: 'startTask', taskId: task.id, at }], batch ? beginOf(task, batch, at) : []);
}

/** Ends a task now, as if it had just been done where it was not begun; what follows of itself begins with it. */
export async function endTask(act: Act): Promise<void> {
  const { task, plan } = act;
  const at = now();
  const batch = batchOf(act);
  const follows = followsAtOnce(task, plan);
  const starts: DayOperation[] = follows ? [{ do: 'startTask', taskId: follows.id, at }] : [];
  const ofBatch = batch ? [...endOf(task, batch, at), ...(follows ? beginOf(follows, batch, at) : [])] : [];
  await noteBoth(act, [{ do: 'endTask', taskId: task.id, at }, ...starts], ofBatch);
}

export const moreTime = (dayId: string, taskId: string, minutes: number) =>
  editDay(dayId, { do: 'moreTime', taskId, minutes });

/** Leaves a task out; the notice offers to take it back. */
export async function leaveOut(dayId: string, task: PlannedTask): Promise<void> {
  const done = await editDay(dayId, { do: 'changeTask', taskId: task.id, to: { isLeftOut: true } });
  if (done.ok)
    say({
      text: `“${fullTitle(task)}” is left out.`,
      kind: 'done',
      action: { label: 'Put it back', run: () => undoDay(dayId) },
    });
}
