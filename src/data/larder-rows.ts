/** The larder's less usual rows come with the search. A batch that uses one of them waits for them before it is shown. */
import { ingredientById } from '@/core/food/catalogue';
import { type Batch } from '@/core/stored/schema';
import { loadReading } from './use-reading';

const OWN = /^own-/;

const usesMore = ({ lines, wrap }: Batch): boolean =>
  [...lines, ...(wrap.ownDough?.parts.flatMap(({ formula }) => formula) ?? [])].some(
    ({ ingredientId }) => !OWN.test(ingredientId) && ingredientById(ingredientId) === undefined,
  );

/**
 * What a batch has to wait for before it is shown: null where every row that it uses is there. It is no promise then, so that
 * what is read together is shown together.
 */
export const rowsWanted = (batches: readonly Batch[]): Promise<unknown> | null =>
  batches.some(usesMore) ? loadReading() : null;
