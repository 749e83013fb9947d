/** Figures that a kitchen has learned from what was noted of its batches, each with its evidence. */
import { z } from '../zod';
import { type Learned } from '../learning/learned';
import { id } from './id';
import { MOST } from '../vocabulary/limits';
import { LEARNED_IDS } from '../vocabulary/learned';

const moment = z.iso.datetime({ error: 'must be a time such as 2026-12-05T18:40:00Z' });
const figure = z
  .number({ error: 'must be a number' })
  .min(-100, 'must be −100 or more')
  .max(1000, 'must be at most 1000');

export const learnedSchema = z.strictObject({
  what: z.enum(LEARNED_IDS),
  of: z
    .string()
    .max(MOST.note, `must be at most ${MOST.note} characters`)
    .describe('What it holds for: method, dough and filling; an edge.'),
  estimate: figure.describe('The estimate that it begins from.'),
  value: figure.describe('What is taken now: the estimate, moved by its evidence.'),
  isFrozen: z.boolean().describe('It stays as it is, whatever is noted.'),
  evidence: z
    .array(
      z.strictObject({
        batchId: id,
        x: figure.describe('What that batch says it is.'),
        at: moment,
        because: z
          .string()
          .max(MOST.note, `must be at most ${MOST.note} characters`)
          .describe('Why it says so, in a sentence; empty where nobody wrote it down.'),
      }),
    )
    .max(MOST.evidence, `takes at most ${MOST.evidence} batches`)
    .describe('From which batches, the oldest first.'),
}) satisfies z.ZodType<Learned>;
