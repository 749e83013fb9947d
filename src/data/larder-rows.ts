/** The larder's less usual rows come with the search. A batch that uses one of them waits for them before it is shown. */
import { ingredientById } from '@/core/food/catalogue';
import { type Batch } from '@/core/stored/schema';
import { loadReading } from './use-reading';

const OWN = /^own-/;

const usesMore = ({ lines, wrap }: Batch): boolean =>
  [...lines, ...(wrap.ownDough?.parts.flatMap(({ formula }) => formula) ?? [])].some(
    ({ ingredientId }) => !OWN.test(ingredientId) && ingredientById(ingredientId) === undefined,
  );

/** Sees that every row which these batches use is there. @throws Error where that part of the program cannot be had */
export async function larderFor(batches: readonly Batch[]): Promise<void> {
  if (batches.some(usesMore)) await loadReading();
}
