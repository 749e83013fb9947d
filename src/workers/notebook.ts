/** Why a batch came out as it did, and what to change: with its forecasts, so for a worker. */
import { forecastHeat } from '../core/forecast/heat';
import { type Kitchen } from '../core/stored/kitchen-schema';
import { type Batch } from '../core/stored/schema';
import { type Explained, findCauses } from '../core/notebook/find-causes';
import { type NextChange } from '../core/notebook/next-batch';
import { nextVersion } from '../core/notebook/next-version';
import { lessonsOf, type Taught } from '../core/notebook/lessons';
import { numbersOf } from '../core/notebook/numbers';
import { type FormOutcomes, outcomesByForm, type Trend, trendsOf } from '../core/notebook/trends';

export interface Why {
  explained: Explained[];
  changes: NextChange[];
  /** What its kitchen could learn of it. */
  lessons: Taught[];
}

/** Causes of what was noted, ranked, and the proposal for the next version. */
export function explainBatch(batch: Batch, kitchen: Kitchen): Why {
  const heat = forecastHeat(batch, kitchen, 'ways');
  const numbers = numbersOf(batch, kitchen, heat);
  const explained = findCauses(numbers);
  return { explained, changes: nextVersion(numbers, explained, heat), lessons: lessonsOf(numbers, explained) };
}

/** How the noted batches went. */
export const readTrends = (
  batches: readonly Batch[],
  kitchen: Kitchen,
): { trends: Trend[]; forms: FormOutcomes[] } => ({
  trends: trendsOf(batches, kitchen),
  forms: outcomesByForm(batches),
});
