/** The steps of one batch that is cooked now, as they were begun and ended: kept in this browser until the batch is done with. */
import useSWR, { mutate } from 'swr';
import { type PlannedTask } from '@/core/day/day-plan';
import { begunWith, type StepTaken } from '@/core/day/one-batch';
import { beginOf, endOf } from '@/core/day/steps';
import { minuteOf } from '@/core/day/moments';
import { type Operation } from '@/core/stored/operations';
import { type Batch } from '@/core/stored/schema';
import { editBatch, now, takeBack } from './hooks';
import { inTurn } from './lock';
import { stepsKey } from './keys';
import { say } from './notices';
import { readText, writeText } from './store';

/** Checked by hand: the validators are 60 KB that no card waits for. */
const isStep = (step: unknown): step is StepTaken =>
  typeof step === 'object' &&
  step !== null &&
  'id' in step &&
  typeof step.id === 'string' &&
  'start' in step &&
  typeof step.start === 'number' &&
  'end' in step &&
  (step.end === null || typeof step.end === 'number');

const one = (batchId: string) => ['steps', batchId] as const;

async function read(batchId: string): Promise<StepTaken[]> {
  const text = await readText(stepsKey(batchId));
  if (text === null) return [];
  try {
    // What cannot be read is begun anew: the batch itself knows what its clocks have seen.
    const found: unknown = JSON.parse(text);
    return Array.isArray(found) && found.every(isStep) ? found : [];
  } catch {
    return [];
  }
}

/** The steps taken so far; undefined until they are read. */
export const useSteps = (batchId: string): StepTaken[] | undefined =>
  useSWR<StepTaken[], Error>(one(batchId), () => read(batchId)).data;

async function keep(batchId: string, change: (steps: StepTaken[]) => StepTaken[]): Promise<void> {
  const steps = await inTurn(async () => {
    const next = change(await read(batchId));
    await writeText(stepsKey(batchId), JSON.stringify(next));
    return next;
  });
  await mutate(one(batchId), steps, { revalidate: false });
}

const begun = (steps: readonly StepTaken[], ids: readonly string[], start: number): StepTaken[] => [
  ...steps.filter(({ id }) => !ids.includes(id)),
  ...ids.map((id) => ({ id, start, end: null })),
];

/** What a batch's own clocks are told when steps begin. */
const clocks = (tasks: readonly PlannedTask[], batch: Batch, at: string): Operation[] =>
  tasks.flatMap((task) => beginOf(task, batch, at));

/** Begins a step now. */
export async function beginStep(batch: Batch, task: PlannedTask): Promise<void> {
  const at = now(batch.id);
  await keep(batch.id, (steps) => begun(steps, [task.id], minuteOf(at)));
  const told = clocks([task], batch, at);
  if (told.length > 0) await editBatch(batch.id, told);
}

/**
 * Ends a step now, and begins what can be begun with the same tap. It can be taken back from the notice.
 * @param isSkipped it was not done: no clock is told, and nothing is learned of it
 */
export async function endStep(
  batch: Batch,
  tasks: readonly PlannedTask[],
  task: PlannedTask,
  isSkipped = false,
): Promise<void> {
  const at = now(batch.id);
  const minute = minuteOf(at);
  const was = await read(batch.id);
  const onTo = begunWith(tasks, task, minute);
  await keep(batch.id, (steps) => [
    ...begun(
      steps.filter(({ id }) => id !== task.id),
      onTo.map(({ id }) => id),
      minute,
    ),
    { id: task.id, start: steps.find(({ id }) => id === task.id)?.start ?? minute, end: minute },
  ]);
  const told = [...(isSkipped ? [] : endOf(task, batch, at, { tasks: [...tasks] })), ...clocks(onTo, batch, at)];
  const outcome = told.length === 0 ? null : await editBatch(batch.id, told);
  say({
    text: `${task.title}: ${isSkipped ? 'skipped' : 'done'}.`,
    kind: 'done',
    action: {
      label: 'Undo',
      run: async () => {
        await keep(batch.id, () => was);
        return outcome?.ok && outcome.step !== null ? takeBack(batch.id, outcome.step) : true;
      },
    },
  });
}
