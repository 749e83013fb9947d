/** What is done for a dough, or for bought skins: made, rested, rolled. */
import { SHAPES } from '../forms/skins';
import { type TimedStep } from '../wrapper/steps';
import { formatGrams, formatMinutes } from '../units/format';
import { MAY_WAIT, SKINS } from './estimates';
import { type BatchFacts } from './facts';
import { type Made, makeTask } from './make';
import { type DayTask, type Follows } from './task';
import { doughGoesIn } from './words';

/** How a rise is seen. */
const DOUBLED = 'Twice as large as it was, and it keeps a finger’s mark.';

/** A wait of so many minutes is a task that is seen; a shorter one is only kept. */
const SEEN = 15;
/** What takes a hand for so little is done in passing. */
const IN_PASSING = 1;
/** Rolling takes so many times as long for few skins or many, at most. House estimates. */
const FEWER = 0.4;
const MORE = 4;
/** The next step of a dough that need not rest follows soon. */
const SOON = 15;

interface DoughWork {
  tasks: DayTask[];
  /** What the parcels are rolled and filled from. */
  last: Follows[];
  /** Rolling, or cutting, in all, minutes: it goes with the filling. */
  rollMinutes: number;
  /** Filled ones rise, from and to, minutes; null where they do not. */
  rise: readonly [number, number] | null;
}

/** Work on the dough of a batch, in order. */
export function doughTasks(facts: BatchFacts): DoughWork {
  const { batch, wrapPlan, accounts } = facts;
  const tasks: DayTask[] = [];
  const skins = wrapPlan.pieces?.count ?? wrapPlan.bought?.pieces ?? batch.count;
  const isPan = SHAPES[batch.wrap.skin.shape].isPan;
  const many = isPan ? Math.max(1, batch.count) : Math.min(MORE, Math.max(FEWER, skins / SKINS));
  let after: Follows[] = [];
  let rollMinutes = 0;
  const push = (task: DayTask): DayTask => {
    tasks.push(task);
    return task;
  };
  const goesIn = doughGoesIn(accounts.dough.parts, wrapPlan.neededG);
  let isMade = false;
  wrapPlan.steps.forEach((step, i) => {
    const { handsOnMinutes, what, part } = step;
    if (part === 'roll') rollMinutes += handsOnMinutes * many;
    if (part === 'thaw') after = thawed(facts, step, push);
    if (part !== undefined) return;
    if (handsOnMinutes > IN_PASSING) {
      const more: Made = {
        title: what,
        how: isMade ? formatGrams(wrapPlan.neededG) : goesIn,
        needs: { hands: 1, bench: 1 },
        after,
      };
      after = [{ id: push(makeTask(facts, 'dough', handsOnMinutes, more, i)).id, maxWait: SOON }];
      isMade = true;
    }
    after = rested(facts, step, i, after, push);
  });
  const isButter = accounts.dough.isLayered || accounts.dough.kind === 'short';
  const last = after.map((follows): Follows =>
    isButter
      ? { ...follows, maxWait: MAY_WAIT.butterSkins, why: 'butter dough, cold' }
      : { ...follows, maxWait: Math.max(MAY_WAIT.skins, follows.maxWait ?? 0), why: follows.why ?? 'dough has rested' },
  );
  const rise = wrapPlan.steps.find(({ part }) => part === 'filled')?.waitMinutes ?? null;
  return { tasks, last, rollMinutes, rise };
}

/** What is bought thaws by itself, in its packet, so that it is soft when it is wanted. */
function thawed(
  facts: BatchFacts,
  { waitMinutes: [low, high] }: TimedStep,
  push: (task: DayTask) => DayTask,
): Follows[] {
  const what = facts.accounts.dough.label.replace('bought ', '');
  const { id } = push(
    makeTask(facts, 'thaw', low, {
      title: `The ${what} thaw`,
      how: `in the packet, ${formatMinutes(low)} in the kitchen or overnight in the fridge; unopened, so they don’t dry`,
      hasHands: false,
    }),
  );
  return [{ id, maxWait: high - low, why: 'thawed' }];
}

/** What follows a step once it has rested; where that is long enough to be seen it is a task. */
function rested(
  facts: BatchFacts,
  { waitMinutes: [low, high], what, isRise }: TimedStep,
  i: number,
  after: readonly Follows[],
  push: (task: DayTask) => DayTask,
): Follows[] {
  if (high === 0) return [...after];
  if (low < SEEN) return after.map(({ id }) => ({ id, minWait: low, maxWait: Math.max(high, SOON), why: 'dough' }));
  const rest = push(
    makeTask(
      facts,
      'rest',
      low,
      {
        ...(isRise ? { title: 'Dough rises', doneWhen: DOUBLED } : {}),
        how: what,
        hasHands: false,
        after: after.map(({ id }) => ({ id, maxWait: 0 })),
      },
      i,
    ),
  );
  return [{ id: rest.id, maxWait: Math.max(5, high - low), why: isRise ? 'risen, no later' : 'dough has rested' }];
}
