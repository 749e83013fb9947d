/** Watches every load that is in the heat, on whatever page the cook is, and raises its alarms. Shows nothing. */
import { useEffect } from 'react';
import { cookEvents, minutesIn } from '@/core/cooking/cook-clock';
import { type Batch } from '@/core/stored/schema';
import { raiseAlarm } from '@/data/alarm';
import { useBatches } from '@/data/hooks';
import { useRunTime } from '@/data/run-time';

const EVERY_MS = 1000;

export function CookWatch() {
  const { data } = useBatches();
  return data?.batches.map(
    (batch) => batch.cook.run && <Watch key={`${batch.id} ${batch.cook.run.inAt}`} batch={batch} />,
  );
}

function Watch({ batch }: { batch: Batch }) {
  const { latest } = useRunTime(batch, EVERY_MS, 'cook');
  const { run } = batch.cook;
  useEffect(() => {
    if (run === null) return;
    const elapsed = minutesIn(run, latest);
    // Of what was missed while nobody looked the latest counts.
    const due = cookEvents(batch.cook).filter(({ minute }) => minute <= elapsed);
    const last = due[due.length - 1];
    if (last)
      void raiseAlarm(
        `${batch.title}: ${last.text}`,
        `${batch.id} cook ${run.inAt} ${last.minute}`,
        `/batch/${batch.id}/cook`,
      );
  });
  return null;
}
