/** A day's plan as it stands: worked out from the day, its batches and the kitchen, and kept with the day when it is. */
import { useEffect, useMemo, useRef } from 'react';
import { seedOf } from '@/core/random/seed';
import { startsOf } from '@/core/day/starts-of';
import { type DayInput } from '@/core/day/work-out';
import { type Day } from '@/core/stored/day';
import { type Kitchen } from '@/core/stored/kitchen';
import { type Batch } from '@/core/stored/schema';
import { editDay } from './days';
import { useBatches, useStoredKitchen } from './hooks';
import { usePlanner } from './planner';

/** The time zone of this device. */
export const hereZone = (): string => Intl.DateTimeFormat().resolvedOptions().timeZone;

/** While it runs, a plan whose next step is overdue is worked out anew so often, minutes. */
const OVERDUE_STEP = 2;

/** What a plan follows from: another key is another plan. */
function keyOf(day: Day, batches: readonly Batch[], kitchen: Kitchen, late: number): string {
  const {
    plan: _p,
    there: _t,
    title: _n,
    revision: _r,
    writer: _w,
    edits: _e,
    updatedAt: _u,
    createdAt: _c,
    ...rest
  } = day;
  const of = batches.map((b) => [b.id, b.revision, b.writer]);
  const text = JSON.stringify([rest, of, kitchen.revision, kitchen.writer, late, hereZone()]);
  return `${seedOf(text).toString(36)}-${text.length}-${seedOf([...text].reverse().join('')).toString(36)}`;
}

/** Minutes since the first step that should have begun, in steps; 0 where all are in time. */
function lateStep(day: Day, minute: number): number {
  if (day.run === null || day.plan === null) return 0;
  const { did } = day.run;
  const due = day.plan.starts.some(
    (s) => Date.parse(s.at) / 60_000 < minute - OVERDUE_STEP && !did.some((d) => d.taskId === s.taskId),
  );
  const over = did.some((d) => d.endedAt === null);
  return due || over ? Math.floor(minute / OVERDUE_STEP) : 0;
}

/** @param minute epoch minute now */
export function useDayPlan(day: Day | null, minute: number) {
  const { data } = useBatches();
  const kitchen = useStoredKitchen()?.kitchen;
  const batches = useMemo(
    () => (data?.batches ?? []).filter((b) => day?.batches.some((made) => made.batchId === b.id)),
    [data, day],
  );
  const isOpened = data !== undefined && kitchen !== undefined;
  const isReady = day !== null && isOpened && batches.length > 0;
  const key = isReady ? keyOf(day, batches, kitchen, lateStep(day, minute)) : null;
  const input: DayInput | null = isReady ? { day, batches, kitchen, now: { minute, zone: hereZone() } } : null;
  const planned = usePlanner(key, input);
  const { plan, stage } = planned;
  const shown = useRef(day);
  useEffect(() => {
    shown.current = day;
  });
  useEffect(() => {
    const now = shown.current;
    if (now === null || key === null || plan === null || stage !== 'done' || now.plan?.of === key) return;
    void editDay(now.id, { do: 'keepPlan', plan: { of: key, starts: startsOf(plan, now) } }, { isStep: false });
  }, [key, plan, stage]);
  /** All is said that there is to say at first: nothing below is pushed down by it any more. */
  const isSaid = isOpened && (batches.length === 0 || plan !== null || stage === 'failed' || stage === 'stopped');
  return { ...planned, batches, isReady, isSaid };
}
