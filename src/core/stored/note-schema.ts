/** What was found of a batch, and the line of versions that it stands in. */
import { z } from '../zod';
import { id } from './id';
import { LIMITS, MOST } from '../vocabulary/limits';
import { between } from './span';
import { LIKING_IDS, MUCH_IDS, OUTCOME_IDS, PLACE_IN_PARCEL_IDS } from '../vocabulary/outcomes';

const text = (most: number) => z.string().max(most, `must be at most ${most} characters`);
const moment = z.iso.datetime({ error: 'must be a time such as 2026-12-05T18:40:00Z' });
const list = <Item extends z.ZodType>(item: Item, most: number, what: string) =>
  z.array(item).max(most, `takes at most ${most} ${what}`);

export const outcomeSchema = z.strictObject({
  what: z.enum(OUTCOME_IDS),
  much: z.enum(MUCH_IDS).describe('How much of it.'),
  where: z.enum(PLACE_IN_PARCEL_IDS).nullable().describe('Where in the piece; null where nowhere in particular.'),
});
export type Outcome = z.infer<typeof outcomeSchema>;

const grams = (most: (typeof LIMITS)[keyof typeof LIMITS], what: string) =>
  between(most, 'g').nullable().describe(`${what}, g; null where nobody weighed it.`);

export const noteSchema = z.strictObject({
  at: moment.nullable().describe('When it was noted first; null where nothing is noted yet.'),
  outcomes: list(outcomeSchema, MOST.outcomes, 'outcomes').describe('What came out.'),
  measured: z.strictObject({
    parcelBeforeG: grams(LIMITS.parcelG, 'One piece before cooking'),
    parcelAfterG: grams(LIMITS.parcelG, 'The same piece after cooking'),
    fillingLeftG: grams(LIMITS.leftG, 'Filling left over'),
    doughLeftG: grams(LIMITS.leftG, 'Dough left over'),
    wastedG: grams(LIMITS.leftG, 'Thrown away'),
    cutAfterMinutes: between(LIMITS.cutAfterMinutes, 'minutes')
      .nullable()
      .describe('It was cut so long after it came out of the heat, minutes; null where nobody looked.'),
  }),
  forWhom: text(MOST.title).describe('For whom it was.'),
  tasters: list(
    z.strictObject({ who: text(MOST.helperName).trim().min(1, 'must not be empty'), liked: z.enum(LIKING_IDS) }),
    MOST.tasters,
    'people',
  ).describe('Who ate it, and whether they liked it.'),
  words: text(MOST.words).describe('Free words.'),
});
export type Note = z.infer<typeof noteSchema>;

export const lineageSchema = z
  .strictObject({
    thing: id.describe('The same of all versions of one thing: the id of the first.'),
    number: z.number().int().min(1).max(MOST.versions).describe('Which version it is, counted from 1.'),
    parentId: id.nullable().describe('The batch that it was made from; null of the first.'),
    changed: list(text(MOST.note), MOST.changed, 'changes').describe('What was changed against that, in words.'),
  })
  .describe('The line of versions of one thing.');
export type Lineage = z.infer<typeof lineageSchema>;
