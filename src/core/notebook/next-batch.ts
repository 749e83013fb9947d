/** The next batch, made from the last and what was taken of the proposal. Without any forecast: for the screens. */
import { apply, type Operation } from '../stored/operations';
import { type Batch } from '../stored/schema';
import { duplicateBatch } from '../filling/duplicate';

/** One line of the proposal. */
export interface NextChange {
  id: string;
  /** The cause that it answers. */
  because: string;
  /** What to change, said to the cook. */
  label: string;
  operations: Operation[];
  /** The change that it would do instead of: each mends the same by itself. Null where it stands alone. */
  insteadOf: string | null;
  /** What is left to be done by hand, and remembered: kept in the next batch's words. */
  isReminder: boolean;
  /** The figure of the check that it is about, before and after; null of what no check counts. */
  effect: {
    what: string;
    before: string;
    after: string;
    /** Where it would fill fewer than planned, how many. */ fills: number | null;
  } | null;
}

/** Several changes at once leave nobody the wiser which of them it was. */
export const HARD_TO_LEARN_FROM = 3;

/**
 * The next batch: a copy to cook again, with what was taken of the proposal.
 * @param number which version of the thing it is
 */
export function nextBatch(
  batch: Batch,
  taken: readonly Pick<NextChange, 'label' | 'operations' | 'isReminder'>[],
  { id, at, number }: { id: string; at: string; number: number },
): Batch {
  const copy = duplicateBatch(batch, { id, title: batch.title, at });
  const reminders = taken.filter(({ isReminder }) => isReminder).map(({ label }) => `To remember: ${label}.`);
  const changed = taken.flatMap(({ operations }) => operations).reduce(apply, copy);
  return {
    ...changed,
    note: { ...changed.note, words: reminders.join('\n') },
    lineage: {
      thing: batch.lineage.thing,
      number,
      parentId: batch.id,
      changed: taken.map(({ label }) => label),
    },
  };
}
