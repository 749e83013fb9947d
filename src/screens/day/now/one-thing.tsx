/** The one thing: what, how much, until when, and how to see that it is done; as large as there is room. */
import { View } from 'react-native';
import { type OneNow } from '@/core/day/one-batch';
import { type PlannedTask } from '@/core/day/day-plan';
import { neededWords } from '@/core/day/one-batch-words';
import { type Limit } from '@/core/safety/core-limit';
import { type Kitchen } from '@/core/stored/kitchen';
import { type Batch } from '@/core/stored/schema';
import { formatMinutes } from '@/core/units/format';
import { Body, Heading, Sentence, Small, Strong } from '@/ui/parts/text';
import { usePalette } from '@/ui/theme/use-palette';
import { clockTime, countdown } from '../../clock-time';
import { TaskWarning } from '../../task-warning';
import { toAddWords } from './to-add';
import * as phrases from '../words';

interface Props {
  batch: Batch;
  kitchen: Kitchen;
  now: OneNow;
  at: string;
  /** A step has been begun. */
  isBegun: boolean;
  /** How hot it must be. */
  limit: Limit;
}

export function OneThing({ batch, kitchen, now, at, isBegun, limit }: Props) {
  const p = usePalette();
  const { now: task, waitsFor } = now;
  if (task === null) return null;
  const toAdd = toAddWords(batch, task, kitchen);
  // What goes in stands below, each with its amount.
  const how = toAdd.length === 0 ? task.how : task.how.split('; ').slice(1).join('; ');
  const needed = task.kind === 'load' ? neededWords(limit, kitchen.temperature) : null;
  return (
    <View
      role="region"
      aria-label="Now"
      style={{ borderLeftWidth: 8, borderLeftColor: p.beet, paddingLeft: 16, gap: 10 }}
    >
      <Small style={{ fontSize: 17 }}>
        {task.state === 'running' ? 'Now' : isBegun ? 'Next' : phrases.IT_BEGINS_WITH}
      </Small>
      <Heading level={2} style={{ fontSize: 34, lineHeight: 40 }}>
        {task.title}
      </Heading>
      <Time task={task} at={at} />
      {how !== '' && <Body style={{ fontSize: 24, lineHeight: 32 }}>{how}</Body>}
      {needed !== null && <Sentence text={needed} style={{ fontSize: 24, lineHeight: 32 }} />}
      <TaskWarning task={task} />
      {toAdd.length > 0 && (
        <View role="list" aria-label="Goes in" style={{ gap: 2 }}>
          {toAdd.map(({ id, name, amount }) => (
            <View role="listitem" key={id} style={{ flexDirection: 'row', gap: 12 }}>
              <Strong style={{ fontSize: 22, lineHeight: 30, minWidth: 96 }}>{amount}</Strong>
              <Body style={{ fontSize: 22, lineHeight: 30, flex: 1 }}>{name}</Body>
            </View>
          ))}
        </View>
      )}
      <Body soft style={{ fontSize: 19, lineHeight: 26 }}>
        {task.doneWhen}
      </Body>
      {waitsFor.length > 0 && (
        <Body style={{ fontSize: 19, lineHeight: 26 }}>
          First: {waitsFor.map((t) => phrases.untilTime(t.title, clockTime(t.end * 60_000))).join('; ')}
        </Body>
      )}
    </View>
  );
}

/** How long it still takes, or how long hands are at it. */
function Time({ task, at }: { task: PlannedTask; at: string }) {
  const p = usePalette();
  if (task.state !== 'running')
    return <Body style={{ fontSize: 19, lineHeight: 26 }}>about {formatMinutes(task.minutes)}</Body>;
  const seconds = task.due * 60 - Date.parse(at) / 1000;
  const isOver = seconds < 0;
  return (
    <View style={{ flexDirection: 'row', alignItems: 'baseline', gap: 12, flexWrap: 'wrap' }}>
      <Strong
        role="timer"
        aria-label={isOver ? phrases.TIME_IS_UP : phrases.minutesLeft(seconds)}
        style={{ fontSize: 56, lineHeight: 62, color: isOver ? p.beet : p.ink }}
      >
        {isOver ? '+' : ''}
        {countdown(Math.abs(seconds))}
      </Strong>
      <Body style={{ fontSize: 19 }}>{isOver ? 'over' : phrases.leftUntil(clockTime(task.due * 60_000))}</Body>
    </View>
  );
}
