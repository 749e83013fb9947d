/** An id in a document. */
import { z } from '../zod';
import { isId, MOST_LETTERS } from './is-id';

export const id = z
  .string({ error: 'must be a text' })
  .min(1, 'must not be empty')
  .max(MOST_LETTERS, `must be at most ${MOST_LETTERS} characters`)
  .refine(isId, 'must be without / \\ ? # % and control characters, not . or .., and not begin or end with a blank');
