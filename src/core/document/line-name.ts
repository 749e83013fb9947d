/** What a line is called: the larder's name, or, where the larder has none, what the recipe said. */
import { type Line } from './schema';

export const lineName = (
  { ingredientId, note }: Pick<Line, 'ingredientId' | 'note'>,
  known: string | undefined,
): string => known ?? (note === '' ? ingredientId : note);
