/** What work on a batch really took: by the day's plan as it was run, or as it is typed in afterwards. */
import { type Operation } from './operations';
import { type Batch, type Taken } from './schema';

type What = Taken['what'];

/** The latest time that some work took; null where nobody knows. */
export const lastTaken = ({ taken }: Pick<Batch, 'taken'>, what: What): Taken | null =>
  [...taken].reverse().find((t) => t.what === what) ?? null;

/**
 * Says how long some work took: instead of what was said last.
 * @param minutes null: nobody knows any more; @param planned minutes; @param at ISO 8601
 */
export function sayTaken(
  batch: Pick<Batch, 'taken'>,
  what: What,
  { minutes, planned, at }: { minutes: number | null; planned: number; at: string },
): Operation[] {
  const before = lastTaken(batch, what);
  return [
    ...(before === null ? [] : [{ do: 'removeTaken' as const, taken: before }]),
    ...(minutes === null
      ? []
      : [{ do: 'addTaken' as const, taken: { what, minutes, planned: before?.planned ?? Math.max(1, planned), at } }]),
  ];
}
