/** What the `lethality` command takes, checked at the door. */
import { z } from '../zod';

export const lethalityInput = z.strictObject({
  readings: z
    .array(
      z.strictObject({
        minute: z.number().min(0, 'must be 0 or later'),
        c: z
          .number()
          .min(-60, 'is colder than any freezer: −60 to 300 °C')
          .max(300, 'is hotter than any oven: −60 to 300 °C'),
      }),
    )
    .min(1, 'needs at least one reading')
    .refine((list) => list.every((r, i) => i === 0 || r.minute > list[i - 1].minute), 'minutes must increase'),
  reference: z.strictObject({
    c: z.number().min(40, 'must be 40 to 150 °C').max(150, 'must be 40 to 150 °C'),
    zC: z.number().positive('must be above 0'),
    minutes: z.number().positive('must be above 0'),
  }),
});
