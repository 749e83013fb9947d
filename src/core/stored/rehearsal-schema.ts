/** The fourth document: a rehearsal, its kitchen by name and seed, its own time, and what was looked at. */
import { z } from '../zod';
import { id } from './id';
import { MOST } from '../vocabulary/limits';
import { batchSchema } from './schema';
import { REHEARSAL_FORMAT, REHEARSAL_VERSION } from '../vocabulary/formats';
import { LOOK_IDS, REHEARSAL_IDS } from '../vocabulary/rehearsals';

const moment = z.iso.datetime({ error: 'must be a time such as 2026-12-05T18:40:00Z' });

export const rehearsalSchema = z.strictObject({
  format: z.literal(REHEARSAL_FORMAT, `must be "${REHEARSAL_FORMAT}"`),
  version: z.literal(REHEARSAL_VERSION, `must be ${REHEARSAL_VERSION}`),
  id: id.describe('That of the batch which is rehearsed.'),
  kitchen: z.enum(REHEARSAL_IDS).describe('The kitchen it is practised in.'),
  seed: z
    .number()
    .int('must be a whole number')
    .min(1)
    .max(999_999)
    .describe('Decides all that is by chance: the same seed is the same kitchen.'),
  begun: batchSchema.describe('The batch as it was at the beginning.'),
  startedAt: moment.describe('When it began, by its own clock.'),
  simAt: moment.describe('What its own clock shows.'),
  serveAt: moment.describe('When people are said to come, by its own clock.'),
  hands: z.enum(['spoon', 'scale']).describe('Whether portions are scooped or weighed.'),
  looks: z
    .array(z.strictObject({ what: z.enum(LOOK_IDS), at: moment, said: z.string().max(MOST.words) }))
    .max(MOST.looks, `takes at most ${MOST.looks} looks`)
    .describe('What was looked at, tasted and weighed, and what it said.'),
  endedAt: moment.nullable().describe('When it was debriefed, by its own clock; null while it goes on.'),
});
export type Rehearsal = z.infer<typeof rehearsalSchema>;
