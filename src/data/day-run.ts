/** Running a day: each step is noted in the day, and where it is a station its clock is started and stopped there. */
import { type DayPlan, type PlannedTask } from '@/core/day/day-plan';
import { beginOf, endOf, followsAtOnce } from '@/core/day/steps';
import { fullTitle } from '@/core/day/task';
import { type Day } from '@/core/stored/day';
import { type DayOperation } from '@/core/stored/day-operations';
import { type Operation } from '@/core/stored/operations';
import { type Batch } from '@/core/stored/schema';
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

/** What is to be noted of a batch. */
type Noted = [batch: Batch | undefined, operations: Operation[]];

async function note(day: Day, ofDay: DayOperation[], ofBatches: readonly Noted[]): Promise<void> {
  const noted = await editDay(day.id, ofDay);
  if (!noted.ok) return;
  for (const [batch, operations] of ofBatches)
    if (batch && operations.length > 0) await editBatch(batch.id, operations);
}

/** Begins a task now; what goes into the heat begins the load, too. */
export async function beginTask(act: Act): Promise<void> {
  const { task } = act;
  const at = now();
  const batch = batchOf(act);
  await note(act.day, [{ do: 'startTask', taskId: task.id, at }], [[batch, batch ? beginOf(task, batch, at) : []]]);
}

/**
 * Ends a task now, as if it had just been done where it was not begun; what follows of itself begins with it.
 * @param onTo what is begun with the same tap
 */
export async function endTask(act: Act, onTo: PlannedTask | null = null): Promise<void> {
  const { task, plan } = act;
  const at = now();
  const batch = batchOf(act);
  const follows = followsAtOnce(task, plan);
  const starts = [follows, onTo].flatMap((t): DayOperation[] => (t ? [{ do: 'startTask', taskId: t.id, at }] : []));
  const ended = batch ? [...endOf(task, batch, at, plan), ...(follows ? beginOf(follows, batch, at) : [])] : [];
  const next = onTo ? batchOf({ ...act, task: onTo }) : undefined;
  const begun = onTo && next ? beginOf(onTo, next, at) : [];
  const isSame = next !== undefined && next.id === batch?.id;
  await note(
    act.day,
    [{ do: 'endTask', taskId: task.id, at }, ...starts],
    isSame
      ? [[batch, [...ended, ...begun]]]
      : [
          [batch, ended],
          [next, begun],
        ],
  );
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
