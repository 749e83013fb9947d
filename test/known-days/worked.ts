/** A known day, worked out as the application does: its plan, what is said of it, and what is offered. */
import { conflictSentences } from '@/core/day/conflict-words';
import { type DayPlan } from '@/core/day/day-plan';
import { minuteOf, timeOf } from '@/core/day/moments';
import { bestFirst, candidates, isWorthIt, pairs, type Remedy, tried } from '@/core/day/remedies';
import { type DayInput, type Remembered, workOutDay } from '@/core/day/work-out';
import { batchInWords } from '@/core/recipe/to-batch';
import { beginDay } from '@/core/stored/day';
import { applyToDay, type DayOperation } from '@/core/stored/day-operations';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { apply } from '@/core/stored/operations';
import { planned } from '../core/simulated-day';
import { type KnownDay } from './hands';

const AT = '2026-12-04T09:00:00.000Z';
const ZONE = 'Europe/Berlin';
const DATES: Readonly<Record<string, string>> = { Fri: '2026-12-04', Sat: '2026-12-05' };

/** `Fri 18:30`, or an hour of Friday, as an epoch minute. */
export function minuteIn(words: string): number {
  const [day, clock] = words.includes(' ') ? words.split(' ') : ['Fri', words];
  return minuteOf(`${DATES[day]}T${clock}:00.000Z`) - 60;
}

export interface Worked {
  plan: DayPlan;
  said: string;
  /** What is offered, in the order in which it is. */
  offered: () => Remedy[];
}

export function workOut(known: KnownDay, remembered: Remembered): Worked {
  const batches = known.batches.map(({ id, words, cook = {}, wrap = {} }) => {
    const { batch } = batchInWords({ title: id, ...words }, { id, at: AT });
    return apply(apply(batch, { do: 'setCook', to: cook }), { do: 'setWrap', to: wrap });
  });
  const serveAt = timeOf(minuteIn(known.eaten));
  const helps = Array.from({ length: known.helpers ?? 0 }, (_, i): DayOperation => ({
    do: 'addHelper',
    helper: { id: `h${i}`, name: 'Helper', from: AT, to: serveAt },
  }));
  const day = [
    ...known.batches.map(({ id, serve = 'now' }): DayOperation => ({ do: 'putBatch', batchId: id, serve })),
    ...helps,
  ].reduce(applyToDay, beginDay({ id: 'd', title: 'Day', serveAt, from: AT, at: AT }));
  const input: DayInput = { day, batches, kitchen: DEFAULT_KITCHEN, now: { minute: minuteOf(AT), zone: ZONE } };
  const worked = workOutDay(input, remembered);
  const { plan } = planned(input, remembered, 60);
  const tryAll = (list: ReturnType<typeof candidates>): Remedy[] =>
    list
      .flatMap((one) => tried(worked, plan, one, remembered, () => (steps) => steps > 12) ?? [])
      .filter((remedy) => isWorthIt(remedy, plan));
  return {
    plan,
    said: conflictSentences(plan).join(' | '),
    offered: () => {
      const all = candidates(worked, plan, (n) => `c${n}`);
      const single = tryAll(all);
      return bestFirst(
        single.some(({ mends }) => mends === 'all') ? single : [...single, ...tryAll(pairs(all, single))],
      );
    },
  };
}
