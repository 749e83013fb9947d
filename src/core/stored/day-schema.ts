/** The day's definition and validation: who is served when, with what, by whose hands, and how it really went. */
import { z } from '../zod';
import { editsSchema } from './edits-schema';
import { id } from './id';
import { LIMITS, MOST } from '../vocabulary/limits';
import { between } from './span';
import { DAY_FORMAT, DAY_VERSION } from '../vocabulary/formats';
import { SERVING_IDS } from '../vocabulary/servings';

const moment = z.iso.datetime({ error: 'must be a time such as 2026-12-05T18:40:00Z' });
const whole = (span: (typeof LIMITS)[keyof typeof LIMITS], unit = '') =>
  between(span, unit).int('must be a whole number');
const words = (most: number) => z.string().max(most, `must be at most ${most} characters`);
const name = (most: number) => words(most).trim().min(1, 'must not be empty');
/** Ids of tasks are made of ids of batches, and longer. */
const taskId = words(MOST.taskId).min(1, 'must not be empty');
const list = <Item extends z.ZodType>(item: Item, most: number, what: string) =>
  z.array(item).max(most, `takes at most ${most} ${what}`);

const spanOfTime = z
  .strictObject({ from: moment, to: moment })
  .refine(({ from, to }) => Date.parse(from) < Date.parse(to), { path: ['to'], error: 'must be after its beginning' });

export const daySchema = z
  .strictObject({
    format: z.literal(DAY_FORMAT, `must be "${DAY_FORMAT}"`),
    version: z.literal(DAY_VERSION, `must be ${DAY_VERSION}`),
    id,
    revision: z.number().int().min(0).describe('Goes up by one with every stored change.'),
    writer: words(64).describe('Who stored this revision: a tab of a browser; empty where nobody has yet.'),
    edits: editsSchema,
    title: name(MOST.title),
    createdAt: moment,
    updatedAt: moment,
    serveAt: moment.describe('When people eat.'),
    from: moment.describe('Nothing can be begun before.'),
    batches: list(
      z.strictObject({
        batchId: id,
        serve: z.enum(SERVING_IDS).describe('How it is served.'),
        serveAt: moment.nullable().describe('When it is served, where that is another time than the day’s.'),
      }),
      MOST.batchesInDay,
      'batches',
    )
      .refine((b) => new Set(b.map((x) => x.batchId)).size === b.length, 'a batch is there twice')
      .describe('What is made.'),
    carryMinutes: whole(LIMITS.carryMinutes, 'minutes').describe('On the way with what is carried over warm, minutes.'),
    helpers: list(
      z.strictObject({ id, name: name(MOST.helperName), from: moment, to: moment }),
      MOST.helpers,
      'helpers',
    ).describe('Pairs of hands beside the cook’s, and when they are there.'),
    away: list(spanOfTime.safeExtend({ why: words(MOST.helperName) }), MOST.away, 'times').describe(
      'When nobody’s hands are there: out, or asleep.',
    ),
    nights: z.boolean().describe('Hands rest from nine at night to seven in the morning.'),
    spareShare: between(LIMITS.daySpare, '').describe('Work is planned so much longer than it takes, as a share.'),
    rings: whole(LIMITS.rings).describe('Rings of the hob.'),
    benches: whole(LIMITS.benches).describe('So many can roll and wrap at once.'),
    pins: list(z.strictObject({ taskId, at: moment }), MOST.tasks, 'pins').describe('Tasks that start at a time.'),
    changes: list(
      z.strictObject({
        taskId,
        minutes: whole(LIMITS.taskMinutes, 'minutes').nullable().describe('Minutes where they differ.'),
        isLeftOut: z.boolean(),
      }),
      MOST.tasks,
      'changes',
    ).describe('What the cook says otherwise of a task.'),
    added: list(
      z.strictObject({
        id,
        title: name(MOST.title),
        minutes: whole(LIMITS.taskMinutes, 'minutes'),
        hasHands: z.boolean().describe('It takes a pair of hands all the time.'),
        before: taskId.nullable().describe('The task that it comes before; null: at any time before serving.'),
      }),
      MOST.added,
      'tasks of one’s own',
    ),
    plan: z
      .strictObject({
        of: words(64).describe('What it was worked out for: it is worked out again where this differs.'),
        starts: list(
          z.strictObject({
            taskId,
            title: words(MOST.taskId),
            at: moment,
            minutes: whole(LIMITS.taskMinutes, 'minutes'),
            isBegun: z.boolean().describe('Somebody begins it; else it begins of itself, as what is before it ends.'),
            latestAt: moment.nullable().describe('It may begin no later.'),
            why: words(MOST.helperName).describe('Why not.'),
          }),
          MOST.tasks,
          'tasks',
        ),
      })
      .nullable()
      .describe('When each task is to start, as it was last worked out.'),
    run: z
      .strictObject({
        startedAt: moment,
        did: list(
          z.strictObject({
            taskId,
            startedAt: moment,
            endedAt: moment.nullable().describe('Null while it is going on.'),
            moreMinutes: whole(LIMITS.moreMinutes, 'minutes').describe('Said on the way to take so much longer.'),
          }),
          MOST.tasks,
          'tasks',
        ),
      })
      .nullable()
      .describe('How it really goes; null before it has begun.'),
    there: list(words(MOST.taskId), MOST.shopping, 'things').describe('What of the shopping list is there.'),
  })
  .describe('A day in the kitchen: several batches, hands, appliances and guests.');
export type Day = z.infer<typeof daySchema>;
