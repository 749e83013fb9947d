/** Watches every cooling clock that runs, on whatever page the cook is, and raises its alarms. Shows nothing. */
import { useEffect, useRef } from 'react';
import { coolingClock } from '@/core/batch/cooling-clock';
import { type Batch } from '@/core/batch/schema';
import { formatMinutes } from '@/core/units/format';
import { raiseAlarm } from '@/data/alarm';
import { useBatches, useHeat, useKitchen } from '@/data/hooks';
import { useNow } from '@/data/use-now';

const EVERY_MS = 1000;
/** Warned so long before a deadline, min. */
const WARNING = 10;

export function CoolingWatch() {
  const { data } = useBatches();
  const running = data?.batches.filter((batch) => batch.cool.offHeatAt !== null) ?? [];
  return running.map((batch) => <Watch key={batch.id} batch={batch} />);
}

function Watch({ batch }: { batch: Batch }) {
  const kitchen = useKitchen();
  const { heat } = useHeat(batch, kitchen);
  const now = useNow(EVERY_MS);
  /** What was still ahead when last looked: an alarm is raised when it has come. */
  const ahead = useRef(new Set<string>());
  const clock = heat?.cooling ? coolingClock(batch, heat.cooling, now) : null;
  const events =
    clock === null
      ? []
      : [
          {
            id: 'ready',
            inMinutes: clock.toWrapReady,
            text: `${batch.title}: wrap-ready by the forecast. Measure it.`,
          },
          {
            id: `deadline-${clock.next?.rule ?? ''}`,
            inMinutes: clock.next && !clock.isMeasuredReady ? clock.next.inMinutes - WARNING : null,
            text: `${batch.title}: ${formatMinutes(WARNING)} to the deadline, ${clock.next?.label ?? ''}.`,
          },
          ...clock.moves.map(({ inMinutes, place }, i) => ({
            id: `move-${i}`,
            inMinutes,
            text: `${batch.title}: move it on (${place}).`,
          })),
        ];
  useEffect(() => {
    for (const { id, inMinutes, text } of events) {
      if (inMinutes === null) continue;
      if (inMinutes > 0) ahead.current.add(id);
      else if (ahead.current.delete(id)) raiseAlarm(text, `${batch.id}-${id}`);
    }
  });
  return null;
}
