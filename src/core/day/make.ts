/** How a task is put together: what its kind says, and what is known of it. */
import { TASK_KINDS, type TaskKind } from '../vocabulary/task-kinds';
import { inScale } from '../units/format';
import { type BatchFacts, takenFactor } from './facts';
import { type DayTask, taskId } from './task';

export type Made = Partial<Omit<DayTask, 'id' | 'kind' | 'batchIds' | 'about'>>;

/** A task of a batch, as long as such work has lately been on it. */
export function makeTask(
  facts: Pick<BatchFacts, 'batch' | 'kitchen' | 'about' | 'runsSince' | 'warnings'>,
  kind: TaskKind,
  minutes: number,
  more: Made = {},
  n?: number | string,
): DayTask {
  const { batch, about } = facts;
  const hasHands = more.hasHands ?? true;
  return {
    id: taskId(batch.id, kind, n),
    kind,
    batchIds: [batch.id],
    about,
    title: TASK_KINDS[kind].label,
    how: '',
    doneWhen: inScale(TASK_KINDS[kind].doneWhen, facts.kitchen.temperature),
    minutes: Math.max(1, Math.round(minutes * (hasHands ? takenFactor(facts, kind) : 1))),
    hasHands,
    needs: hasHands ? { hands: 1 } : {},
    after: [],
    weight: 1,
    isEstimate: true,
    warning: facts.warnings[kind] ?? null,
    ...more,
  };
}
