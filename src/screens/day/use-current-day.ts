/** The day that is being planned: the one last changed. */
import { type Day } from '@/core/stored/day';
import { useDays } from '@/data/days';

/** Undefined while it is read, null where there is none. */
export function useCurrentDay(): Day | null | undefined {
  const { data } = useDays();
  return data === undefined ? undefined : (data.days[0] ?? null);
}
