/** How long a task is planned. */
import { type Day } from '../stored/day-schema';
import { type DayTask } from './task';

/** Minutes a task is planned with: work with what is spare. */
export const plannedMinutesOf = (
  { hasHands, minutes, isEstimate }: Pick<DayTask, 'hasHands' | 'minutes' | 'isEstimate'>,
  { spareShare }: Pick<Day, 'spareShare'>,
): number => (hasHands && isEstimate ? Math.ceil(minutes * (1 + spareShare)) : minutes);
