/** `batch` and `recipe`: the words of a recipe as batches, as pasting makes them. */
import { z } from 'zod';
import { LIMITS, MOST } from '@/core/vocabulary/limits';
import { type Batch, batchSchema } from '@/core/stored/schema';
import { planOfText } from '@/core/formats/plan-of-text';
import { MOST_RECIPE_LETTERS } from '@/core/recipe/plan';
import { between } from '@/core/stored/span';
import { isWithinLimits } from '@/core/stored/within-limits';
import { BASE_IDS } from '@/core/vocabulary/bases';
import { DOUGH_IDS } from '@/core/vocabulary/doughs';
import { FORM_IDS } from '@/core/forms';
import { METHOD_IDS } from '@/core/vocabulary/methods';
import { PLACE_IDS } from '@/core/vocabulary/places';
import { SCHOOL_IDS } from '@/core/vocabulary/schools';
import { batchInWords } from '@/core/recipe/to-batch';
import { problemsOf } from '@/core/stored/problem';
import { command, InputError } from '../command';
import { mustBeMadeFrom, skinInput } from '../skin-input';

const oneOf = <const Ids extends readonly [string, ...string[]]>(ids: Ids) =>
  z.enum(ids, { error: `would be ${ids.join(', ')}` });

const wrapInput = z.strictObject({
  diameterMm: between(LIMITS.skinMm, 'mm').optional(),
  rimMm: between(LIMITS.rimMm, 'mm').optional(),
  thicknessMm: between(LIMITS.thicknessMm, 'mm').optional(),
  depthMm: between(LIMITS.panDepthMm, 'mm').optional(),
  portionG: between(LIMITS.portionG, 'g').optional(),
  dough: oneOf(DOUGH_IDS).optional(),
  skin: skinInput.optional(),
});

const cookInput = z.strictObject({
  method: oneOf(METHOD_IDS).optional(),
  mediumC: between(LIMITS.mediumC, '°C').optional(),
  startC: between(LIMITS.cookStartC, '°C').optional(),
  minutes: between(LIMITS.cookMinutes, 'minutes').optional(),
});

const coolInput = z.strictObject({
  depthMm: between(LIMITS.depthMm, 'mm').optional(),
  covered: z.boolean().optional(),
  place: oneOf(PLACE_IDS).optional(),
  base: oneOf(BASE_IDS).optional(),
});

const batchInput = z.strictObject({
  title: z.string().trim().min(1, 'must not be empty').max(MOST.title, `must be at most ${MOST.title} characters`),
  form: oneOf(FORM_IDS),
  school: oneOf(SCHOOL_IDS),
  count: between(LIMITS.count, '').int('must be a whole number'),
  lines: z
    .array(z.string().max(1000, 'must be at most 1000 characters'))
    .min(1, 'needs at least one line')
    .max(MOST.lines, `takes at most ${MOST.lines} lines`),
  dough: oneOf(DOUGH_IDS).optional(),
  wrap: wrapInput.optional(),
  cook: cookInput.optional(),
  cool: coolInput.optional(),
  water: z.strictObject({ estimate: batchSchema.shape.water.shape.estimate.optional() }).optional(),
});

/** A batch of no particular day: what it is depends on nothing but its words. */
const MADE = { id: 'batch', at: '2026-01-01T00:00:00Z' };

export const batchCommand = command(batchInput, (input) => {
  if (input.wrap?.skin !== undefined) mustBeMadeFrom(input.form, input.wrap.skin.shape, 'wrap.skin');
  const { batch, questions } = batchInWords(input, MADE);
  return { batch: withinLimits(batch), questions };
});

const recipeInput = z.strictObject({
  text: z
    .string()
    .trim()
    .min(1, 'must not be empty')
    .max(MOST_RECIPE_LETTERS, `must be at most ${MOST_RECIPE_LETTERS} characters`),
});

/** `recipe`: a whole recipe as it was sent, as one or more batches. */
export const recipeCommand = command(recipeInput, ({ text }) => {
  const { plans, notes } = planOfText(text, { id: (at) => `batch-${at + 1}`, at: MADE.at });
  if (plans.length === 0) throw new InputError(['text: names no food; would be a recipe, one ingredient a line']);
  return {
    batches: plans.map(({ batch }) => withinLimits(batch)),
    questions: plans.flatMap(({ questions }) => questions),
    notes,
  };
});

/** @throws InputError where it is beyond what a document takes */
function withinLimits(batch: Batch): Batch {
  if (isWithinLimits(batch)) return batch;
  const checked = batchSchema.safeParse(batch);
  throw new InputError(checked.success ? ['(document): is beyond what a batch takes'] : problemsOf(checked.error));
}
