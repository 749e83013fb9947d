/** One step: what, how much, how long, when; changed, pinned, left out, begun, done. */
import { lazy, Suspense } from 'react';
import { View } from 'react-native';
import { mayBegin } from '@/core/day/may-begin';
import { type DayPlan, type PlannedTask } from '@/core/day/day-plan';
import { minuteOf, timeOf } from '@/core/day/moments';
import { fullTitle } from '@/core/day/task';
import { type Day } from '@/core/stored/day';
import { type DayOperation } from '@/core/stored/day-operations';
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

export function TaskSheet(props: Props) {
  const { plan, task, zone, nowMinute, onClose } = props;
  const free = mayBeginWords(mayBegin(task, plan), zone);
  const after = plan.tasks.filter((t) => task.after.some(({ id }) => id === t.id));
  const span = formatSpan(task.start, task.end, nowMinute, zone);
  return (
    <Suspense fallback={null}>
      <Sheet title={fullTitle(task)} onClose={onClose}>
        <Body>{phrases.stepFrom(span, task.end - task.start, task.hasHands)}</Body>
        {task.how !== '' && <Body>{task.how}</Body>}
        <TaskWarning task={task} />
        <Small>{task.doneWhen}</Small>
        {after.length > 0 && <Small>After: {after.map(fullTitle).join('; ')}</Small>}
        {free !== '' && <Small>{phrases.canBegin(free)}</Small>}
        <Times {...props} />
        <Actions {...props} />
      </Sheet>
    </Suspense>
  );
}

/** How long it takes where the cook has said so, min. */
const saidMinutes = ({ day, task }: Props): number | null =>
  day.changes.find((c) => c.taskId === task.id)?.minutes ?? null;

/** How long it takes, and when it begins or began. */
function Times(props: Props) {
  const { day, task, zone, nowMinute } = props;
  const edit = (operation: DayOperation) => editDay(day.id, operation, { where: 'beside' });
  return (
    <>
      <AmountField
        label={task.isEstimate ? 'Takes (estimate)' : 'Takes'}
        unit="min"
        value={saidMinutes(props) ?? task.minutes}
        {...LIMITS.taskMinutes}
        step={5}
        whole
        onChange={(minutes) => edit({ do: 'changeTask', taskId: task.id, to: { minutes } })}
      />
      {task.state === 'planned' && (
        <ClockField
          label={task.isPinned ? 'Pinned to' : 'Pin to'}
          minute={task.start}
          zone={zone}
          hasDay={Math.abs(minuteOf(day.serveAt) - task.start) > 12 * 60}
          onChange={(minute) => edit({ do: 'pin', taskId: task.id, at: timeOf(minute) })}
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
            return edit({ do: 'beganAt', taskId: task.id, at: timeOf(began) });
          }}
        />
      )}
    </>
  );
}

/** Each closes the sheet. */
function Actions(props: Props) {
  const { day, plan, task, batches, onClose } = props;
  const act = { day, plan, task, batches };
  const and = (run: Promise<unknown>) => {
    void run;
    onClose();
  };
  const isDone = task.state === 'done';
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
      {task.isPinned && (
        <Press
          title={phrases.LET_IT_GO}
          onPress={() => and(editDay(day.id, { do: 'pin', taskId: task.id, at: null }))}
        />
      )}
      {saidMinutes(props) !== null && (
        <Press
          title={phrases.RESET_TO_ESTIMATE}
          onPress={() => and(editDay(day.id, { do: 'changeTask', taskId: task.id, to: { minutes: null } }))}
        />
      )}
      {task.state === 'planned' && <Press title="Begin now" onPress={() => and(beginTask(act))} />}
      {!isDone && <Press title="Done" icon="check" onPress={() => and(endTask(act))} />}
      {isDone && (
        <Press
          title={phrases.NOT_DONE_AFTER_ALL}
          onPress={() => and(editDay(day.id, { do: 'forgetTask', taskId: task.id }))}
        />
      )}
      {!isDone && task.kind !== 'serve' && (
        <Press title={phrases.LEAVE_IT_OUT} onPress={() => and(leaveOut(day.id, task))} />
      )}
    </View>
  );
}
