/** A day run by a cook who does everything when it is its turn, without a browser. */
import { dayPlan, type DayPlan, type PlannedTask } from '@/core/day/day-plan';
import { keptSchedule, keptStarts } from '@/core/day/kept-plan';
import { timeOf } from '@/core/day/moments';
import { dayNow } from '@/core/day/run';
import { startsOf } from '@/core/day/starts-of';
import { beginOf, endOf, followsAtOnce, isBegunByHand } from '@/core/day/steps';
import { type DayInput, type Remembered, workOutDay } from '@/core/day/work-out';
import { applyToDay } from '@/core/stored/day-operations';
import { apply, type Operation } from '@/core/stored/operations';
import { planning, type Progress } from '@/core/schedule/schedule';

/** Plans as the worker does, by steps of the solver instead of by the clock. */
export function planned(input: DayInput, remembered: Remembered, steps = 120): { input: DayInput; plan: DayPlan } {
  const { day, tasks, of } = workOutDay(input, remembered);
  const kept = day.run !== null ? keptSchedule(day, of) : null;
  let schedule = kept;
  if (schedule === null) {
    const run = planning(of.problem, { like: day.run === null ? undefined : keptStarts(day) });
    let best: Progress | null = null;
    for (let n = 0; n < steps || best === null; n++) {
      const { value, done } = run.next();
      best = value ?? best;
      if (done) break;
    }
    schedule = (best as Progress).schedule;
  }
  const plan = dayPlan(day, tasks, of, schedule, false);
  return {
    input: { ...input, day: applyToDay(day, { do: 'keepPlan', plan: { of: 'test', starts: startsOf(plan, day) } }) },
    plan,
  };
}

interface Happened {
  minute: number;
  what: string;
  conflicts: string[];
}

/** Runs a day to its end. @param remembered what has been worked out of batches @param takes how long a step really takes, minutes */
export function runDay(
  begun: DayInput,
  remembered: Remembered,
  takes: (task: PlannedTask, minutes: number) => number = (_t, m) => m,
  most = 300,
) {
  let { input, plan } = planned(begun, remembered);
  const log: Happened[] = [];
  let minute = plan.startMinute;
  const ends = new Map<string, number>();
  for (let n = 0; n < most; n++) {
    const { running, now, isOver } = dayNow(plan, minute);
    if (isOver || now === null) return { log, input, plan, minute };
    const due = running.map((task) => ({ task, at: ends.get(task.id) ?? task.due }));
    const first = due.sort((a, b) => a.at - b.at)[0];
    const passing = plan.tasks
      .filter((t) => t.state === 'planned' && !t.hasHands && isBegunByHand(t))
      .map((task) => ({ task, at: task.start }));
    const toBegin = now.state === 'planned' ? [{ task: now, at: now.start }, ...passing] : passing;
    const act = [...toBegin, ...(first ? [first] : [])].sort((x, y) => x.at - y.at)[0];
    if (act === undefined) return { log, input, plan, minute };
    minute = Math.max(minute, act.at);
    const at = timeOf(minute);
    const { task } = act;
    const begins = task.state === 'planned';
    const follows = begins ? null : followsAtOnce(task, plan);
    const operations = (id: string): Operation[] => {
      const batch = input.batches.find((b) => b.id === id);
      if (!batch || task.batchIds.length !== 1) return [];
      return begins
        ? beginOf(task, batch, at)
        : [...endOf(task, batch, at, plan), ...(follows ? beginOf(follows, batch, at) : [])];
    };
    for (const t of [begins ? task : null, follows])
      if (t) ends.set(t.id, minute + Math.max(1, takes(t, t.end - t.start)));
    const day = begins
      ? applyToDay(input.day, { do: 'startTask', taskId: task.id, at })
      : [
          { do: 'endTask' as const, taskId: task.id, at },
          ...(follows ? [{ do: 'startTask' as const, taskId: follows.id, at }] : []),
        ].reduce(applyToDay, input.day);
    const batches = input.batches.map((b) => (b.id === task.batchIds[0] ? operations(b.id).reduce(apply, b) : b));
    ({ input, plan } = planned({ ...input, day, batches, now: { ...input.now, minute } }, remembered, 8));
    log.push({
      minute,
      what: `${begins ? 'begin' : 'done '} ${task.id}`,
      conflicts: [
        ...plan.conflicts.map((c) => `${c.kind} ${c.byMinutes} ${c.tasks.slice(0, 3).join(' > ')}`),
        ...plan.overdue.map((o) => `overdue ${o.byMinutes} ${o.taskId}`),
      ],
    });
  }
  return { log, input, plan, minute };
}
