/** The words of a step beside its rule: a tap opens it, the arrow keys pin it to another time. */
import { Pressable } from 'react-native';
import { mayBegin } from '@/core/day/may-begin';
import { type DayPlan, type PlannedTask } from '@/core/day/day-plan';
import { fullTitle } from '@/core/day/task';
import { type Day } from '@/core/stored/day';
import { Small, Strong } from '@/ui/parts/text';
import { isLarge, useTextSize } from '@/ui/theme/text-size';
import { usePalette } from '@/ui/theme/use-palette';
import { arrowKeys } from './arrow-keys';
import { formatClock, formatSpan, mayBeginWords } from './day-clock';
import * as phrases from './words';

interface Props {
  day: Day;
  task: PlannedTask;
  plan: DayPlan;
  zone: string;
  top: number;
  left: number;
  width: number;
  /** Room for its words, px. */
  high: number;
  onOpen: (taskId: string) => void;
}

export function StepLabel({ day, task, plan, zone, top, left, width, high, onOpen }: Props) {
  const p = usePalette();
  const isDone = task.state === 'done';
  const color = isDone ? p.soft : p.ink;
  const free = mayBeginWords(mayBegin(task, plan), zone);
  const isWordy = isLarge(useTextSize());
  // In large letters there is room for what and when; the rest opens with a tap.
  const more = free === '' ? task.how : free;
  const rest = more === '' || isWordy ? '' : ` · ${more}`;
  return (
    <Pressable
      role="button"
      aria-label={phrases.stepInWords(formatClock(task.start, zone), fullTitle(task), task.isPinned, isDone)}
      onPress={() => onOpen(task.id)}
      {...arrowKeys(day, task, zone, ['ArrowUp', 'ArrowDown'])}
      style={{ position: 'absolute', top, left, width, height: high, overflow: 'hidden' }}
    >
      <Strong numberOfLines={2} style={{ fontSize: 15, lineHeight: 17, color }}>
        {fullTitle(task)}
      </Strong>
      <Small numberOfLines={1} style={{ fontSize: 12, lineHeight: 15, color: free !== '' ? p.turmeric : p.soft }}>
        {formatSpan(task.start, task.end, task.start, zone)}
        {task.isPinned ? ' pinned' : ''}
        {rest}
      </Small>
    </Pressable>
  );
}
