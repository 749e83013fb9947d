/** What the thermometer bridge takes: readings, and the plan that a simulated thermometer follows. */
import { z } from 'zod';
import { LIMITS, MOST } from '@/core/vocabulary/limits';
import { COMPONENTS } from '@/core/food/composition';
import { between } from '@/core/stored/span';
import { surroundings } from '@/core/stored/surroundings';

export const readingSchema = z.strictObject({
  c: z.number().min(-273, 'must be a temperature in °C').max(2000, 'must be a temperature in °C').nullable(),
  at: z.iso.datetime({ error: 'must be a time such as 2026-12-05T18:40:00Z' }),
});
export type ProbeReading = z.infer<typeof readingSchema>;

export const nameSchema = z.string().regex(/^[a-zA-Z0-9-]{1,64}$/, 'must be 1 to 64 letters, digits and hyphens');

const fraction = z.number().min(0).max(1);
const around = {
  ...surroundings,
  ambientC: surroundings.ambientC.optional(),
  stirEveryMinutes: surroundings.stirEveryMinutes.nullable().optional(),
};
const depthMm = between(LIMITS.depthMm, 'mm');

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
    depthMm,
    isRound: z.boolean().optional(),
    legs: z
      .array(
        z.strictObject({
          ...around,
          minutes: between(LIMITS.legMinutes, 'minutes'),
          depthMm: depthMm.nullable().optional(),
        }),
      )
      .max(MOST.legs + MOST.pastLegs),
    factor: between(LIMITS.coolingFactor, '').optional(),
  }),
});
