/** What the thermometer bridge takes: readings, and the plan that a simulated thermometer follows. */
import { z } from 'zod';
import { LIMITS, MOST } from '@/core/batch/limits';
import { COMPONENTS } from '@/core/food/composition';
import { BASES, PLACES } from '@/core/heat/surfaces';

export const readingSchema = z.strictObject({
  c: z.number().min(-273, 'must be a temperature in °C').max(2000, 'must be a temperature in °C').nullable(),
  at: z.iso.datetime({ error: 'must be a time such as 2026-12-05T18:40:00Z' }),
});
export type ProbeReading = z.infer<typeof readingSchema>;

export const nameSchema = z.string().regex(/^[a-zA-Z0-9-]{1,64}$/, 'must be 1 to 64 letters, digits and hyphens');

const within = ({ least, most }: { least: number; most: number }) => z.number().min(least).max(most);
const fraction = z.number().min(0).max(1);
const around = {
  base: z.enum(BASES),
  place: z.enum(PLACES),
  ambientC: within(LIMITS.airC).optional(),
  covered: z.boolean(),
  stirred: z.boolean(),
  stirEveryMinutes: within(LIMITS.stirEveryMinutes).nullable().optional(),
};

export const simulationSchema = z.strictObject({
  seed: z.number().int(),
  startedAt: z.iso.datetime(),
  plan: z.strictObject({
    ...around,
    massG: z.number().positive().max(100_000),
    composition: z.strictObject(
      Object.fromEntries(COMPONENTS.map((c) => [c, fraction])) as Record<(typeof COMPONENTS)[number], typeof fraction>,
    ),
    startC: z.number().min(0).max(110),
    depthMm: within(LIMITS.depthMm),
    legs: z
      .array(
        z.strictObject({
          ...around,
          minutes: within(LIMITS.legMinutes),
          depthMm: within(LIMITS.depthMm).nullable().optional(),
        }),
      )
      .max(MOST.legs + MOST.pastLegs),
    factor: within(LIMITS.coolingFactor).optional(),
  }),
});
