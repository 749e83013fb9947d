/** Watches every day that runs, on whatever page the cook is, and raises its alarms. Shows nothing. */
import { useEffect } from 'react';
import { dueNow } from '@/core/day/day-events';
import { type Day } from '@/core/stored/day';
import { raiseAlarm } from '@/data/alarm';
import { useDays } from '@/data/days';
import { latestOf } from '@/data/run-time';
import { useNow } from '@/data/use-now';

const EVERY_MS = 1000;

export function DayWatch() {
  const { data } = useDays();
  return data?.days.map((day) => day.run && <Watch key={`${day.id} ${day.run.startedAt}`} day={day} />);
}

function Watch({ day }: { day: Day }) {
  const now = useNow(EVERY_MS);
  useEffect(() => {
    const latest = latestOf(`day ${day.id}`, now);
    for (const { id, text, isProblem } of dueNow(day, Date.parse(latest)))
      void raiseAlarm(text, `${day.id} ${day.run?.startedAt} ${id}`, '/day', isProblem ? 'problem' : 'done');
  });
  return null;
}
