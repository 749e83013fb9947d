/** The one big now: what, how much, how to see that it is done, its time; what comes next; what is still to be added. */
import { router } from 'expo-router';
import { useEffect, useRef } from 'react';
import { Pressable, View } from 'react-native';
import { mayBegin } from '@/core/day/may-begin';
import { type DayPlan, type PlannedTask } from '@/core/day/day-plan';
import { dayNow, stillToAdd } from '@/core/day/run';
import { fullTitle } from '@/core/day/task';
import { type Day } from '@/core/stored/day';
import { type Batch } from '@/core/stored/schema';
import { TASK_KINDS } from '@/core/vocabulary/task-kinds';
import { askToNotify } from '@/data/alarm';
import { beginTask, endTask, leaveOut, moreTime } from '@/data/day-run';
import { useNow } from '@/data/use-now';
import { useWakeLock } from '@/data/use-wake-lock';
import { Press } from '@/ui/parts/press';
import { TaskWarning } from '../task-warning';
import { Body, Heading, Small, Strong } from '@/ui/parts/text';
import { InFoot } from '@/ui/shell/foot';
import { usePalette } from '@/ui/theme/use-palette';
import { countdown } from '../clock-time';
import { formatClock, mayBeginWords } from './day-clock';
import * as phrases from './words';

interface Props {
  day: Day;
  plan: DayPlan;
  batches: readonly Batch[];
  nowMinute: number;
  zone: string;
  onOpen: (taskId: string) => void;
}

/** Within so long after the step has changed a tap still meant the one before, ms. */
const BOUNCE_MS = 600;
/** "Not yet" adds so many minutes. */
const MORE = 5;

/** Before the day begins a better plan may begin with another step: the card is as high for either. Three lines and one, px. */
const BEFORE_PX = 98;

/** What the parts of the card have in common. */
interface Shown {
  act: Parameters<typeof beginTask>[0];
  /** Of the wall clock, ms. */
  ms: number;
  isRunning: boolean;
  zone: string;
  onOpen: (taskId: string) => void;
}

export function NowCard({ day, plan, batches, nowMinute, zone, onOpen }: Props) {
  const isRunning = day.run !== null;
  const ms = Date.parse(useNow(isRunning ? 1000 : 30_000));
  useWakeLock(isRunning);
  const { now: task, next, running, inPassing, waitsFor, isOver, onTo } = dayNow(plan, nowMinute);
  if (isOver) return <Over />;
  if (task === null) return null;
  const shown: Shown = { act: { day, plan, task, batches }, ms, isRunning, zone, onOpen };
  return (
    <View style={{ gap: 12 }}>
      <Now {...shown} waitsFor={waitsFor} onTo={onTo} />
      {running
        .filter((t) => t !== task)
        .map((t) => (
          <Beside key={t.id} {...shown} task={t} />
        ))}
      {isRunning && inPassing.map((t) => <InPassing key={t.id} {...shown} task={t} />)}
      {isRunning && next.map((t) => <Next key={t.id} {...shown} task={t} />)}
    </View>
  );
}

/** The step that is on, or comes next: what, how, until when, and what is done with it. */
function Now(props: Shown & { waitsFor: readonly PlannedTask[]; onTo: PlannedTask | null }) {
  const p = usePalette();
  const { act, ms, isRunning, zone, waitsFor, onOpen } = props;
  const { task } = act;
  const batch = batchOf(act);
  const toAdd = batch ? stillToAdd(task, batch) : [];
  const free = mayBeginWords(mayBegin(task, act.plan), zone);
  return (
    <View
      role="region"
      aria-label="Now"
      style={{ borderLeftWidth: 8, borderLeftColor: p.beet, backgroundColor: p.paper, padding: 14, gap: 6 }}
    >
      <View style={{ flexDirection: 'row', justifyContent: 'space-between', gap: 12 }}>
        <Small>{task.state === 'running' ? 'now' : isRunning ? 'next' : phrases.BEGINS_WITH}</Small>
        <Small>
          {task.state === 'running' ? `since ${formatClock(task.start, zone)}` : formatClock(task.start, zone)}
        </Small>
      </View>
      <View style={{ flexDirection: 'row', alignItems: 'flex-start', gap: 12 }}>
        <Pressable
          role="button"
          aria-label={phrases.moreAbout(fullTitle(task))}
          onPress={() => onOpen(task.id)}
          style={{ flex: 1 }}
        >
          <Heading level={2}>{fullTitle(task)}</Heading>
        </Pressable>
        <Left task={task} ms={ms} isRunning={isRunning} />
      </View>
      <View style={{ gap: 6, minHeight: isRunning ? 0 : BEFORE_PX }}>
        {task.how !== '' && <Body>{task.how}</Body>}
        <TaskWarning task={task} />
        <Small>{task.doneWhen}</Small>
      </View>
      {toAdd.length > 0 && (
        <Body>
          <Strong>{phrases.STILL_TO_ADD}</Strong>
          {toAdd.join(', ')}
        </Body>
      )}
      {waitsFor.length > 0 && (
        <Small>{phrases.waitsFor(waitsFor.map((t) => `${fullTitle(t)} (${formatClock(t.end, zone)})`))}</Small>
      )}
      {free !== '' && <Small style={{ color: p.turmeric }}>{phrases.canBegin(free)}</Small>}
      <Actions {...props} />
    </View>
  );
}

