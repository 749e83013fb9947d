/** Whether times of day are shown of 24 or of 12 hours: as the kitchen was last read. What is drawn after that reads it. */
import { type Hours } from '@/core/units/time-of-day';

let hours: Hours = 24;

export const shownHours = (): Hours => hours;
export const showHours = (of: Hours): void => {
  hours = of;
};
