/** Watches every cooling clock that runs, on whatever page the cook is, and raises its alarms. Shows nothing. */
import { useEffect, useRef } from 'react';
import { clockEvents } from '@/core/batch/clock-events';
import { coolingClock, type CoolingClock } from '@/core/batch/cooling-clock';
import { type Batch } from '@/core/batch/schema';
import { raiseAlarm } from '@/data/alarm';
import { useHeat } from '@/data/heat';
import { useBatches, useKitchen } from '@/data/hooks';
import { useRunTime } from '@/data/run-time';

const EVERY_MS = 1000;

export function CoolingWatch() {
  const { data } = useBatches();
  return data?.batches.map(
    (batch) => batch.cool.run && <Watch key={`${batch.id} ${batch.cool.run.offHeatAt}`} batch={batch} />,
  );
}

/** One run: another run is looked at anew. */
function Watch({ batch }: { batch: Batch }) {
  const kitchen = useKitchen();
  const { heat } = useHeat(batch, kitchen);
  const { now, latest } = useRunTime(batch, EVERY_MS);
  const before = useRef<CoolingClock | null>(null);
  const clock = heat?.cooling ? coolingClock(batch, heat.cooling, now, latest) : null;
  useEffect(() => {
    if (clock === null) return;
    for (const { id, kind, text } of clockEvents(before.current, clock)) {
      // A deadline is missed once. What comes again after a reading has moved it is raised again; two tabs raise it together.
      const when = kind === 'missed' ? '' : Math.round(clock.elapsed);
      const tag = `${batch.id} ${batch.cool.run?.offHeatAt ?? ''} ${id} ${when}`;
      void raiseAlarm(`${batch.title}: ${text}`, tag, kind === 'missed' ? 'problem' : 'done');
    }
    before.current = clock;
  });
  return null;
}
