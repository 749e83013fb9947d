/** All work on one batch, from the board to the table. */
import { FORMS } from '../forms';
import { doughTasks } from './dough-tasks';
import { type BatchFacts } from './facts';
import { fillingTasks } from './filling-tasks';
import { betweenTasks, heldAfter, loadTasks, packTask, wrapTasks } from './heat-tasks';
import { MAY_WAIT } from './estimates';
import { makeTask } from './make';
import { type DayTask, type Follows } from './task';

interface BatchWork {
  tasks: DayTask[];
  /** What must be over when it is served, and how long it may have been. */
  served: Follows[];
}

/** @returns nothing where nothing is in the filling yet */
export function batchTasks(facts: BatchFacts): BatchWork {
  const filling = fillingTasks(facts);
  if (facts.accounts.lines.length === 0) return { tasks: [], served: [] };
  const dough = doughTasks(facts);
  if (FORMS[facts.batch.wrap.form].isFilledAfter) return filledAfter(facts, filling, dough);
  const wrapped = wrapTasks(facts, dough.rollMinutes, [...dough.last, ...filling.last]);
  const between = betweenTasks(facts, wrapped, dough.rise);
  const loads = loadTasks(facts, [between.after]);
  const tasks = [...filling.tasks, ...dough.tasks, ...wrapped, ...between.tasks, ...loads.tasks];
  return withPacking(facts, tasks, loads.outs);
}

/** Cooked empty, filled afterwards: rolled first, and filled when they are out. */
function filledAfter(
  facts: BatchFacts,
  filling: ReturnType<typeof fillingTasks>,
  dough: ReturnType<typeof doughTasks>,
): BatchWork {
  const rolled = makeTask(facts, 'roll', dough.rollMinutes, {
    needs: { hands: 1, bench: 1 },
    after: dough.last,
    weight: 2,
  });
  const between = betweenTasks({ ...facts, serving: 'now' }, [rolled], dough.rise);
  const loads = loadTasks(facts, [between.after]);
  const outs = loads.outs.map((out): Follows => ({ ...out, maxWait: MAY_WAIT.buns, why: 'buns dry' }));
  const filled = wrapTasks(facts, 0, [...outs, ...filling.last]);
  const tasks = [...filling.tasks, ...dough.tasks, rolled, ...between.tasks, ...loads.tasks, ...filled];
  return withPacking(facts, tasks, [{ id: filled[filled.length - 1].id }]);
}

function withPacking(facts: BatchFacts, tasks: DayTask[], outs: readonly Follows[]): BatchWork {
  const held = heldAfter(facts, outs);
  if (facts.serving !== 'carried-warm') return { tasks, served: held };
  const pack = packTask(facts, outs);
  return { tasks: [...tasks, pack], served: [...held, { id: pack.id }] };
}
