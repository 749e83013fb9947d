/** Where a reading comes from, as it is stored. */
import { z } from '../zod';
import { type Source } from '../vocabulary/sources';

export const sourceSchema: z.ZodType<Source> = z
  .discriminatedUnion('by', [
    z.strictObject({ by: z.literal('typed') }),
    z.strictObject({
      by: z.literal('probe'),
      name: z.string().regex(/^[a-zA-Z0-9-]{1,64}$/, 'is letters, digits and hyphens, as in pot-1'),
    }),
    z.strictObject({ by: z.literal('practice') }),
  ])
  .describe(
    'Typed, from a probe by its name, or from the practice probe: then it is no measurement, and counts for nothing.',
  );
