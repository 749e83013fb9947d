/** How a document keeps which edits it holds: apart, so that pages need no checker of schemas to know them. */
import { z } from '../zod';
import { MOST } from '../vocabulary/limits';

export const editsSchema = z
  .array(
    z.strictObject({
      by: z.string().min(1, 'must not be empty').max(64, 'must be at most 64 characters'),
      last: z.number().int('must be a whole number').min(1, 'must be 1 or more'),
    }),
  )
  .max(MOST.edits, `takes at most ${MOST.edits} pages`)
  .describe('Of each page that has edited it the number of its last edit.');

export type Edits = z.infer<typeof editsSchema>;
