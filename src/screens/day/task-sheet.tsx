/** One step: what, how much, how long, when; changed, pinned, left out, begun, done. */
import { lazy, Suspense } from 'react';
import { View } from 'react-native';
import { mayBegin } from '@/core/day/may-begin';
import { type DayPlan, type PlannedTask } from '@/core/day/day-plan';
import { minuteOf, timeOf } from '@/core/day/moments';
import { fullTitle } from '@/core/day/task';
import { type Day } from '@/core/stored/day';
import { type Batch } from '@/core/stored/schema';
import { type TaskKind } from '@/core/vocabulary/task-kinds';
import { LIMITS } from '@/core/vocabulary/limits';
import { beginTask, endTask, leaveOut } from '@/data/day-run';
import { editDay } from '@/data/days';
import { AmountField } from '@/ui/parts/amount-field';
import { Press } from '@/ui/parts/press';
import { Body, Small } from '@/ui/parts/text';
import { ClockField } from './clock-field';
import { TaskWarning } from '../task-warning';
import { formatSpan, mayBeginWords } from './day-clock';
import * as phrases from './words';

const Sheet = lazy(() => import('@/ui/parts/sheet').then((m) => ({ default: m.Sheet })));

interface Props {
  day: Day;
  plan: DayPlan;
  task: PlannedTask;
  batches: readonly Batch[];
  zone: string;
  nowMinute: number;
  onClose: () => void;
}

/** Their clocks are at their stations, and are set there. */
const HAS_CLOCK: readonly TaskKind[] = ['cool', 'wrap', 'load'];

export function TaskSheet({ day, plan, task, batches, zone, nowMinute, onClose }: Props) {
  const serve = minuteOf(day.serveAt);
  const act = { day, plan, task, batches };
  const and = (run: Promise<unknown>) => {
    void run;
    onClose();
  };
  const own = day.changes.find((c) => c.taskId === task.id)?.minutes ?? null;
  const planned = task.end - task.start;
  const free = mayBeginWords(mayBegin(task, plan), zone);
  const after = plan.tasks.filter((t) => task.after.some(({ id }) => id === t.id));
  return (
    <Suspense fallback={null}>
      <Sheet title={fullTitle(task)} onClose={onClose}>
        <Body>{phrases.stepFrom(formatSpan(task.start, task.end, nowMinute, zone), planned, task.hasHands)}</Body>
        {task.how !== '' && <Body>{task.how}</Body>}
        <TaskWarning task={task} />
        <Small>{task.doneWhen}</Small>
        {after.length > 0 && <Small>After: {after.map(fullTitle).join('; ')}</Small>}
        {free !== '' && <Small>{phrases.canBegin(free)}</Small>}
        <AmountField
          label={task.isEstimate ? 'Takes (estimate)' : 'Takes'}
          unit="min"
          value={own ?? task.minutes}
          {...LIMITS.taskMinutes}
          step={5}
          whole
          onChange={(minutes) =>
            editDay(day.id, { do: 'changeTask', taskId: task.id, to: { minutes } }, { where: 'beside' })
          }
        />
        {task.state === 'planned' && (
          <ClockField
            label={task.isPinned ? 'Pinned to' : 'Pin to'}
            minute={task.start}
            zone={zone}
            hasDay={Math.abs(serve - task.start) > 12 * 60}
            onChange={(minute) =>
              editDay(
                day.id,
                { do: 'pin', taskId: task.id, at: new Date(minute * 60_000).toISOString() },
                { where: 'beside' },
              )
            }
          />
        )}
        {task.state === 'running' && !HAS_CLOCK.includes(task.kind) && (
          <ClockField
            label="Began at"
            minute={task.start}
            zone={zone}
            onChange={(minute) => {
              // Nothing began in the future: what is later than now was yesterday.
              const began = minute > nowMinute ? minute - 24 * 60 : minute;
              return editDay(day.id, { do: 'beganAt', taskId: task.id, at: timeOf(began) }, { where: 'beside' });
            }}
          />
        )}
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
          {task.isPinned && (
            <Press
              title={phrases.LET_IT_GO}
              onPress={() => and(editDay(day.id, { do: 'pin', taskId: task.id, at: null }))}
            />
          )}
          {own !== null && (
            <Press
              title={phrases.RESET_TO_ESTIMATE}
              onPress={() => and(editDay(day.id, { do: 'changeTask', taskId: task.id, to: { minutes: null } }))}
            />
          )}
          {task.state === 'planned' && <Press title="Begin now" onPress={() => and(beginTask(act))} />}
          {task.state !== 'done' && <Press title="Done" icon="check" onPress={() => and(endTask(act))} />}
          {task.state === 'done' && (
            <Press
              title={phrases.NOT_DONE_AFTER_ALL}
              onPress={() => and(editDay(day.id, { do: 'forgetTask', taskId: task.id }))}
            />
          )}
          {task.state !== 'done' && task.kind !== 'serve' && (
            <Press title={phrases.LEAVE_IT_OUT} onPress={() => and(leaveOut(day.id, task))} />
          )}
        </View>
      </Sheet>
    </Suspense>
  );
}
