/** Watches every cooling clock that runs, on whatever page the cook is, and raises its alarms. Shows nothing. */
import { useEffect, useRef } from 'react';
import { clockEvents, isProblem, tagOf } from '@/core/cooling/clock-events';
import { coolingClock, type CoolingClock } from '@/core/cooling/clock';
import { type Batch } from '@/core/stored/schema';
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
  const { heat } = useHeat(batch, kitchen, 'first');
  const time = useRunTime(batch, EVERY_MS);
  const opened = useRef(time);
  const before = useRef<CoolingClock | null>(null);
  const cooling = heat?.cooling ?? null;
  useEffect(() => {
    if (cooling === null) return;
    const look = ({ now, latest }: typeof time): void => {
      const clock = coolingClock(batch, cooling, now, latest);
      if (clock === null) return;
      for (const event of clockEvents(before.current, clock, kitchen.temperature)) {
        const kind = isProblem(event) ? 'problem' : 'done';
        void raiseAlarm(`${batch.title}: ${event.text}`, tagOf(batch, event, clock), `/batch/${batch.id}/cool`, kind);
      }
      before.current = clock;
    };
    // The forecast comes after the page: what has come due meanwhile is due since the page was opened.
    if (before.current === null) look(opened.current);
    look(time);
  });
  return null;
}
