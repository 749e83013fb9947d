/** What was rehearsed and comes in as a batch like any other: nothing that was read in it is a measurement. */
import { type Batch } from './schema';
import { PRACTICE } from '../vocabulary/sources';

const practised = <Run extends { readings: Batch['cook']['readings'] | NonNullable<Batch['cool']['run']>['readings'] }>(
  run: Run,
): Run => ({ ...run, readings: run.readings.map((reading) => ({ ...reading, source: PRACTICE })) });

export const asPractice = (batch: Batch): Batch => ({
  ...batch,
  cool: {
    ...batch.cool,
    run: batch.cool.run && practised(batch.cool.run),
    earlierRuns: batch.cool.earlierRuns.map(practised),
  },
  cook: practised(batch.cook),
});
