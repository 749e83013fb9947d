import * as fc from 'fast-check';
import { assess } from '@/core/checks/assess';
import { begunWith, oneBatchTasks, oneNow, planOne, type StepTaken } from '@/core/day/one-batch';
import { neededWords, spokenStep } from '@/core/day/one-batch-words';
import { beginOf, endOf } from '@/core/day/steps';
import { minuteOf, timeOf } from '@/core/day/moments';
import { type PlannedTask } from '@/core/day/day-plan';
import { type DayTask } from '@/core/day/task';
import { forecastHeat } from '@/core/forecast/heat';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { apply } from '@/core/stored/operations';
import { type Batch } from '@/core/stored/schema';
import { lanternSupper } from '@/data/demo';

const AT = '2026-12-05T16:00:00.000Z';
const NOW = minuteOf(AT);
const batches = lanternSupper(AT);
const [turkey, pumpkin, duck, haddock, venison] = batches;
const tasksOf = (batch: Batch): DayTask[] =>
  oneBatchTasks(batch, DEFAULT_KITCHEN, forecastHeat(batch, DEFAULT_KITCHEN, 'first'), AT, null);

/** Ends one step after another, whatever is offered, until there is none. */
function workedThrough(tasks: readonly DayTask[], hurry: (minutes: number) => number): PlannedTask[] {
  let taken: StepTaken[] = [];
  let minute = NOW;
  for (let turn = 0; turn < 200; turn++) {
    const plan = planOne(tasks, taken, minute);
    const { now, running } = oneNow(plan, minute);
    const task = now ?? running[0];
    if (task === undefined || task === null) return plan;
    if (task.state === 'planned') taken = [...taken, { id: task.id, start: minute, end: null }];
    const ended = { ...task, state: 'running' as const };
    minute += hurry(task.minutes);
    const onTo = begunWith(planOne(tasks, taken, minute), ended, minute);
    taken = [
      ...taken.filter(({ id }) => id !== task.id && !onTo.some((t) => t.id === id)),
      { id: task.id, start: taken.find(({ id }) => id === task.id)?.start ?? minute, end: minute },
      ...onTo.map(({ id }) => ({ id, start: minute, end: null })),
    ];
    if (planOne(tasks, taken, minute).every(({ state }) => state === 'done')) return planOne(tasks, taken, minute);
  }
  throw new Error('never done');
}

