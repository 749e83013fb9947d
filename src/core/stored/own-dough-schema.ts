/** The definition of a dough of the cook's own, as it is kept in the kitchen and in the batches that use it. */
import { z } from '../zod';
import { id } from './id';
import { LIMITS, MOST } from '../vocabulary/limits';
import { between } from './span';
import { DOUGH_IDS } from '../vocabulary/doughs';

const partSchema = z.strictObject({
  name: z.string().trim().max(40, 'must be at most 40 characters').describe('Empty where there is only one dough.'),
  share: z
    .number()
    .positive('must be above 0')
    .max(1, 'must be at most 1')
    .describe('Its share of the whole, by mass.'),
  formula: z
    .array(
      z.strictObject({
        ingredientId: id.describe('Id in the larder.'),
        percent: between(LIMITS.doughPercent, '%').describe('g for 100 g of flour.'),
      }),
    )
    .min(1, 'needs at least one ingredient')
    .max(MOST.formulaLines, `takes at most ${MOST.formulaLines} ingredients`)
    .refine((lines) => lines.some((l) => l.percent > 0), 'must hold something'),
});

export const ownDoughSchema = z
  .strictObject({
    id: z
      .string()
      .regex(/^own-[a-z0-9-]+$/, 'must begin with own-')
      .max(MOST.ownIdLetters, `must be at most ${MOST.ownIdLetters} characters`),
    name: z
      .string()
      .trim()
      .min(1, 'must not be empty')
      .max(MOST.doughName, `must be at most ${MOST.doughName} characters`),
    like: z.enum(DOUGH_IDS).describe('The family that it is made and cooked like.'),
    parts: z
      .array(partSchema)
      .min(1, 'needs a formula')
      .max(2, 'takes at most two doughs')
      .refine((parts) => Math.abs(parts.reduce((sum, p) => sum + p.share, 0) - 1) < 0.005, 'shares must sum to 1'),
  })
  .describe('A dough of the cook’s own, in percent of its flour.');
export type OwnDough = z.infer<typeof ownDoughSchema>;
