/** How long a task is planned, and what of a plan is kept with the day. Without anything that works a day out: screens use it. */
import { type Day } from '../document/day-schema';
import { type DayPlan } from './day-plan';
import { timeOf } from './moments';
import { type DayTask, fullTitle } from './task';

/** Minutes a task is planned with: work with what is spare. */
export const plannedMinutesOf = (
  { hasHands, minutes, isEstimate }: Pick<DayTask, 'hasHands' | 'minutes' | 'isEstimate'>,
  { spareShare }: Pick<Day, 'spareShare'>,
): number => (hasHands && isEstimate ? Math.ceil(minutes * (1 + spareShare)) : minutes);

/** The starts of a plan, as they are kept with the day. */
export const startsOf = (plan: DayPlan, day: Pick<Day, 'spareShare'>): NonNullable<Day['plan']>['starts'] =>
  plan.tasks
    .filter(({ state }) => state === 'planned')
    .map((t) => ({ taskId: t.id, title: fullTitle(t), at: timeOf(t.start), minutes: plannedMinutesOf(t, day) }));