describe('one batch, forwards from now', () => {
  it.each(batches.map((batch) => [batch.title, batch] as const))(
    '%s: nothing before what it follows, hands at one thing',
    (_title, batch) => {
      const plan = planOne(tasksOf(batch), [], NOW);
      expect(plan.length).toBe(tasksOf(batch).length);
      for (const task of plan) {
        expect(task.start).toBeGreaterThanOrEqual(NOW);
        for (const { id, minWait = 0 } of task.after) {
          const before = plan.find((t) => t.id === id);
          if (before) expect(task.start).toBeGreaterThanOrEqual(before.end + minWait);
        }
      }
      const hands = plan.filter(({ hasHands }) => hasHands);
      for (const [i, task] of hands.slice(1).entries()) expect(task.start).toBeGreaterThanOrEqual(hands[i].end);
    },
  );

  it.each(batches.map((batch) => [batch.title, batch] as const))(
    '%s comes to an end, whatever the pace',
    (_title, batch) =>
      fc.assert(
        fc.property(fc.double({ min: 0, max: 2, noNaN: true }), (pace) => {
          const done = workedThrough(tasksOf(batch), (minutes) => Math.round(pace * minutes));
          return done.every(({ state }) => state === 'done');
        }),
        { numRuns: 8 },
      ),
  );

  it('an oven is heated for what goes in, not for hours', () => {
    const plan = planOne(tasksOf(haddock), [], NOW);
    const oven = plan.find(({ kind }) => kind === 'heat');
    const load = plan.find(({ after }) => after.some(({ id }) => id === oven?.id));
    expect(oven?.end).toBe(load?.start);
    expect(oven?.start).toBeGreaterThan(NOW + 30);
  });

  it('while the filling cools the dough is made', () => {
    const plan = planOne(tasksOf(duck), [], NOW);
    const cools = plan.find(({ kind }) => kind === 'cool');
    const dough = plan.find(({ kind }) => kind === 'dough');
    expect(dough?.start).toBeLessThan(cools?.end ?? 0);
  });

  it('what is done and what goes on keeps its time', () => {
    const tasks = tasksOf(venison);
    const [first, second] = planOne(tasks, [], NOW).filter(({ hasHands }) => hasHands);
    const later = NOW + 30;
    const plan = planOne(
      tasks,
      [
        { id: first.id, start: NOW, end: NOW + 9 },
        { id: second.id, start: NOW + 9, end: null },
      ],
      later,
    );
    expect(plan.find(({ id }) => id === first.id)).toMatchObject({ state: 'done', start: NOW, end: NOW + 9 });
    expect(plan.find(({ id }) => id === second.id)).toMatchObject({ state: 'running', due: NOW + 9 + second.minutes });
    expect(oneNow(plan, later)).toMatchObject({ now: { id: second.id }, done: 1, isOver: false });
  });

  it('the tap that ends a step begins the next of the hands, and what follows of itself', () => {
    const tasks = tasksOf(duck);
    const fry = tasks.find(({ kind }) => kind === 'fry');
    const before = tasks.filter(({ id }) => fry?.after.some((a) => a.id === id));
    const taken = [
      ...before.map(({ id }) => ({ id, start: NOW, end: NOW + 5 })),
      { id: fry?.id ?? '', start: NOW + 5, end: null },
    ];
    const plan = planOne(tasks, taken, NOW + 40);
    const ended = plan.find(({ kind }) => kind === 'fry');
    if (ended === undefined) throw new Error('nothing is fried');
    const onTo = begunWith(plan, ended, NOW + 40);
    expect(onTo.map(({ kind }) => kind)).toContain('cool');
    expect(onTo.filter(({ hasHands }) => hasHands).length).toBeLessThanOrEqual(1);
  });

  it('the batch’s own clocks run with its steps', () => {
    const plan = planOne(tasksOf(turkey), [], NOW);
    const wrap = plan.find(({ kind }) => kind === 'wrap');
    if (wrap === undefined) throw new Error('nothing is wrapped');
    const begun = beginOf(wrap, turkey, AT).reduce(apply, turkey);
    expect(begun.wrap.board).not.toBeNull();
    const last = plan.filter(({ kind }) => kind === 'wrap').at(-1) ?? wrap;
    const done = endOf({ ...last, state: 'running', start: NOW }, begun, timeOf(NOW + 30), { tasks: plan }).reduce(
      apply,
      begun,
    );
    expect(done.wrap.board).toBeNull();
  });

  it('a batch without a filling has nothing to do', () => expect(tasksOf({ ...pumpkin, lines: [] })).toEqual([]));
});

describe('in words', () => {
  it('a step is read aloud whole, degrees and all', () => {
    const plan = planOne(tasksOf(haddock), [], NOW);
    const oven = plan.find(({ kind }) => kind === 'heat');
    if (oven === undefined) throw new Error('no oven');
    expect(spokenStep(oven)).toMatch(/^Heat the oven to 170.degrees Celsius\. It takes about \d+ min\. Done when: /);
  });

  it('what the thermometer must say is said with how many', () => {
    const { limit } = assess(turkey, DEFAULT_KITCHEN, null);
    expect(neededWords(limit, 'C')).toBe('Measure three of the thickest: *74 °C* in the middle.');
    expect(neededWords(limit, 'F')).toContain('165 °F');
    expect(neededWords(assess(pumpkin, DEFAULT_KITCHEN, null).limit, 'C')).toMatch(/^Measure /);
  });
});