/** The one batch that a step is of. */
const batchOf = ({ task, batches }: Shown['act']): Batch | undefined =>
  batches.find((b) => task.batchIds.length === 1 && b.id === task.batchIds[0]);

/** A finger that taps twice does not end the next step, too. */
function useGuard(task: PlannedTask): (run: () => void) => () => void {
  const changed = useRef(0);
  const shown = `${task.id} ${task.state}`;
  useEffect(() => {
    changed.current = Date.now();
  }, [shown]);
  return (run) => () => {
    if (Date.now() - changed.current > BOUNCE_MS) run();
  };
}

function Actions({ act, isRunning, onTo }: Shown & { onTo: PlannedTask | null }) {
  const { task, day } = act;
  const guarded = useGuard(task);
  const batch = batchOf(act);
  const { station } = TASK_KINDS[task.kind];
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8, marginTop: 4 }}>
      {task.state === 'planned' ? (
        <InFoot>
          <Press
            title={isRunning ? 'Begin' : phrases.BEGIN_THE_DAY}
            kind="solid"
            onPress={guarded(() => {
              askToNotify();
              void beginTask(act);
            })}
          />
        </InFoot>
      ) : (
        <>
          <InFoot>
            <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
              {onTo !== null && (
                <Press
                  title={phrases.DONE_ON_TO_NEXT}
                  label={phrases.doneOnTo(fullTitle(onTo))}
                  kind="solid"
                  icon="check"
                  onPress={guarded(() => void endTask(act, onTo))}
                />
              )}
              <Press
                title="Done"
                kind={onTo === null ? 'solid' : undefined}
                icon="check"
                onPress={guarded(() => void endTask(act))}
              />
            </View>
          </InFoot>
          <Press title={phrases.notYet(MORE)} onPress={() => void moreTime(day.id, task.id, MORE)} />
        </>
      )}
      {isRunning && task.state === 'planned' && <Press title="Done already" onPress={() => void endTask(act)} />}
      {isRunning && task.kind !== 'serve' && (
        <Press title="Leave out" kind="clear" onPress={() => void leaveOut(day.id, task)} />
      )}
      {station !== null && batch && (
        <Press
          title={phrases.openStation(station)}
          kind="clear"
          icon="chevron-right"
          onPress={() => router.navigate(`/batch/${batch.id}/${station}`)}
        />
      )}
    </View>
  );
}

/** What goes on beside it. */
function Beside({ act, ms, task, onOpen }: Shown & { task: PlannedTask }) {
  return (
    <View style={{ flexDirection: 'row', alignItems: 'center', gap: 10 }}>
      <Pressable
        role="button"
        onPress={() => onOpen(task.id)}
        style={{ flex: 1, minHeight: 44, justifyContent: 'center' }}
      >
        <Body numberOfLines={2}>{fullTitle(task)}</Body>
      </Pressable>
      <Left task={task} ms={ms} isRunning small />
      <Press title="Done" label={`${fullTitle(task)}: done`} onPress={() => void endTask({ ...act, task })} />
    </View>
  );
}

/** What can be begun in passing. */
function InPassing({ act, task, zone, onOpen }: Shown & { task: PlannedTask }) {
  return (
    <View style={{ flexDirection: 'row', alignItems: 'center', gap: 10 }}>
      <Small style={{ minWidth: 48 }}>{formatClock(task.start, zone)}</Small>
      <Pressable
        role="button"
        onPress={() => onOpen(task.id)}
        style={{ flex: 1, minHeight: 44, justifyContent: 'center' }}
      >
        <Body>{phrases.inPassing(fullTitle(task))}</Body>
      </Pressable>
      <Press title="Begin" label={`${fullTitle(task)}: begin`} onPress={() => void beginTask({ ...act, task })} />
    </View>
  );
}

/** What comes after it. */
function Next({ task, zone, onOpen }: Shown & { task: PlannedTask }) {
  return (
    <Pressable
      role="button"
      onPress={() => onOpen(task.id)}
      style={{ flexDirection: 'row', gap: 10, minHeight: 44, alignItems: 'center' }}
    >
      <Small testID="next" style={{ minWidth: 48 }}>
        {formatClock(task.start, zone)}
      </Small>
      <Body style={{ flex: 1 }}>{fullTitle(task)}</Body>
    </Pressable>
  );
}

/** Minutes and seconds to go; past the end how long since. */
function Left({
  task,
  ms,
  isRunning,
  small = false,
}: {
  task: PlannedTask;
  ms: number;
  isRunning: boolean;
  small?: boolean;
}) {
  const p = usePalette();
  if (!isRunning) return null;
  const to = task.state === 'running' ? task.due : task.start;
  const seconds = Math.round(to * 60 - ms / 1000);
  const isOver = seconds < 0;
  const s = Math.abs(seconds);
  return (
    <Strong
      role="timer"
      aria-label={phrases.minutesAway(isOver, task.state, s)}
      style={{ fontSize: small ? 18 : 30, lineHeight: small ? 24 : 36, color: isOver ? p.beet : p.ink }}
    >
      {isOver ? '+' : ''}
      {countdown(s)}
    </Strong>
  );
}

function Over() {
  return (
    <View role="status">
      <Heading level={2}>All done</Heading>
      <Body>{phrases.WHAT_IT_TOOK}</Body>
    </View>
  );
}
