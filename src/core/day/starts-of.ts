/** What of a plan is kept with the day. Without anything that works a day out: screens use it. */
import { type Day } from '../stored/day-schema';
import { type DayPlan } from './day-plan';
import { timeOf } from './moments';
import { plannedMinutesOf } from './planned-minutes';
import { isBegunByHand } from './steps';
import { fullTitle } from './task';

/** The starts of a plan, as they are kept with the day: of what is planned, and of what goes on. */
export const startsOf = (plan: DayPlan, day: Pick<Day, 'spareShare'>): NonNullable<Day['plan']>['starts'] =>
  plan.tasks
    .filter(({ state }) => state !== 'done')
    .map((t) => ({
      taskId: t.id,
      title: fullTitle(t),
      at: timeOf(t.start),
      minutes: plannedMinutesOf(t, day),
      isBegun: isBegunByHand(t),
      latestAt: t.latestStart && timeOf(t.latestStart.minute),
      why: t.latestStart?.why ?? '',
    }));
