/** `plan`: tasks backwards from the end, so that nothing is booked twice and nothing waits too long. */
import { z } from 'zod';
import { lowerBound } from '@/core/schedule/bound';
import { type Conflict, type Problem } from '@/core/schedule/problem';
import { plan } from '@/core/schedule/schedule';
import { command } from '../command';

/** Two months. */
const MOST_MINUTES = 60 * 24 * 60;
const MOST_TASKS = 500;
/** So long it looks for a better plan where it is not said, and at most, s. */
const USUAL_SECONDS = 1;
const MOST_SECONDS = 60;

const minute = z
  .number({ error: 'must be a number of minutes' })
  .int('must be a whole minute')
  .min(0, 'must be 0 minutes or more')
  .max(MOST_MINUTES, `must be at most ${MOST_MINUTES} minutes`);
const units = z.number({ error: 'must be a number' }).min(0, 'must be 0 or more').max(10_000, 'must be at most 10 000');
const name = z
  .string({ error: 'must be a text' })
  .min(1, 'must not be empty')
  .max(100, 'must be at most 100 characters');

const taskInput = z
  .strictObject({
    id: name,
    minutes: minute,
    needs: z.record(name, units).default({}),
    after: z.array(z.strictObject({ id: name, minWait: minute.optional(), maxWait: minute.optional() })).default([]),
    earliest: minute.optional(),
    latest: minute.optional(),
  })
  .superRefine(({ after }, context) =>
    after.forEach(({ minWait = 0, maxWait }, i) => {
      if (maxWait !== undefined && maxWait < minWait)
        context.addIssue({ code: 'custom', path: ['after', i, 'maxWait'], message: 'must be minWait or more' });
    }),
  );

const planInput = z
  .strictObject({
    endMinute: minute,
    resources: z.record(name, units),
    tasks: z.array(taskInput).max(MOST_TASKS, `takes at most ${MOST_TASKS} tasks`),
    seconds: z
      .number({ error: 'must be a number of seconds' })
      .positive('must be above 0 seconds')
      .max(MOST_SECONDS, `must be at most ${MOST_SECONDS} seconds`)
      .default(USUAL_SECONDS),
  })
  .superRefine(({ tasks, resources }, context) => {
    const ids = new Set<string>();
    tasks.forEach(({ id, needs, after }, i) => {
      const issue = (path: (string | number)[], message: string) =>
        context.addIssue({ code: 'custom', path: ['tasks', i, ...path], message });
      if (ids.has(id)) issue(['id'], `"${id}" is there twice; each would have its own`);
      ids.add(id);
      for (const resource of Object.keys(needs))
        if (!Object.hasOwn(resources, resource)) issue(['needs', resource], 'is not among the resources');
      after.forEach((before, k) => {
        if (!tasks.some((t) => t.id === before.id)) issue(['after', k, 'id'], `"${before.id}" is not among the tasks`);
      });
    });
  });

const until = (seconds: number): (() => boolean) => {
  const end = Date.now() + seconds * 1000;
  return () => Date.now() >= end;
};

function wordsOf({ kind, tasks, resource }: Conflict): string {
  const [first, ...rest] = tasks;
  if (kind === 'never-fits') return `${first} needs more of ${resource} than there is`;
  if (kind === 'impossible') return 'the orders contradict one another, or leave no time between blocked hours';
  if (kind === 'waits-too-long') return `${first} waits too long after ${rest[0]}`;
  const meet = resource === null ? '' : `, which share ${resource}`;
  return rest.length === 0
    ? `${first} would have to start before it may`
    : `${first} would have to start before it may, for ${rest.join(', ')} follow${meet}`;
}

export const planCommand = command(planInput, ({ seconds, resources, ...asked }) => {
  const problem: Problem = {
    ...asked,
    resources: Object.fromEntries(Object.entries(resources).map(([id, capacity]) => [id, { capacity }])),
  };
  const { feasible, tasks, startMinute, conflicts } = plan(problem, until(seconds)).schedule;
  return {
    feasible,
    tasks,
    startMinute: tasks.length === 0 && asked.tasks.length > 0 ? null : startMinute,
    lowerBoundMinutes: lowerBound(problem),
    conflicts: conflicts.map((conflict) => ({ what: wordsOf(conflict), byMinutes: conflict.byMinutes })),
  };
});
