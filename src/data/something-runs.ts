/** Whether any clock runs, of a batch or of a day: then it is watched, whatever is on the screen. */
import { useDays } from './days';
import { useBatches } from './hooks';

export function useSomethingRuns(): boolean {
  const { data: stored } = useBatches();
  const { data: planned } = useDays();
  return (
    (stored?.batches.some(({ cool, wrap, cook }) => cool.run ?? wrap.board ?? cook.run) ?? false) ||
    (planned?.days.some(({ run }) => run) ?? false)
  );
}
